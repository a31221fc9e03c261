import { openDatabase } from '../../src/lib/server/db/connection';
import { runCover } from '../../src/lib/server/services/cover/run';

// Works the cover of a folder out in a process of its own, and says each step, so that somebody may end it between two.
const db = await openDatabase(process.argv[2] ?? '');
await runCover(db, {
	now: () => new Date().toISOString(),
	onProgress: ({ phase, done }) => process.stdout.write(`${phase} ${done}\n`)
});
await db.destroy();
