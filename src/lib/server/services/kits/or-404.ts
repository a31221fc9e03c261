import { error } from '@sveltejs/kit';
import { database } from '../../shop';
import { kitSheet, type KitSheet } from './show';

/** The kit of an address, or one of its revisions when the address names it. @throws the 404 of the framework when it is not there */
export async function kitOr404(params: { id: string; kit: string }, url?: URL): Promise<KitSheet> {
	const wanted = url?.searchParams.get('revision');
	const revision = wanted ? Number(wanted) : undefined;
	const sheet = await kitSheet(await database(), params.id, { id: params.kit, revision });
	if (!sheet)
		error(404, {
			message: `There is no kit “${params.kit}”${wanted ? `, revision ${wanted},` : ''} for this vehicle.`,
			kept: 'Nothing was changed.'
		});
	return sheet;
}
