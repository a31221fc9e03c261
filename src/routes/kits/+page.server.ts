import { vehicleName } from '$lib/core/vehicle';
import { listConfigurations } from '$lib/server/repositories/configurations';
import { listKits, listRevisions } from '$lib/server/repositories/kits';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const db = await database();
	const names = new Map((await listConfigurations(db)).map((c) => [c.id as string, vehicleName(c)]));
	const kits = await Promise.all(
		(await listKits(db)).map(async (kit) => ({
			id: kit.id,
			name: kit.name,
			configuration: kit.configurationId,
			vehicle: names.get(kit.configurationId) ?? kit.configurationId,
			state: kit.state,
			code: (await listRevisions(db, kit.id)).at(-1)?.code ?? null,
			total: kit.answer.total,
			open: kit.answer.open.length,
			updatedAt: kit.updatedAt
		}))
	);
	return { kits };
};
