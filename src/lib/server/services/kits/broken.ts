import type { Knex } from 'knex';
import { releasedKitsLast } from '../../repositories/kit-revisions';
import { configurationNames } from '../../repositories/configurations';
import { impactsOn } from './release-impacts';

/** A released kit that would not be worked out so today, and what changed. */
export interface BrokenKit {
	id: string;
	name: string;
	configuration: string;
	vehicle: string;
	words: string[];
}

/** Released kits that are looked at, the last touched first. */
const MOST = 1000;

/** Released kits that a change of a product, a part, a vehicle or the policy has broken: they still stand as they were frozen, and nobody should sell them so. */
export async function brokenKits(db: Knex): Promise<BrokenKit[]> {
	const kits = await releasedKitsLast(db, MOST);
	const impacts = await impactsOn(
		db,
		kits.map(({ id }) => id)
	);
	const broken = kits.filter(({ id }) => impacts.get(id)?.some(({ kind }) => kind === 'holds'));
	const names = await configurationNames(
		db,
		broken.map(({ configurationId }) => configurationId)
	);
	return broken.map(({ id, name, configurationId }) => ({
		id,
		name,
		configuration: configurationId,
		vehicle: names.get(configurationId) ?? configurationId,
		words: (impacts.get(id) ?? []).map(({ words }) => words)
	}));
}
