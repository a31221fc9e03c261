import type { Place } from './place';
import { serverPlace } from './postgres/place';
import { filePlace } from './sqlite/place';
import { whereIs, type Where } from './where';

/** Data at some place. */
export const placeAt = (where: Where): Place =>
	where.engine === 'sqlite' ? filePlace(where.file) : serverPlace(where);

/** The data of a folder, wherever they are. */
export const placeOf = (folder: string): Place => placeAt(whereIs(folder));
