import { readCurrency } from '$lib/server/services/policy';
import { readSetting } from '$lib/server/repositories/settings';
import { database } from '$lib/server/shop';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async () => {
	const db = await database();
	return { currency: await readCurrency(db), demo: (await readSetting(db, 'demo')) === true };
};
