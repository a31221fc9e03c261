import { backUp } from '../services/backups';
import type { SavedCopy } from '../db/copy';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** Backs a data folder up off the request thread. */
export default function save({ folder }: { folder: string }): Promise<SavedCopy> {
	return backUp(folder);
}
