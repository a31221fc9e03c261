const SENTENCES: readonly [prefix: string, sentence: string][] = [
	[
		'SQLITE_READONLY',
		'The database file is read-only, so nothing was changed. Make the data folder writable and try again.'
	],
	[
		'SQLITE_BUSY',
		'The database is locked by another program, so nothing was changed. Close the other program and try again.'
	],
	[
		'SQLITE_LOCKED',
		'The database is locked by another program, so nothing was changed. Close the other program and try again.'
	],
	['SQLITE_CANTOPEN', 'The database file cannot be opened. See that the data folder exists and may be written.'],
	['SQLITE_NOTADB', 'The database file is not a Rotalux database. Point ROTALUX_DATA at another folder.'],
	['SQLITE_CORRUPT', 'The database file is damaged. Nothing was changed; restore a copy.'],
	['SQLITE_FULL', 'The disk is full, so nothing was changed.'],
	['EACCES', 'The data folder may not be written. Point ROTALUX_DATA at another folder.'],
	['EROFS', 'The data folder is on a read-only disk. Point ROTALUX_DATA at another folder.'],
	[
		'EEXIST',
		'The data folder cannot be made: a file of that name is in the way. Point ROTALUX_DATA at another folder.'
	],
	['ENOTDIR', 'The data folder cannot be made: a file is in the way. Point ROTALUX_DATA at another folder.']
];

/** One plain sentence for a failure of the database or its folder; null when it is something else. */
export function databaseFailure(error: unknown): string | null {
	const code = (error as { code?: unknown } | null)?.code;
	if (typeof code !== 'string') return null;
	return SENTENCES.find(([prefix]) => code.startsWith(prefix))?.[1] ?? null;
}
