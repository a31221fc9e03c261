import type { KitOrder } from '../../../core/model';
import { NEW_LIFE } from '../../../core/kit';
import { err, ok, type Result } from '../../../core/result';
import { orderWords } from '../../../core/views';
import { branchOf } from '../../db/branch';
import { change, changeAlways } from '../../db/change';
import { findConfiguration } from '../../repositories/configurations';
import { addKit, findKit, updateKit, type StoredKit } from '../../repositories/kits';
import { draftOf, type KitContext } from './context';
import { readCurrency } from '../policy';
import { clashOf, land, untilLanded } from './landing';
import { promisedToOthers } from './promised';
import type { KitWork } from './work';

const RUNNERS_UP = 2;

/** Works a kit out where others may look on and stop it. */
async function proposed(ctx: KitContext, id: string, asked: Omit<Parameters<KitWork['proposal']>[0], 'promised'>) {
	const promised = await promisedToOthers(ctx, { order: asked.order, kit: id });
	return ctx.watched(id, (watch) => ctx.work.proposal({ ...asked, promised }, watch));
}

/** Starts a draft kit for a vehicle and works it out. */
export async function startKit(
	ctx: KitContext,
	configurationId: string,
	{ name, order }: { name: string; order: KitOrder }
): Promise<Result<StoredKit, string>> {
	const configuration = await findConfiguration(ctx.db, configurationId);
	if (!configuration) return err(`There is no vehicle "${configurationId}".`);
	const id = ctx.newId();
	const kit = await proposed(ctx, id, { configuration, order, runnersUp: 0 });
	if (!kit.ok) return kit;
	const now = ctx.now();
	const stored: StoredKit = {
		id,
		name,
		configurationId,
		branch: branchOf(ctx.db),
		state: 'draft',
		order,
		...kit.value,
		version: 0,
		life: NEW_LIFE,
		extra: {},
		createdAt: now,
		updatedAt: now
	};
	return ok(await changeAlways(ctx.db, (tx) => addKit(tx, stored)));
}

/** What a kit is to be asked for instead. */
export interface Reorder {
	change: (order: KitOrder) => KitOrder;
	runnersUp?: number;
	/** What the person saw, where the whole order is given anew; what changes one place is made again on what others have made of the kit. */
	sight?: string | undefined;
}

/** Changes what a kit is asked to be, and works it out again; one that was checked is a draft again. */
export async function reorderKit(
	ctx: KitContext,
	id: string,
	{ change: reorder, runnersUp = 0, sight }: Reorder
): Promise<Result<StoredKit, string>> {
	return untilLanded(async () => {
		const found = await draftOf(ctx.db, id);
		if (!found.ok) return found;
		const { kit, configuration } = found.value;
		const order = reorder(kit.order);
		const clash = clashOf(kit, sight);
		if (clash) {
			const currency = await readCurrency(ctx.db);
			return err(`${clash} Theirs: ${orderWords(kit.order, currency)}. Yours: ${orderWords(order, currency)}.`);
		}
		const again = await proposed(ctx, id, { configuration, order, runnersUp });
		if (!again.ok) return again;
		const next: StoredKit = { ...kit, state: 'draft', order, ...again.value, life: NEW_LIFE, updatedAt: ctx.now() };
		const landed = await land(ctx.db, { next }, async () => null);
		return landed && ok(landed.kit);
	});
}

/** Works out the next best kits beside a draft. */
export function addRunnersUp(ctx: KitContext, id: string): Promise<Result<StoredKit, string>> {
	return reorderKit(ctx, id, { change: (order) => order, runnersUp: RUNNERS_UP });
}

/** Gives a kit another name; a released one too, since the name is not part of what was released. */
export async function renameKit(
	ctx: KitContext,
	id: string,
	{ name, saw }: { name: string; saw?: string | undefined }
): Promise<Result<StoredKit, string>> {
	return change(ctx.db, async (tx) => {
		const kit = await findKit(tx, id);
		if (!kit) return err(`There is no kit "${id}".`);
		if (saw !== undefined && kit.name !== saw)
			return err(`Somebody else named this kit “${kit.name}” meanwhile; yours is “${name}”. Save again to keep yours.`);
		const renamed = await updateKit(tx, { ...kit, name, updatedAt: ctx.now() });
		return renamed ? ok(renamed) : err('The kit was changed at the same moment. Nothing was written; try again.');
	});
}
