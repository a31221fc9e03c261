import type { Knex } from 'knex';
import type { KitRowView } from '../../../core/views';
import { vehicleName } from '../../../core/vehicle';
import { listConfigurations } from '../../repositories/configurations';
import { listKits, listRevisions } from '../../repositories/kits';
import { impactsOnRelease } from './release-impacts';

/** Kits for a list, the last touched first; of one vehicle when one is named. */
export async function kitRows(db: Knex, configurationId?: string): Promise<KitRowView[]> {
	const names = new Map((await listConfigurations(db)).map((c) => [c.id as string, vehicleName(c)]));
	const kits = await listKits(db, configurationId);
	return Promise.all(
		kits.map(async (kit) => ({
			id: kit.id,
			name: kit.name,
			configuration: kit.configurationId,
			vehicle: names.get(kit.configurationId) ?? kit.configurationId,
			state: kit.state,
			code: (await listRevisions(db, kit.id)).at(-1)?.code ?? null,
			total: kit.answer.total,
			open: kit.answer.open.length,
			impacts: (await impactsOnRelease(db, kit.id)).length,
			updatedAt: kit.updatedAt
		}))
	);
}
