import type { Knex } from 'knex';
import type { Configuration, Product } from '../../core/model';
import { matchSocket, type Verdict } from '../../core/match';
import { withSubject } from '../../core/record';
import {
	questionViews,
	type ConsequenceView,
	type DependenceView,
	type NextFactView,
	type QuestionView
} from '../../core/views';
import { settle, vehicleName } from '../../core/vehicle';
import { findConfiguration, findConfigurations } from '../repositories/configurations';
import { recentRecords } from '../repositories/events';
import { kitsOf } from '../repositories/kits';
import { configurationsWithQuestions, countQuestions, questionsOpen } from '../repositories/questions';
import { shopData, type ShopData } from './catalogue';
import { CONFIGURATIONS } from './record/store';
import { showNext } from './vehicle';

/** An open question with the vehicle it is about. */
export interface VehicleQuestion extends QuestionView {
	vehicle: { id: string; name: string };
}

/** Questions of the shop's list shown at once. */
export const QUESTIONS_A_PAGE = 50;

/** What names a question of a vehicle. */
export interface Named {
	kind: string;
	subject: string;
	fact: string;
}

/** The questions of a vehicle, with the vehicle each is about. */
const questionsOf = (configuration: Configuration): VehicleQuestion[] =>
	questionViews(configuration).map((question) => ({
		...question,
		vehicle: { id: configuration.id, name: vehicleName(configuration) }
	}));

const isNamed =
	({ kind, subject, fact }: Named) =>
	(question: QuestionView) =>
		question.subject.kind === kind && question.subject.id === subject && question.fact === fact;

/** A part of the open questions of the shop, vehicle by vehicle, and how many there are. */
export async function openShopQuestions(
	db: Knex,
	{ from = 0 } = {}
): Promise<{ questions: VehicleQuestion[]; total: number }> {
	const rows = await questionsOpen(db, { from, most: QUESTIONS_A_PAGE });
	const found = await findConfigurations(db, [...new Set(rows.map((row) => row.configuration))]);
	const byVehicle = new Map(found.map((configuration) => [configuration.id as string, questionsOf(configuration)]));
	const questions = rows.flatMap((row) => byVehicle.get(row.configuration)?.find(isNamed(row)) ?? []);
	return { questions, total: await countQuestions(db) };
}

/** One open question of a vehicle; null when it is not open any more. */
export async function openQuestion(db: Knex, id: string, named: Named): Promise<VehicleQuestion | null> {
	const configuration = await findConfiguration(db, id);
	return (configuration && questionsOf(configuration).find(isNamed(named))) ?? null;
}

function socketsOf(configuration: Configuration, { kind, id }: QuestionView['subject']): Set<string> {
	if (kind === 'socket') return new Set([id]);
	if (kind === 'vehicle') return new Set(configuration.sockets.map((s) => s.id));
	if (kind === 'operation') {
		const places = configuration.access?.operations.find((operation) => operation.id === id)?.reaches ?? [];
		return new Set(configuration.sockets.flatMap((s) => (places.includes(s.id) ? [s.id] : [])));
	}
	const channels =
		kind === 'channel'
			? configuration.channels.filter((c) => c.id === id)
			: configuration.channels.filter((c) => c.monitor?.kind === 'flasher');
	return new Set(channels.flatMap((c) => c.feeds.map((f) => f.socket)));
}

/** Verdict of every product on every socket concerned, under one value. */
function verdicts(configuration: Configuration, sockets: ReadonlySet<string>, { catalogue, shop }: ShopData) {
	const all = new Map<string, { product: Product; socket: string; verdict: Verdict }>();
	for (const socket of configuration.sockets) {
		if (!sockets.has(socket.id)) continue;
		for (const { product, verdict } of matchSocket({ configuration, catalogue, shop }, socket).candidates)
			all.set(`${socket.id} ${product.id}`, { product, socket: socket.id, verdict });
	}
	return all;
}

/** What depends on an open question; null when it is not open any more. */
export async function dependenceOf(db: Knex, id: string, wanted: Named): Promise<DependenceView | null> {
	const configuration = await findConfiguration(db, id);
	const question = configuration && questionViews(configuration).find(isNamed(wanted));
	if (!configuration || !question) return null;
	// Each value is looked at as if the question were settled by it.
	const settled = (value: unknown) =>
		withSubject(configuration, question.subject, (s) =>
			settle(question.subject.kind, s, { fact: question.fact, value, on: '' })
		) ?? configuration;
	const data = await shopData(db, { configurations: question.values.map(({ value }) => settled(value)) });
	const sockets = socketsOf(configuration, question.subject);
	const inForce = verdicts(settled(question.values[0]?.value), sockets, data);
	const consequences = question.values.map(({ value, text }): ConsequenceView => {
		const under = verdicts(settled(value), sockets, data);
		const counts: Record<Verdict, number> = { fits: 0, parts: 0, unknown: 0, refused: 0 };
		for (const { verdict } of under.values()) counts[verdict] += 1;
		const keys = new Set([...inForce.keys(), ...under.keys()]);
		const changes = [...keys].flatMap((key): ConsequenceView['changes'] => {
			const [from, to] = [inForce.get(key), under.get(key)];
			const named = from ?? to;
			const before = from?.verdict ?? 'refused';
			const after = to?.verdict ?? 'refused';
			return named && before !== after
				? [{ product: `${named.product.maker} ${named.product.name}`, socket: named.socket, from: before, to: after }]
				: [];
		});
		return { value, text, counts, changes };
	});
	const kits = (await kitsOf(db, id)).flatMap((kit) => {
		const lines = kit.answer.lines.filter((line) => line.sockets.some((socket) => sockets.has(socket)));
		return lines.length > 0
			? [{ id: kit.id, name: kit.name, state: kit.state, products: lines.map((line) => line.name) }]
			: [];
	});
	return { consequences, kits };
}

/** Vehicles looked at for what to find out next, and facts shown of each. */
const VEHICLES_LOOKED_AT = 6;
const FACTS_EACH = 3;

/** What to find out next about a vehicle. */
export interface VehicleNext {
	id: string;
	name: string;
	facts: NextFactView[];
}

/** What to find out next about the vehicles that were changed last, or have questions. */
export async function nextInShop(db: Knex): Promise<VehicleNext[]> {
	const prefix = CONFIGURATIONS.name('');
	const recent = await recentRecords(db, prefix, VEHICLES_LOOKED_AT);
	const questioned = await configurationsWithQuestions(db, VEHICLES_LOOKED_AT);
	const found = await findConfigurations(db, [...new Set([...recent, ...questioned])].slice(0, VEHICLES_LOOKED_AT));
	const all: VehicleNext[] = [];
	for (const configuration of found) {
		const facts = ((await showNext(db, configuration.id))?.facts ?? []).slice(0, FACTS_EACH);
		if (facts.length > 0) all.push({ id: configuration.id, name: vehicleName(configuration), facts });
	}
	return all;
}
