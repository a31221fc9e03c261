import { error, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { may, whoMay } from '$lib/server/access/roles';
import { countKits } from '$lib/server/repositories/kits';
import { countQuestions } from '$lib/server/repositories/questions';
import { mergedInto } from '$lib/server/services/record/create';
import { historyOf } from '$lib/server/services/record/history';
import { CONFIGURATIONS } from '$lib/server/services/record/store';
import { showVehicleById } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params, locals }) => {
	const db = await database();
	const { id } = params;
	const vehicle = await showVehicleById(db, id);
	if (!vehicle) {
		const into = await mergedInto(db, id);
		if (into) redirect(307, resolve('/vehicles/[id]/walk/[[socket]]', { id: into }));
		error(404, { message: `There is no vehicle “${id}” on record.`, kept: 'Nothing was changed.' });
	}
	const kits = await countKits(db, { configurationId: id });
	const { undo, redo, events } = await historyOf(db, CONFIGURATIONS, id);
	const what = (event: number | null) => events.find((e) => e.id === event)?.what ?? null;
	return {
		vehicle,
		kits,
		revision: events[0]?.id ?? 0,
		questions: await countQuestions(db, id),
		/** Who may change this record, where whoever looks at it may not. */
		closed: locals.person && !may(locals.person.role, 'record') ? whoMay('record') : null,
		steps: { undo: what(undo), redo: what(redo) }
	};
};
