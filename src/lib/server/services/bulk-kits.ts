import { changeAlways } from '../db/change';
import { finishBulkKit, waitingBulkKit } from '../repositories/bulk-kits';
import { startKit, type KitContext } from './kits';

/**
 * Works out a kit that is in line, a draft for a person to check, and writes what came of it. One that nobody waits for any more is left alone.
 * @returns false when it was stopped: nothing is known to have come of it, and it is begun again
 */
export async function workBulkKit(
	contextAt: (branch: string | null) => Promise<KitContext>,
	number: number,
	isStopped: () => boolean = () => false
): Promise<boolean> {
	const next = await waitingBulkKit((await contextAt(null)).db, number);
	if (!next) return true;
	const { configuration, order, name, branch } = next;
	const ctx = await contextAt(branch);
	const made = await startKit(ctx, configuration, { name, order });
	if (!made.ok && isStopped()) return false;
	await changeAlways(ctx.db, (tx) => finishBulkKit(tx, number, made.ok ? { kit: made.value.id } : { why: made.error }));
	return true;
}
