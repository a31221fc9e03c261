import type { Knex } from 'knex';
import type { KitContext } from '../../src/lib/server/services/kits';
import { kitWorkOn } from '../../src/lib/server/services/kits/work';
import { highsSolver } from '../../src/lib/server/solver/highs';
import { watchedSolve } from '../../src/lib/server/workers/solves';

/** What kit services need, on a database of a test: one fixed time, ids K1, K2 and so on. */
export function kitContextOn(db: Knex, now = '2026-03-04T05:06:07.000Z'): KitContext {
	let [id, code] = [0, 0];
	return {
		db,
		work: kitWorkOn(db, highsSolver),
		now: () => now,
		newId: () => `K${++id}`,
		newCode: () => `CODE-${++code}`,
		watched: watchedSolve
	};
}
