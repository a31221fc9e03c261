import type { Knex } from 'knex';
import type { CoveredVehicle, Place, RuleView, Trait, VerdictRow } from '../../core/cover';
import { RULE_IDS, type RuleId } from '../../core/match';
import { removeRows, updateRows, writeRows } from '../db/bulk';
import type { Tx } from '../db/change';

/** How a cover stands: what it was judged by, and whether somebody is at it. */
export interface CoverState {
	rules: string;
	startedAt: string | null;
	finishedAt: string | null;
	/** How many steps were written so far, whoever wrote them. */
	step: number;
}

const TABLES = ['cover_views', 'cover_traits', 'cover_places', 'cover_products', 'cover_vehicles'];
const ONLY = 1;

/** How the cover stands; null when nobody ever asked for one. */
export async function coverState(db: Knex): Promise<CoverState | null> {
	const row: { rules: string; started_at: string | null; finished_at: string | null; step: number } | undefined =
		await db('cover_state').first();
	return row ? { rules: row.rules, startedAt: row.started_at, finishedAt: row.finished_at, step: row.step } : null;
}

/** Notes how the cover stands. */
export const putCoverState = (tx: Tx, { rules, startedAt, finishedAt }: Omit<CoverState, 'step'>): Promise<void> =>
	writeRows(tx, { table: 'cover_state', key: ['id'] }, [
		{ id: ONLY, rules, started_at: startedAt, finished_at: finishedAt }
	]);

/** Counts a step that is written, by somebody who knows how many there were; false when somebody else has written meanwhile. */
export async function takeCoverStep(tx: Tx, known: number): Promise<boolean> {
	return (await tx('cover_state').where({ step: known }).increment('step', 1)) > 0;
}

/** Takes all of it away. */
export async function clearCover(tx: Tx): Promise<void> {
	for (const table of TABLES) await tx(table).delete();
}

/** A product as it was judged: its number, and what rules read of it in short. */
export interface JudgedProduct {
	number: number;
	/** Null once the number is not used any more. */
	id: string | null;
	categories: readonly string[];
	sign: string;
	mark: number;
}

/** Products as they were judged, by number. */
export async function judgedProducts(db: Knex): Promise<JudgedProduct[]> {
	const rows: { number: number; product_id: string | null; categories: string; sign: string; mark: number }[] =
		await db('cover_products').orderBy('number');
	return rows.map(({ product_id, categories, ...row }) => ({
		...row,
		id: product_id,
		categories: JSON.parse(categories) as string[]
	}));
}

/** Notes products as they were judged. */
export const putJudgedProducts = (tx: Tx, products: readonly JudgedProduct[]): Promise<void> =>
	writeRows(
		tx,
		{ table: 'cover_products', key: ['number'] },
		products.map(({ number, id, categories, sign, mark }) => ({
			number,
			product_id: id,
			categories: JSON.stringify(categories),
			sign,
			mark
		}))
	);

/** Places and their views by number, from a number on, and traits. */
export interface CoverTables {
	views: readonly RuleView[];
	places: readonly Place[];
	traits: readonly Trait[];
}

/** Reads what was kept of places, in the order of their numbers. */
export async function keptTables(db: Knex): Promise<CoverTables & { rows: (VerdictRow | null)[] }> {
	const views: { rule: string; view: string }[] = await db('cover_views').orderBy('number');
	const traits: { trait: string }[] = await db('cover_traits').orderBy('number');
	const places: { category: string; views: string; others: string; verdicts: Buffer | null }[] =
		await db('cover_places').orderBy('number');
	return {
		views: views.map(({ rule, view }) => ({
			rule: RULE_IDS.indexOf(rule as RuleId),
			view: JSON.parse(view) as RuleView['view']
		})),
		traits: traits.map(({ trait }) => JSON.parse(trait) as Trait),
		places: places.map(({ category, views: numbers, others }) => ({
			category,
			views: JSON.parse(numbers) as number[],
			others: JSON.parse(others) as (number | null)[]
		})),
		rows: places.map(({ verdicts }) => verdicts && new Uint8Array(verdicts))
	};
}

