import type { Knex } from 'knex';
import { setImmediate as letOthers } from 'node:timers/promises';
import { changeAlways } from '../../db/change';
import { coverState, putCoverState } from '../../repositories/cover';
import { KeptCover, type CoverProgress } from './kept-cover';

const kept = new WeakMap<Knex, Promise<KeptCover>>();

/** The cover of a database, opened once for as long as the rules of the shop stay as they are. */
export async function coverIn(db: Knex): Promise<KeptCover> {
	const known = await kept.get(db);
	if (known && (await known.isOfToday())) return known;
	const fresh = KeptCover.open(db);
	kept.set(db, fresh);
	return fresh;
}

/** Who looks on while a cover is worked out, and may stop it. */
export interface CoverWatch {
	now: () => string;
	onProgress?: (progress: CoverProgress) => void;
	isStopped?: () => boolean;
}

/**
 * Works the cover out, as far as it is not: a first run looks at everything, a later one at what has changed. What was done stays when it is
 * stopped, or cut off.
 * @returns false when it was stopped
 */
export async function runCover(db: Knex, { now, onProgress, isStopped = () => false }: CoverWatch): Promise<boolean> {
	const cover = await coverIn(db);
	const before = await coverState(db);
	const rules = before?.rules ?? '';
	await changeAlways(db, (tx) =>
		putCoverState(tx, { rules, startedAt: now(), finishedAt: before?.finishedAt ?? null })
	);
	const leave = (finishedAt: string | null) =>
		changeAlways(db, (tx) => putCoverState(tx, { rules, startedAt: null, finishedAt }));
	for await (const progress of cover.catchUp()) {
		onProgress?.(progress);
		if (progress.phase !== 'done' && isStopped()) {
			await leave(before?.finishedAt ?? null);
			return false;
		}
		await letOthers();
	}
	await leave(now());
	return true;
}
