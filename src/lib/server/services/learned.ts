import type { Knex } from 'knex';
import { causeOf, lampLives, suspectBatch, type Batch } from '../../core/learn';
import { comesBack, isAgainstProduct, lampsIn, type TrackRecord } from '../../core/match';
import { monthsAfter, proportion, type Proportion } from '../../core/quantity';
import { socketName } from '../../core/vehicle';
import { complaintsBetween, everyComplaint, type StoredComplaint } from '../repositories/complaints';
import { configurationNames, findConfigurations } from '../repositories/configurations';
import { lessonsBetween } from '../repositories/events';
import { everyFittedLamp } from '../repositories/fitted-lamps';
import { everyFollowUp, followUpsBetween } from '../repositories/follow-ups';
import { findProducts } from '../repositories/products';

/** What a shop learnt in a month. */
export interface LearnedView {
	/** `2026-11`. */
	month: string;
	filed: number;
	asked: { fine: number; complaint: number; reached: number };
	/** Causes of what was settled, the most frequent first; `isNew`: never settled so before. */
	causes: {
		cause: string;
		label: string;
		counted: number;
		isNew: boolean;
		complaints: { id: string; vehicle: string }[];
	}[];
	/** Facts of vehicles that were settled, or that tests taught. */
	facts: { configuration: string; vehicle: string; what: string; on: string; by: string | null }[];
	/** Products whose place among their kind moved by what came back. */
	moved: { product: string; name: string; category: string; before: MovedPlace; after: MovedPlace }[];
	/** Products of which a run came back more than the rest. */
	batches: { product: string; name: string; batch: Batch }[];
	neverAgain: { product: string; name: string; vehicle: string; place: string; complaint: string }[];
}

interface MovedPlace {
	/** Place among the products of its kind by how few came back, 1 the best. */
	place: number;
	of: number;
	came: Proportion;
}

const MOST_FACTS = 30;

type Came = Pick<TrackRecord, 'fitted' | 'complained'>;

/** How products stood by a day. */
function standingBy(
	day: string,
	fitted: readonly { product: string; on: string }[],
	complaints: readonly StoredComplaint[]
): Map<string, Came> {
	const found = new Map<string, Came>();
	const at = (product: string) => {
		const known = found.get(product) ?? { fitted: 0, complained: 0 };
		found.set(product, known);
		return known;
	};
	for (const { product, on } of fitted) if (on < day) at(product).fitted += 1;
	for (const one of complaints)
		if (one.product && (one.on ?? '') < day && isAgainstProduct(one)) at(one.product).complained += 1;
	return found;
}

function placesIn(kind: readonly string[], standing: ReadonlyMap<string, Came>): Map<string, MovedPlace> {
	const none = { fitted: 0, complained: 0 };
	const sorted = kind
		.map((product) => ({ product, came: standing.get(product) ?? none }))
		.sort((a, b) => comesBack(a.came) - comesBack(b.came));
	return new Map(
		sorted.map(({ product, came }, i) => [
			product,
			{ place: i + 1, of: kind.length, came: proportion(came.complained, lampsIn(came)) }
		])
	);
}

/** The month after one. @example nextMonth('2026-11') // "2026-12" */
export const nextMonth = (month: string, by = 1): string => monthsAfter(`${month}-01`, by).slice(0, 7);