/** Adds what is new in the tables, from the numbers that are kept already. */
export async function addToTables(
	tx: Tx,
	{ views, places, traits }: CoverTables,
	kept: { views: number; places: number; traits: number }
): Promise<void> {
	await writeRows(
		tx,
		{ table: 'cover_views', key: ['number'] },
		views
			.slice(kept.views)
			.map(({ rule, view }, i) => ({ number: kept.views + i, rule: RULE_IDS[rule] ?? '', view: JSON.stringify(view) }))
	);
	await writeRows(
		tx,
		{ table: 'cover_traits', key: ['number'] },
		traits.slice(kept.traits).map((trait, i) => ({ number: kept.traits + i, trait: JSON.stringify(trait) }))
	);
	await writeRows(
		tx,
		{ table: 'cover_places', key: ['number'] },
		places.slice(kept.places).map((place, i) => ({
			number: kept.places + i,
			category: place.category,
			views: JSON.stringify(place.views),
			others: JSON.stringify(place.others),
			verdicts: null
		}))
	);
}

/** Writes the verdicts of places; null for one that waits to be judged again. */
export const putVerdicts = (
	tx: Tx,
	places: readonly { number: number; verdicts: VerdictRow | null }[]
): Promise<void> =>
	updateRows(
		tx,
		{ table: 'cover_places', key: 'number' },
		places.map(({ number, verdicts }) => ({ number, verdicts }))
	);

/** A vehicle as it was covered, and the mark of its record then. */
export interface KeptVehicle {
	vehicle: CoveredVehicle;
	mark: number;
}

/** Every vehicle that was covered. */
export async function coveredVehicles(db: Knex): Promise<KeptVehicle[]> {
	const rows: { mark: number; document: string }[] = await db('cover_vehicles').orderBy('configuration_id');
	return rows.map(({ mark, document }) => {
		const said = JSON.parse(document) as Omit<CoveredVehicle, 'places' | 'traits'> & {
			places: number[];
			traits: number[];
		};
		return {
			mark,
			vehicle: { ...said, places: Int32Array.from(said.places), traits: Uint16Array.from(said.traits) }
		};
	});
}

/** Writes vehicles as they were covered. */
export const putCoveredVehicles = (tx: Tx, vehicles: readonly KeptVehicle[]): Promise<void> =>
	writeRows(
		tx,
		{ table: 'cover_vehicles', key: ['configuration_id'] },
		vehicles.map(({ vehicle, mark }) => ({
			configuration_id: vehicle.facts.id,
			mark,
			document: JSON.stringify({ ...vehicle, places: [...vehicle.places], traits: [...vehicle.traits] })
		}))
	);

/** Takes vehicles out. */
export const removeCoveredVehicles = (tx: Tx, ids: readonly string[]): Promise<void> =>
	removeRows(tx, { table: 'cover_vehicles', column: 'configuration_id' }, ids);

/** Rows of a table written after a mark, by id; all ids where none is given. */
export async function marksAfter(
	db: Knex,
	table: 'configurations' | 'products',
	after: number
): Promise<{ id: string; mark: number }[]> {
	return db(table).where('mark', '>', after).orderBy('mark').orderBy('id').select('id', 'mark');
}

/** How many rows a table has. */
export async function countRows(db: Knex, table: 'configurations' | 'products'): Promise<number> {
	const [row] = await db(table).count({ n: '*' });
	return Number(row?.n ?? 0);
}

/** Every id of a table. */
export async function allIds(db: Knex, table: 'configurations' | 'products'): Promise<Set<string>> {
	const rows: { id: string }[] = await db(table).select('id');
	return new Set(rows.map(({ id }) => id));
}

/** How many vehicles and products are not judged as they are on record now, those that are gone included. */
export async function countChangedSince(db: Knex): Promise<{ vehicles: number; products: number }> {
	const changed = async (table: 'configurations' | 'products', kept: string, id: string) => {
		const [row] = await db(table)
			.leftJoin(kept, `${kept}.${id}`, `${table}.id`)
			.where((where) => void where.whereNull(`${kept}.${id}`).orWhereRaw('?? <> ??', [`${kept}.mark`, `${table}.mark`]))
			.count({ n: '*' });
		const [gone] = await db(kept)
			.leftJoin(table, `${table}.id`, `${kept}.${id}`)
			.whereNull(`${table}.id`)
			.whereNotNull(`${kept}.${id}`)
			.count({ n: '*' });
		return Number(row?.n ?? 0) + Number(gone?.n ?? 0);
	};
	return {
		vehicles: await changed('configurations', 'cover_vehicles', 'configuration_id'),
		products: await changed('products', 'cover_products', 'product_id')
	};
}
