import { error } from '@sveltejs/kit';
import { aim } from '$lib/core/beam';
import { vehicleName } from '$lib/core/vehicle';
import { wallView } from '$lib/core/views';
import { aimSheet } from '$lib/server/documents/pdf/aim-sheet';
import { paperOf } from '$lib/server/documents/papers';
import { download } from '$lib/server/download';
import { findConfiguration } from '$lib/server/repositories/configurations';
import { readMeasures } from '$lib/server/services/policy';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

/** The aim sheet by what the address says of rule, height and distance. */
export const GET: RequestHandler = async ({ params, url }) => {
	const db = await database();
	const configuration = await findConfiguration(db, params.id);
	if (!configuration) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const number = (name: string) => {
		const text = url.searchParams.get(name) ?? '';
		return text === '' ? undefined : Number(text);
	};
	const [height, distance] = [number('height') ?? NaN, number('distance') ?? NaN];
	const traffic = url.searchParams.get('traffic') === 'left' ? 'left' : 'right';
	const found = aim({
		rule: url.searchParams.get('rule') ?? '',
		height,
		distance,
		traffic,
		spread: number('spread'),
		stamped: number('stamped')
	});
	if (!found.ok) error(400, { message: found.error });
	const wall = wallView(found.value, { height, distance, traffic });
	const sheet = {
		vehicle: vehicleName(configuration),
		found: found.value,
		wall,
		distance,
		measures: await readMeasures(db)
	};
	return download(await aimSheet(sheet, paperOf(url)), `aim-${params.id}.pdf`, 'application/pdf');
};
