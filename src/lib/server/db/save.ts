import { join } from 'node:path';
import { dumpTo } from './postgres/copy';
import { saveCopyAs } from './sqlite/copy';
import { stamp, type SavedCopy } from './saved-copy';
import type { Where } from './where';

/** How the files end that each engine saves. */
export const COPY_ENDINGS = { sqlite: '.sqlite.gz', postgres: '.dump' } as const;

/**
 * Saves a database that others may be using, as it stands at one moment, and opens what was written again.
 * @throws Trouble when the copy is not whole
 */
export const saveAs = (where: Where, file: string): Promise<SavedCopy> =>
	where.engine === 'sqlite' ? saveCopyAs(where.file, file) : dumpTo(where, file);

/**
 * The same, in a folder.
 * @param name what the file is called, without its time
 */
export const saveCopy = (where: Where, folder: string, name = 'rotalux'): Promise<SavedCopy> =>
	saveAs(where, join(folder, `${name}-${stamp(new Date())}${COPY_ENDINGS[where.engine]}`));
