import type { Knex } from 'knex';
import type { Configuration } from '../../core/model';
import { matchAcross, type Verdict } from '../../core/match';
import { vehicleView, type VehicleView } from '../../core/views';
import { findConfigurations } from '../repositories/configurations';
import { shopData } from './catalogue';
import { remembered } from './remember';

const MAX_NAMED = 3;

/** What fits a vehicle that may be any of several configurations. */
export interface AcrossView {
	vehicles: VehicleView[];
	places: {
		name: string;
		categories: (string | null)[];
		best: { maker: string; name: string; verdict: Verdict }[];
		others: number;
	}[];
}

/** For each place, the products that fit whichever of the configurations it is. */
export async function showAcross(db: Knex, ids: readonly string[]): Promise<AcrossView> {
	const configurations = await findConfigurations(db, ids);
	return {
		vehicles: configurations.map((c) => vehicleView(c)),
		places: await remembered(db, { configurations, asked: 'across' }, () => placesOf(db, configurations))
	};
}

async function placesOf(db: Knex, configurations: readonly Configuration[]): Promise<AcrossView['places']> {
	const { catalogue, shop } = await shopData(db, { configurations });
	return matchAcross(configurations, catalogue, shop).map(({ name, categories, candidates }) => ({
		name,
		categories,
		best: candidates
			.slice(0, MAX_NAMED)
			.map(({ product, verdict }) => ({ maker: product.maker, name: product.name, verdict })),
		others: Math.max(0, candidates.length - MAX_NAMED)
	}));
}
