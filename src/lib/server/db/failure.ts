const WRITTEN_BY_OTHERS =
	'Somebody else is writing just now: an import, or the command line. Nothing was changed; try again in a moment.';

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

const codeOf = (error: unknown): string => {
	const code = (error as { code?: unknown } | null)?.code;
	return typeof code === 'string' ? code : '';
};

/** A sentence for a person that stands as it is. */
export class Trouble extends Error {}

/** True when another process is writing. */
export const isBusy = (error: unknown): boolean => /^SQLITE_(BUSY|LOCKED)/.test(codeOf(error));

/** One plain sentence for a failure of the database or its folder; null when it is something else. */
export function databaseFailure(error: unknown): string | null {
	if (error instanceof Trouble) return error.message;
	const code = codeOf(error);
	return code === '' ? null : (SENTENCES.find(([prefix]) => code.startsWith(prefix))?.[1] ?? null);
}
