import { rmSync } from 'node:fs';
import { connectServer } from './postgres/connect';
import { clear } from './postgres/schema';
import { whereIs } from './where';

/** Takes everything of a folder's database away. Whoever does that holds it alone, and nobody has it open. */
export async function emptyDatabase(folder: string): Promise<void> {
	const where = whereIs(folder);
	if (where.engine === 'sqlite') {
		for (const suffix of ['', '-wal', '-shm']) rmSync(where.file + suffix, { force: true });
		return;
	}
	const db = connectServer(where);
	try {
		await clear(db, where.schema);
	} finally {
		await db.destroy();
	}
}
