import { dirname } from 'node:path';
import { holdSchema } from './postgres/hold';
import { ownFolder } from './sqlite/owner';
import { whereIs, type Where } from './where';

type How = 'to-serve' | 'to-replace';

/** Takes data for this process, wherever they are: see `hold`. */
export function holdAt(where: Where, what: string, how: How): Promise<() => Promise<void>> {
	if (where.engine === 'postgres') return holdSchema(where, how === 'to-serve');
	const giveBack = ownFolder(dirname(where.file), what);
	return Promise.resolve(() => Promise.resolve(giveBack()));
}

/**
 * Takes the data of a folder for this process. The command line reads and writes beside a server; what replaces the data or serves them has to
 * hold them.
 * @param what what holds them, for others to read. @example "the Rotalux server"
 * @param how a file has one server; a schema has as many as serve it together, and what replaces it has it alone
 * @returns gives them back
 * @throws Trouble with one sentence when somebody else has them
 */
export const hold = async (folder: string, what: string, how: How): Promise<() => Promise<void>> =>
	holdAt(whereIs(folder), what, how);
