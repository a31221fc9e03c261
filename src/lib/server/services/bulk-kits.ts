import { changeAlways } from '../db/change';
import { finishBulkKit, nextBulkKit } from '../repositories/bulk-kits';
import { startKit, type KitContext } from './kits';

/**
 * Works out the kits that are in line, one after another, each a draft for a person to check. What came of each is written before the next is
 * begun, so that a server that stops goes on with the one it was at.
 * @returns how many came to an end
 */
export async function workBulkKits(ctx: KitContext, isStopped: () => boolean = () => false): Promise<number> {
	let done = 0;
	for (;;) {
		const next = isStopped() ? null : await nextBulkKit(ctx.db, ctx.now());
		if (!next) return done;
		const { number, configuration, order, name } = next;
		const made = await startKit(ctx, configuration, { name, order });
		// One that was at work when everything was stopped is begun again: nothing is known to have come of it.
		if (!made.ok && isStopped()) return done;
		await changeAlways(ctx.db, (tx) =>
			finishBulkKit(tx, number, made.ok ? { kit: made.value.id } : { why: made.error })
		);
		done += 1;
	}
}
