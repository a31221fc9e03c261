import { existsSync, readFileSync } from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import { dataFolder, PRACTICE_FOLDER } from '../config';
import { Trouble } from './failure';

/** Name of the database file in a data folder. */
export const DATABASE_FILE = 'rotalux.sqlite';
/** Says in a data folder that its data are on a server: one line, its address. */
export const ADDRESS_FILE = 'rotalux.database';
/** Schema of a database on a server when its address names none. */
const USUAL_SCHEMA = 'rotalux';
/** What an address on a server begins with. */
const SERVER = /^postgres(ql)?:\/\//;

/** Where the data of a folder are: in a file of it, or in a schema of a database on a server. */
export type Where = { engine: 'sqlite'; file: string } | { engine: 'postgres'; url: string; schema: string };

/**
 * Reads the address of a database on a server. `schema=NAME` in it names the schema.
 * @throws Trouble with one sentence
 */
export function serverAt(address: string, said = 'The address of the database'): Where & { engine: 'postgres' } {
	const text = address.trim();
	const url = URL.canParse(text) && SERVER.test(text) ? new URL(text) : null;
	if (!url) throw new Trouble(`${said} is to be like postgres://NAME@HOST/DATABASE.`);
	const schema = url.searchParams.get('schema') ?? USUAL_SCHEMA;
	if (!/^(?!pg_|public$|information_schema$)[a-z][a-z0-9_]{0,40}$/.test(schema))
		throw new Trouble(`${said} names a schema “${schema}”: small letters, digits and _, and none of the server's own.`);
	url.searchParams.delete('schema');
	return { engine: 'postgres', url: url.href, schema };
}

/** The address of another schema beside one, for data that are kept apart. */
export function besideAddress(address: string, name: string): string {
	const { schema } = serverAt(address);
	const url = new URL(address.trim());
	url.searchParams.set('schema', `${schema}_${name}`);
	return url.href;
}

/**
 * The address on a server of the data of a folder: as the environment says for the shop's own folder, else as a file in the folder says; the
 * practice of a shop that has an address has a schema beside it. Null when the data are in a file of the folder.
 */
export function addressOf(folder: string, env: NodeJS.ProcessEnv = process.env): string | null {
	const own = ownAddress(folder, env);
	if (own !== null || basename(folder) !== PRACTICE_FOLDER || existsSync(join(folder, DATABASE_FILE))) return own;
	const above = ownAddress(dirname(resolve(folder)), env);
	return above === null ? null : besideAddress(above, PRACTICE_FOLDER);
}

function ownAddress(folder: string, env: NodeJS.ProcessEnv): string | null {
	if (env.ROTALUX_DATABASE && resolve(folder) === dataFolder(env)) return env.ROTALUX_DATABASE;
	const file = join(folder, ADDRESS_FILE);
	return existsSync(file) ? readFileSync(file, 'utf8').trim() : null;
}

/**
 * Where the data of a folder are.
 * @throws Trouble with one sentence when an address cannot be read
 */
export function whereIs(folder: string, env: NodeJS.ProcessEnv = process.env): Where {
	const address = addressOf(folder, env);
	return address === null
		? { engine: 'sqlite', file: join(folder, DATABASE_FILE) }
		: serverAt(address, env.ROTALUX_DATABASE === address ? 'ROTALUX_DATABASE' : join(folder, ADDRESS_FILE));
}

/** Where data are, for the people of the shop: nothing of who may come in there. @example "the database rotalux on db.example" */
export function whereWords(where: Where): string {
	if (where.engine === 'sqlite') return where.file;
	const { hostname, pathname, searchParams } = new URL(where.url);
	const host = searchParams.get('host') ?? hostname;
	return `the database ${pathname.slice(1)} on ${host === '' || host.startsWith('/') ? 'this machine' : host}`;
}
