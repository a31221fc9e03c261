import type { DemandPrice } from '../../../core/kit';
import { ok, type Result } from '../../../core/result';
import { draftOf, type KitContext } from './context';
import { promisedToOthers } from './promised';

/** What each demand of a kit costs, and what wishes that are often made would. */
export async function pricesFor(ctx: KitContext, id: string): Promise<Result<DemandPrice[], string>> {
	const draft = await draftOf(ctx.db, id);
	if (!draft.ok) return draft;
	const { kit, configuration } = draft.value;
	const { order, answer } = kit;
	const promised = await promisedToOthers(ctx, { order, kit: id });
	return ok(await ctx.watched(id, (watch) => ctx.work.demandPrices({ configuration, order, promised, answer }, watch)));
}
