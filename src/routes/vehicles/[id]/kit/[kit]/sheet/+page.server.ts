import { kitOr404 } from '$lib/server/services/kits/or-404';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const { configuration, ...sheet } = await kitOr404(params, url);
	return { sheet, tells: configuration.tells ?? [] };
};
