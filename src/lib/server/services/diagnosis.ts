import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import {
	isMode,
	MODE_IDS,
	modeLabel,
	MODES,
	simulate,
	vehicleCircuit,
	withAssumedOutputs,
	type Fitted,
	type FittedLamp,
	type ModeId
} from '../../core/circuit';
import { assemblyLamp, partsWhereFitted } from '../../core/kit';
import {
	causeWords,
	contradictions,
	Diagnosis,
	lessonFrom,
	observationsOf,
	observationWords,
	whyWords,
	type Lesson,
	type Standing
} from '../../core/learn';
import type { Configuration, Product, RemedyKind } from '../../core/model';
import { playMode, type Play } from '../../core/views';
import { fingerprint } from '../fingerprint';
import { findComplaint, settledCauses, type StoredComplaint } from '../repositories/complaints';
import { findConfiguration } from '../repositories/configurations';
import { findAccessories } from '../repositories/products';
import { findRevision } from '../repositories/kit-revisions';
import { findFitting } from '../repositories/fittings';
import { lampsNamed } from './complaints';
import { kitOfFitting } from './fitted-lamps';
import { shopData } from './catalogue';
import type { FrozenKit } from './kits/life';

/** A cause as its list shows it. */
export interface CauseView {
	key: string;
	words: string;
	score: number;
	why: string[];
	remedy: { kind: RemedyKind; words: string };
	cause: string;
	socket: string | null;
	channel: string | null;
	/** True where the record can learn from it, and what. */
	lesson: Lesson | null;
}

/** What a complaint comes from, as far as it was looked for. */
export interface DiagnosisView {
	seen: string[];
	contradictions: string[];
	causes: CauseView[];
	other: number;
	/** Whether the likeliest cause makes anything of what was seen. */
	isExplained: boolean;
	tests: { id: string; question: string; how: string; minutes: number; mode: string | null }[];
	answered: { id: string; question: string; yes: boolean; by?: string | undefined }[];
	/** One cause as it plays in a mode. */
	play: {
		cause: string;
		mode: ModeId;
		label: string;
		messages: string[];
		shows: [socket: string, play: Play][];
	} | null;
	modes: { id: ModeId; label: string }[];
}

/** Causes and tests that are shown. */
const MOST = { causes: 8, tests: 4 } as const;

const engines = new LRUCache<string, Diagnosis>({ max: 12 });

/** A vehicle as it is fitted, as far as a complaint says: by its fitting, the kit of its code, or the one lamp it names. */
async function fittedOf(db: Knex, complaint: StoredComplaint, configuration: Configuration): Promise<Fitted> {
	const lamps: Record<string, string> = { ...(await lampsNamed(db, complaint)) };
	const { product, socket, code, fitting: fittingId } = complaint;
	if (Object.keys(lamps).length === 0 && product && socket) lamps[socket] = product;
	const data = await shopData(db, { configurations: [configuration], products: Object.values(lamps) });
	const fitting = fittingId === undefined ? null : await findFitting(db, fittingId);
	const revision = code === undefined ? null : await findRevision(db, code);
	const frozen = revision?.document as FrozenKit | undefined;
	const answer = fitting ? await kitOfFitting(db, fitting) : (frozen?.answer ?? null);
	const own = new Map((frozen?.products ?? []).map((one) => [one.id as string, one]));
	const lampIn = (id: string, at: string): Product | undefined => {
		const record = data.catalogue.find(id)?.record ?? own.get(id);
		const place = configuration.sockets.find((one) => one.id === at);
		return record?.kind === 'assembly' && place ? assemblyLamp(record, configuration, place) : record;
	};
	const accessories = await findAccessories(db, [
		...new Set((answer?.lines ?? []).flatMap(({ accessory }) => accessory ?? []))
	]);
	return {
		lamps: new Map(
			Object.entries(lamps).flatMap(([at, id]): [string, FittedLamp][] => {
				const record = lampIn(id, at);
				return record ? [[at, { kind: 'product', product: record }]] : [];
			})
		),
		parts: answer
			? partsWhereFitted(configuration, answer.lines, (id) => accessories.find((one) => one.id === id))
			: [],
		faults: []
	};
}

