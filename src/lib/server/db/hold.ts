import { holdSchema } from './postgres/hold';
import { ownFolder } from './sqlite/owner';
import { whereIs } from './where';

/**
 * Takes the data of a folder for this process. The command line reads and writes beside a server; what replaces the data or serves them has to
 * hold them.
 * @param what what holds them, for others to read. @example "the Rotalux server"
 * @param how a file has one server; a schema has as many as serve it together, and what replaces it has it alone
 * @returns gives them back
 * @throws Trouble with one sentence when somebody else has them
 */
export async function hold(folder: string, what: string, how: 'to-serve' | 'to-replace'): Promise<() => Promise<void>> {
	const where = whereIs(folder);
	if (where.engine === 'postgres') return holdSchema(where, how === 'to-serve');
	const giveBack = ownFolder(folder, what);
	return () => Promise.resolve(giveBack());
}
