import { openDatabase } from '../db/connection';
import type { SavedCopy } from '../db/saved-copy';
import { backUp } from '../services/backups';
import { examine, type Examined } from '../services/doctor';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** What is to be done with a data folder. */
export interface KeepingTask {
	folder: string;
	what: 'save' | 'examine';
}

/** Backs a data folder up, or looks it over, off the request thread. */
export default async function keep({ folder, what }: KeepingTask): Promise<SavedCopy | Examined> {
	if (what === 'save') return backUp(folder);
	const db = await openDatabase(folder);
	try {
		return await examine(db, folder);
	} finally {
		await db.destroy();
	}
}
