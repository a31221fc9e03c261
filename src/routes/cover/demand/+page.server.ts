import { fail } from '@sveltejs/kit';
import { changeAlways } from '$lib/server/db/change';
import { readTables } from '$lib/server/documents/read-tables';
import { demandTotals, putRegistered } from '$lib/server/repositories/demand';
import { uploadedBytes } from '$lib/server/upload';
import { cover, database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

/** Rows that could not be read, shown at most. */
const MOST_SHOWN = 50;

export const load: PageServerLoad = async () => ({ totals: await demandTotals(await database()) });

export const actions: Actions = {
	registrations: async ({ request }) => {
		const file = await uploadedBytes(await request.formData(), 'file');
		if (!file.ok) return fail(400, { refused: file.error });
		const { name, bytes } = file.value;
		const read = await readTables(bytes, name);
		if (!read.ok) return fail(400, { refused: read.error });
		const [table] = read.value.tables;
		if (!table) return fail(400, { refused: `${name} has no table.` });
		const found = await cover.ask('registrations', table);
		if (typeof found === 'string') return fail(400, { refused: `${name}: ${found}.` });
		const { wanted, problems } = found;
		if (wanted.length === 0)
			return fail(400, {
				refused: `${name}: no row names a vehicle on record. Nothing was changed.`,
				problems: problems.slice(0, MOST_SHOWN)
			});
		await changeAlways(await database(), (tx) => putRegistered(tx, wanted));
		return {
			taken: { name, rows: table.rows.length - problems.length, left: problems.length },
			problems: problems.slice(0, MOST_SHOWN)
		};
	}
};
