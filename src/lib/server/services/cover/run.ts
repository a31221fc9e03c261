import type { Knex } from 'knex';
import { setImmediate as letOthers } from 'node:timers/promises';
import { changeAlways } from '../../db/change';
import { coverState, putCoverState } from '../../repositories/cover';
import { KeptCover, type CoverProgress } from './kept-cover';

const kept = new WeakMap<Knex, Promise<KeptCover>>();

function opened(db: Knex): Promise<KeptCover> {
	const fresh = KeptCover.open(db);
	kept.set(db, fresh);
	// One that could not be opened is tried again by whoever asks next.
	fresh.catch(() => kept.get(db) === fresh && kept.delete(db));
	return fresh;
}

/**
 * The cover of a database, opened once for all who ask: what a run has worked out is what questions are answered from. What a run of another
 * process has worked out is read when that is done.
 */
export async function coverIn(db: Knex): Promise<KeptCover> {
	const known = kept.get(db);
	if (!known) return opened(db);
	const state = await coverState(db);
	const cover = await known;
	return state?.startedAt != null || (await cover.isAlone()) ? cover : opened(db);
}

/** The cover that a run is to work on: another one where the rules of the shop are others. Only a run begins anew, so that no two write at once. */
async function coverForRun(db: Knex): Promise<KeptCover> {
	const known = await (kept.get(db) ?? opened(db));
	return (await known.isOfToday()) && (await known.isAlone()) ? known : opened(db);
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
	const cover = await coverForRun(db);
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
