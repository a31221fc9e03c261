const WRITTEN_BY_OTHERS =
	'Somebody else is writing just now: an import, or the command line. Nothing was changed; try again in a moment.';

const NO_ANSWER =
	'The database server does not answer. Nothing was changed; what was saved is safe there. Try again in a moment.';

const SENTENCES: readonly [prefix: string, sentence: string][] = [
	[
		'SQLITE_READONLY',
		'The database file is read-only, so nothing was changed. Make the data folder writable and try again.'
	],
	['SQLITE_BUSY', WRITTEN_BY_OTHERS],
	['SQLITE_LOCKED', WRITTEN_BY_OTHERS],
	['SQLITE_CANTOPEN', 'The database file cannot be opened. See that the data folder exists and may be written.'],
	['SQLITE_NOTADB', 'The database file is not a Rotalux database. Point ROTALUX_DATA at another folder.'],
	['SQLITE_CORRUPT', 'The database file is damaged. Nothing was changed; restore a backup.'],
	['SQLITE_FULL', 'The disk is full, so nothing was changed.'],
	[
		'SQLITE_IOERR',
		'The disk does not take what is written, so nothing was changed. See whether it is full or damaged.'
	],
	// The server: classes and conditions of SQLSTATE.
	['28', 'The database server does not let Rotalux in. See the name and the password in the address of the database.'],
	['3D000', 'There is no such database on the server. Make it first, or name another in the address of the database.'],
	[
		'42501',
		'The database server does not let Rotalux do this, so nothing was changed. Give its role the rights to the schema.'
	],
	[
		'25006',
		'The database is read-only, so nothing was changed: it is a standby, or it was set so. Try again when it may be written.'
	],
	['53100', 'The disk of the database server is full, so nothing was changed.'],
	['53200', 'The database server is out of memory, so nothing was changed. Try again in a moment.'],
	[
		'53300',
		'The database server takes no more connections, so nothing was changed. Raise max_connections, or run fewer processes.'
	],
	['53', 'The database server is short of something, so nothing was changed. Its log says of what.'],
	['55P03', WRITTEN_BY_OTHERS],
	['40001', WRITTEN_BY_OTHERS],
	['40P01', WRITTEN_BY_OTHERS],
	['57014', 'The database server takes too long, so nothing was changed. Try again in a moment.'],
	['57P', NO_ANSWER],
	// The database takes no connections just now.
	['55000', NO_ANSWER],
	['08', NO_ANSWER],
	['XX001', 'The database is damaged. Nothing was changed; restore a backup.'],
	['XX002', 'An index of the database is damaged. Nothing was changed; restore a backup.'],
	['ECONNREFUSED', NO_ANSWER],
	['ECONNRESET', NO_ANSWER],
	['EPIPE', NO_ANSWER],
	['ETIMEDOUT', NO_ANSWER],
	['EHOSTUNREACH', NO_ANSWER],
	['ENETUNREACH', NO_ANSWER],
	['ENOTFOUND', 'The database server cannot be found. See the name of the machine in the address of the database.'],
	['EAI_AGAIN', NO_ANSWER],
	['ENOSPC', 'The disk is full, so nothing was changed.'],
	['EDQUOT', 'The disk is full, so nothing was changed.'],
	['EMFILE', 'Too many files are open, so nothing was changed. Raise the limit of open files and start again.'],
	['ENFILE', 'Too many files are open, so nothing was changed. Raise the limit of open files and start again.'],
	['EACCES', 'The data folder may not be written. Point ROTALUX_DATA at another folder.'],
	['EPERM', 'The data folder may not be written. Point ROTALUX_DATA at another folder.'],
	['EROFS', 'The data folder is on a read-only disk. Point ROTALUX_DATA at another folder.'],
	[
		'EEXIST',
		'The data folder cannot be made: a file of that name is in the way. Point ROTALUX_DATA at another folder.'
	],
	['ENOTDIR', 'The data folder cannot be made: a file is in the way. Point ROTALUX_DATA at another folder.']
];

/** What the drivers say without a code when a connection was lost, or none was free for too long. */
const WITHOUT_CODE: readonly [says: RegExp, code: string][] = [
	[
		/Connection terminated|(Query read timeout|timeout expired)$|connection error and is not queryable|Unable to acquire a connection/,
		'ECONNRESET'
	],
	[/^Knex: Timeout acquiring a connection/, '57014']
];

function codeOf(error: unknown): string {
	const { code, syscall, message } = (error ?? {}) as { code?: unknown; syscall?: string; message?: unknown };
	// A socket of a server that is not there is a file that is not there.
	if (code === 'ENOENT') return syscall === 'connect' ? 'ECONNREFUSED' : code;
	if (typeof code === 'string') return code;
	return WITHOUT_CODE.find(([says]) => says.test(String(message)))?.[1] ?? '';
}

/** A sentence for a person that stands as it is. */
export class Trouble extends Error {}

/** True when another process is writing. */
export const isBusy = (error: unknown): boolean => /^(SQLITE_(BUSY|LOCKED)|55P03$|40001$|40P01$)/.test(codeOf(error));

/** One plain sentence for a failure of the database or its folder; null when it is something else. */
export function databaseFailure(error: unknown): string | null {
	if (error instanceof Trouble) return error.message;
	const code = codeOf(error);
	return code === '' ? null : (SENTENCES.find(([prefix]) => code.startsWith(prefix))?.[1] ?? null);
}
