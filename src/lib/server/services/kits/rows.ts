import type { Knex } from 'knex';
import type { KitRowView } from '../../../core/views';
import { branchNames } from '../../repositories/branches';
import { configurationNames } from '../../repositories/configurations';
import { countKits, someKits } from '../../repositories/kits';
import { impactsOn } from './release-impacts';

/** Kits of a page of the list. */
export const KITS_A_PAGE = 50;

/** A page of kits, the last touched first, and how many there are: of one vehicle when one is named, or those that answer to what is typed. */
export async function kitRows(
	db: Knex,
	wish: { configurationId?: string; typed?: string; from?: number }
): Promise<{ rows: KitRowView[]; total: number }> {
	const rows = await someKits(db, { from: 0, ...wish, most: KITS_A_PAGE });
	const names = await configurationNames(db, [...new Set(rows.map((kit) => kit.configurationId))]);
	const branchName = await branchNames(db);
	const impacts = await impactsOn(
		db,
		rows.map(({ id }) => id)
	);
	return {
		total: await countKits(db, wish),
		rows: rows.map((kit) => ({
			id: kit.id,
			name: kit.name,
			branch: branchName(kit.branch),
			configuration: kit.configurationId,
			vehicle: names.get(kit.configurationId) ?? kit.configurationId,
			state: kit.state,
			code: kit.code,
			total: kit.total,
			open: kit.openPlaces,
			impacts: impacts.get(kit.id)?.length ?? 0,
			updatedAt: kit.updatedAt
		}))
	};
}