async function engineFor(db: Knex, complaint: StoredComplaint, record: Configuration): Promise<Diagnosis> {
	const configuration = withAssumedOutputs(record);
	const fitted = await fittedOf(db, complaint, configuration);
	const settled = await settledCauses(db);
	const data = await shopData(db, { configurations: [configuration], products: [] });
	const products = [
		...new Set([...data.catalogue.byCategory.values()].flatMap((cases) => cases.map((one) => one.record)))
	];
	const key = fingerprint([
		configuration,
		[...fitted.lamps],
		fitted.parts,
		settled.length,
		products.map(({ id }) => id)
	]);
	const known =
		engines.get(key) ??
		new Diagnosis({ configuration, fitted, products, accessories: data.shop.accessories }, { settled });
	engines.set(key, known);
	return known;
}

function causeView(configuration: Configuration, standing: Standing, product: string | undefined): CauseView | null {
	const [first] = standing.suspects;
	if (!first) return null;
	const { cause, socket, channel } = first;
	return {
		key: standing.key,
		words: causeWords(configuration, standing),
		score: standing.score,
		why: whyWords(configuration, standing),
		remedy: { ...cause.remedy, words: standing.suspects.map((one) => one.cause.remedy.words).join(' ') },
		cause: cause.id,
		socket,
		channel,
		lesson: lessonFrom(configuration, first, product)
	};
}

function playOf(diagnosis: Diagnosis, standing: Standing | undefined, mode: ModeId): DiagnosisView['play'] {
	if (!standing) return null;
	const { configuration, fitted } = diagnosis.simulations.scene;
	const bench = { configuration, fitted };
	const altered = standing.best.alter?.(bench, 'cold') ?? bench;
	const state = simulate(vehicleCircuit(altered.configuration, altered.fitted), MODES[mode]);
	return {
		cause: standing.key,
		mode,
		label: modeLabel(MODES[mode]),
		messages: state.messages,
		shows: [...playMode(configuration, state)]
	};
}

/** A complaint's causes, tests and answers; null where it has no vehicle on record, or nothing that can be played. */
export async function showDiagnosis(
	db: Knex,
	id: string,
	asked: { cause?: string | undefined; mode?: string | undefined } = {}
): Promise<DiagnosisView | null> {
	const complaint = await findComplaint(db, id);
	const record = complaint?.configuration === undefined ? null : await findConfiguration(db, complaint.configuration);
	if (!complaint || !record) return null;
	const observations = observationsOf(complaint.seen ?? []);
	const diagnosis = await engineFor(db, complaint, record);
	const { configuration } = diagnosis.simulations.scene;
	const answered = complaint.found ?? [];
	const { causes, other } = diagnosis.standings(observations, answered);
	const tests = complaint.state === 'settled' ? [] : diagnosis.nextTests(observations, answered).slice(0, MOST.tests);
	const first = observations.find(({ mode }) => mode !== null)?.mode ?? 'low';
	const mode = asked.mode !== undefined && isMode(asked.mode) ? asked.mode : first;
	const chosen = causes.find(({ key }) => key === asked.cause) ?? causes[0];
	return {
		seen: observations.map((one) => observationWords(configuration, one)),
		contradictions: contradictions(configuration, observations),
		causes: causes
			.slice(0, MOST.causes)
			.flatMap((standing) => causeView(configuration, standing, complaint.product) ?? []),
		other,
		isExplained: causes[0]?.explains.some(({ absent, symptom }) => !absent && symptom !== 'fine') ?? false,
		tests: tests.map(({ id: test, question, how, minutes, mode: at }) => ({
			id: test,
			question,
			how,
			minutes,
			mode: at === null ? null : modeLabel(MODES[at])
		})),
		answered: answered.map(({ test, yes, by }) => ({
			id: test,
			question: diagnosis.testOf(test)?.question ?? test,
			yes,
			...(by === undefined ? {} : { by })
		})),
		play: playOf(diagnosis, chosen, mode),
		modes: MODE_IDS.map((one) => ({ id: one, label: modeLabel(MODES[one]) }))
	};
}