/** What was learnt in a month, `YYYY-MM`. */
export async function learnedIn(db: Knex, month: string): Promise<LearnedView> {
	const [from, to] = [`${month}-01`, `${nextMonth(month)}-01`];
	const here = await complaintsBetween(db, from, to);
	const all = await everyComplaint(db);
	const settled = here.filter(({ settledOn = '' }) => settledOn >= from && settledOn < to);
	const before = new Set(
		all.flatMap(({ cause, settledOn = '' }) => (cause && settledOn !== '' && settledOn < from ? cause : []))
	);
	const fitted = await everyFittedLamp(db);
	const answers = await followUpsBetween(db, from, to);
	const facts = await lessonsBetween(db, { from, to }, MOST_FACTS);
	const ids = [
		...new Set([
			...here.flatMap((one) => one.configuration ?? []),
			...facts.map(({ record }) => record.slice('configuration:'.length))
		])
	];
	const names = await configurationNames(db, ids);
	const nameOf = (id: string | undefined) => (id === undefined ? 'vehicle not named' : (names.get(id) ?? id));
	const followUps = await everyFollowUp(db);
	const known = [...new Set([...fitted.map(({ product }) => product), ...all.flatMap(({ product }) => product ?? [])])];
	const products = new Map((await findProducts(db, known)).map((one) => [one.id as string, one]));
	const kept = await findConfigurations(
		db,
		settled.flatMap((one) => (one.neverAgain && one.configuration ? [one.configuration] : []))
	);
	const placeOf = ({ configuration, socket: id }: StoredComplaint) => {
		const socket = kept.find((one) => one.id === configuration)?.sockets.find((one) => one.id === id);
		return socket ? socketName(socket) : (id ?? '');
	};
	const label = (id: string) => {
		const product = products.get(id);
		return product ? `${product.maker} ${product.name}` : id;
	};
	const byCause = new Map<string, StoredComplaint[]>();
	for (const one of settled) if (one.cause) byCause.set(one.cause, [...(byCause.get(one.cause) ?? []), one]);
	const kinds = new Map<string, string[]>();
	for (const product of products.values()) {
		const kind = product.fits[0] ?? '';
		kinds.set(kind, [...(kinds.get(kind) ?? []), product.id]);
	}
	const [then, now] = [standingBy(from, fitted, all), standingBy(to, fitted, all)];
	const moved = [...kinds].flatMap(([category, kind]) => {
		const [old, fresh] = [placesIn(kind, then), placesIn(kind, now)];
		return kind.flatMap((product): LearnedView['moved'] => {
			const [a, b] = [old.get(product), fresh.get(product)];
			if (!a || !b || a.place === b.place || a.came.counted === b.came.counted) return [];
			return [{ product, name: label(product), category, before: a, after: b }];
		});
	});
	const lives = lampLives(fitted, { complaints: all.filter(({ on = '' }) => on < to), followUps });
	const batches = known.flatMap((product) => {
		const batch = suspectBatch(lives.filter((life) => life.product === product && life.on < to));
		return batch ? [{ product, name: label(product), batch }] : [];
	});
	return {
		month,
		filed: here.filter(({ on = '', state }) => on >= from && on < to && state !== 'set-aside').length,
		asked: {
			fine: answers.filter(({ answer }) => answer === 'fine').length,
			complaint: answers.filter(({ answer }) => answer === 'complaint').length,
			reached: answers.filter(({ answer }) => answer !== 'no-answer').length
		},
		causes: [...byCause]
			.map(([cause, list]) => ({
				cause,
				label: causeOf(cause)?.label ?? cause,
				counted: list.length,
				isNew: !before.has(cause),
				complaints: list.map((one) => ({ id: one.id, vehicle: nameOf(one.configuration) }))
			}))
			.sort((a, b) => b.counted - a.counted),
		facts: facts.map(({ record, what, at, by }) => {
			const configuration = record.slice('configuration:'.length);
			return { configuration, vehicle: nameOf(configuration), what, on: at.slice(0, 10), by };
		}),
		moved: moved.sort((a, b) => Math.abs(b.after.place - b.before.place) - Math.abs(a.after.place - a.before.place)),
		batches,
		neverAgain: settled.flatMap((one) =>
			one.neverAgain && one.product
				? [
						{
							product: one.product,
							name: label(one.product),
							vehicle: nameOf(one.configuration),
							place: placeOf(one),
							complaint: one.id
						}
					]
				: []
		)
	};
}
