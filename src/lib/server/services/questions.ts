import type { Knex } from 'knex';
import type { Configuration, Product } from '../../core/model';
import { matchSocket, type Verdict } from '../../core/match';
import { withSubject } from '../../core/record';
import {
	nextFactViews,
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
import { configurationsWithQuestions } from '../repositories/questions';
import { shopData, type ShopData } from './catalogue';
import { CONFIGURATIONS } from './record/store';

/** An open question with the vehicle it is about. */
export interface VehicleQuestion extends QuestionView {
	vehicle: { id: string; name: string };
}

/** All open questions of the shop, vehicle by vehicle. */
export async function openShopQuestions(db: Knex): Promise<VehicleQuestion[]> {
	const ids = await configurationsWithQuestions(db);
	const all: VehicleQuestion[] = [];
	for (const id of ids) {
		const configuration = await findConfiguration(db, id);
		if (!configuration) continue;
		const vehicle = { id, name: vehicleName(configuration) };
		all.push(...questionViews(configuration).map((question) => ({ ...question, vehicle })));
	}
	return all;
}

function socketsOf(configuration: Configuration, { kind, id }: QuestionView['subject']): Set<string> {
	if (kind === 'socket') return new Set([id]);
	if (kind === 'vehicle') return new Set(configuration.sockets.map((s) => s.id));
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
export async function dependenceOf(
	db: Knex,
	id: string,
	wanted: { kind: string; subject: string; fact: string }
): Promise<DependenceView | null> {
	const configuration = await findConfiguration(db, id);
	const question =
		configuration &&
		questionViews(configuration).find(
			(q) => q.subject.kind === wanted.kind && q.subject.id === wanted.subject && q.fact === wanted.fact
		);
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

/** What to find out next about the vehicles that were changed last, or have questions. */
export async function nextInShop(db: Knex): Promise<{ id: string; name: string; facts: NextFactView[] }[]> {
	const prefix = CONFIGURATIONS.name('');
	const recent = [...(await recentRecords(db, prefix, VEHICLES_LOOKED_AT)), ...(await configurationsWithQuestions(db))];
	const found = await findConfigurations(db, [...new Set(recent)].slice(0, VEHICLES_LOOKED_AT));
	const data = await shopData(db, { configurations: found });
	return found.flatMap((configuration) => {
		const facts = nextFactViews(configuration, data).slice(0, FACTS_EACH);
		return facts.length > 0 ? [{ id: configuration.id, name: vehicleName(configuration), facts }] : [];
	});
}
