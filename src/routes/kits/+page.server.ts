import { kitRows } from '$lib/server/services/kits';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ kits: await kitRows(await database()) });
