import type { Knex } from 'knex';
import { err, ok, type Result } from '../../../core/result';
import { change, type Tx } from '../../db/change';
import { fingerprint } from '../../fingerprint';
import { updateKit, type StoredKit } from '../../repositories/kits';
import { highestMark } from '../../repositories/marks';
import { readMark } from '../../repositories/settings';

/** What a person looks at on a kit, as a sign of a few letters: equal as long as nothing of it was changed. Its name stands apart. */
export function sightOf({ state, order, answer, life }: StoredKit): string {
	return fingerprint([state, order, answer, life]);
}

/** Said to somebody whose page is older than the kit. */
export const CHANGED_MEANWHILE = 'Somebody else changed this kit meanwhile, so yours was not written.';

/** Null when a kit is still what a person saw. */
export const clashOf = (kit: StoredKit, sight: string | undefined): string | null =>
	sight === undefined || sight === sightOf(kit) ? null : CHANGED_MEANWHILE;

/** The mark of the last change of anything a kit stands on: its vehicle, what is in it, policy and assumptions. */
export async function standingMark(db: Knex, { configurationId, answer }: StoredKit): Promise<number> {
	const items = answer.lines.flatMap(({ product, accessory }) => product ?? accessory ?? []);
	return Math.max(
		await highestMark(db, 'configurations', [configurationId]),
		await highestMark(db, 'products', items),
		await highestMark(db, 'accessories', items),
		await readMark(db, 'policy')
	);
}

/** How often a change is made again on what somebody else has made of the kit meanwhile. */
const TRIES = 5;

/** A change of a kit that was made from a version of it; `null` as a kit when what it stands on or the kit moved on meanwhile. */
export type Landed<T> = { kit: StoredKit; value: T } | null;

/**
 * Writes a kit over the very version it was made from, under the very facts it was made by where they are named.
 * @param more what is written with it
 */
export async function land<T>(
	db: Knex,
	{ next, facts }: { next: StoredKit; facts?: number },
	more: (tx: Tx, kit: StoredKit) => Promise<T>
): Promise<Landed<T>> {
	const done = await change<{ kit: StoredKit; value: T }, 'moved'>(db, async (tx) => {
		if (facts !== undefined && (await standingMark(tx, next)) !== facts) return err('moved');
		const kit = await updateKit(tx, next);
		return kit ? ok({ kit, value: await more(tx, kit) }) : err('moved');
	});
	return done.ok ? done.value : null;
}

/** Makes a change again as long as somebody else comes first. */
export async function untilLanded<T>(attempt: () => Promise<Result<T, string> | null>): Promise<Result<T, string>> {
	for (let n = 0; n < TRIES; n++) {
		const done = await attempt();
		if (done) return done;
	}
	return err('Others keep changing this kit. Nothing of yours was written; try again.');
}
