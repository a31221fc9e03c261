import type { Knex } from 'knex';
import { countRows, coverState, countChangedSince } from '../../repositories/cover';
import { KeptCover } from './kept-cover';

/** How the cover of a shop stands beside its data. */
export interface CoverStanding {
	/** When it was worked out last; null when it never was, or by other rules. */
	finishedAt: string | null;
	/** Vehicles and products that were written since, or never judged. */
	changed: { vehicles: number; products: number };
	vehicles: number;
	products: number;
}

/** How the cover of a shop stands, without reading any of it. */
export async function coverStanding(db: Knex): Promise<CoverStanding> {
	const state = await coverState(db);
	const isOfToday = state !== null && state.rules === (await KeptCover.rulesOf(db));
	const [vehicles, products] = [await countRows(db, 'configurations'), await countRows(db, 'products')];
	return {
		finishedAt: isOfToday ? state.finishedAt : null,
		changed: isOfToday ? await countChangedSince(db) : { vehicles, products },
		vehicles,
		products
	};
}
