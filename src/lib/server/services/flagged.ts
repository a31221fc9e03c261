import type { Knex } from 'knex';
import { changeAlways } from '../db/change';
import { flagCode, flaggedCodes, unflagCodes } from '../repositories/webhooks';
import { listRevisions } from '../repositories/kit-revisions';
import { announce } from './webhooks';
import type { BrokenKit } from './kits/broken';

/**
 * Tells of released kits that would not be made so any more, each once until it is whole again.
 * @returns how many are new
 */
export async function tellOfFlagged(db: Knex, broken: readonly BrokenKit[], now: string): Promise<number> {
	const codes = new Map<string, BrokenKit>();
	for (const kit of broken) {
		const code = (await listRevisions(db, kit.id)).at(-1)?.code;
		if (code !== undefined) codes.set(code, kit);
	}
	return changeAlways(db, async (tx) => {
		const known = await flaggedCodes(tx);
		await unflagCodes(
			tx,
			[...known].filter((code) => !codes.has(code))
		);
		let fresh = 0;
		for (const [code, { id, name, configuration, vehicle, words }] of codes) {
			if (!(await flagCode(tx, code, now))) continue;
			await announce(tx, 'kit.flagged', { at: now, kit: id, code, name, configuration, vehicle, why: words });
			fresh += 1;
		}
		return fresh;
	});
}
