import { error } from '@sveltejs/kit';
import { findConfiguration } from '$lib/server/repositories/configurations';
import { showFitting } from '$lib/server/services/fittings';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const db = await database();
	const shown = await showFitting(db, params.fitting);
	if (!shown) error(404, { message: `There is no fitting “${params.fitting}”.`, kept: 'Nothing was changed.' });
	const configuration = await findConfiguration(db, shown.fitting.configurationId);
	const { sockets = [], channels = [], access } = configuration ?? {};
	return { ...shown, context: { sockets, channels, access } };
};
