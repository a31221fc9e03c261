import type { Knex } from 'knex';
import { matchAcross, type Verdict } from '../../core/match';
import { showVehicle, type ShownVehicle } from '../../core/views';
import { findConfigurations } from '../repositories/configurations';
import { shopData } from './catalogue';

const MOST_NAMED = 3;

/** What fits a vehicle that may be any of several configurations. */
export interface ShownAcross {
	vehicles: ShownVehicle[];
	places: {
		name: string;
		categories: (string | null)[];
		best: { maker: string; name: string; verdict: Verdict }[];
		others: number;
	}[];
}

/** For each place, the products that fit whichever of the configurations it is. */
export async function showAcross(db: Knex, ids: readonly string[]): Promise<ShownAcross> {
	const configurations = await findConfigurations(db, ids);
	const { catalogue, shop } = await shopData(db);
	return {
		vehicles: configurations.map((c) => showVehicle(c)),
		places: matchAcross(configurations, catalogue, shop).map(({ name, categories, candidates }) => ({
			name,
			categories,
			best: candidates
				.slice(0, MOST_NAMED)
				.map(({ product, verdict }) => ({ maker: product.maker, name: product.name, verdict })),
			others: Math.max(0, candidates.length - MOST_NAMED)
		}))
	};
}
