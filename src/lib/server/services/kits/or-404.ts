import { error } from '@sveltejs/kit';
import { database } from '../../shop';
import { kitSheet, type KitSheet } from './show';

/** The kit of an address. @throws the 404 of the framework when it is not there */
export async function kitOr404(params: { id: string; kit: string }): Promise<KitSheet> {
	const sheet = await kitSheet(await database(), params.id, params.kit);
	if (!sheet)
		error(404, { message: `There is no kit “${params.kit}” for this vehicle.`, kept: 'Nothing was changed.' });
	return sheet;
}
