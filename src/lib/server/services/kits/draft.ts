import type { KitOrder } from '../../../core/model';
import { NEW_LIFE } from '../../../core/kit';
import { err, ok, type Result } from '../../../core/result';
import { findConfiguration } from '../../repositories/configurations';
import { findKit, putKit, type StoredKit } from '../../repositories/kits';
import { draftOf, solved, type KitContext } from './context';

const RUNNERS_UP = 2;

/** Starts a draft kit for a vehicle and works it out. */
export async function startKit(
	ctx: KitContext,
	configurationId: string,
	{ name, order }: { name: string; order: KitOrder }
): Promise<Result<StoredKit, string>> {
	const configuration = await findConfiguration(ctx.db, configurationId);
	if (!configuration) return err(`There is no vehicle "${configurationId}".`);
	const id = ctx.newId();
	const kit = await solved(ctx, id, { configuration, order });
	if (!kit.ok) return kit;
	const now = ctx.now();
	const stored: StoredKit = {
		id,
		name,
		configurationId,
		state: 'draft',
		order,
		answer: kit.value.answer,
		dataVersion: kit.value.version,
		life: NEW_LIFE,
		extra: {},
		createdAt: now,
		updatedAt: now
	};
	await ctx.db.transaction((tx) => putKit(tx, stored));
	return ok(stored);
}

/** Changes what a kit is asked to be, and works it out again; one that was checked is a draft again. */
export async function reorderKit(
	ctx: KitContext,
	id: string,
	{ change, runnersUp = 0 }: { change: (order: KitOrder) => KitOrder; runnersUp?: number }
): Promise<Result<StoredKit, string>> {
	const found = await draftOf(ctx, id);
	if (!found.ok) return found;
	const { kit, configuration } = found.value;
	const order = change(kit.order);
	const again = await solved(ctx, id, { configuration, order, runnersUp });
	if (!again.ok) return again;
	const { answer, version } = again.value;
	const changed: StoredKit = {
		...kit,
		state: 'draft',
		order,
		answer,
		dataVersion: version,
		life: NEW_LIFE,
		updatedAt: ctx.now()
	};
	await ctx.db.transaction((tx) => putKit(tx, changed));
	return ok(changed);
}

/** Works out the next best kits beside a draft. */
export function addRunnersUp(ctx: KitContext, id: string): Promise<Result<StoredKit, string>> {
	return reorderKit(ctx, id, { change: (order) => order, runnersUp: RUNNERS_UP });
}

/** Gives a kit another name; a released one too, since the name is not part of what was released. */
export async function renameKit(ctx: KitContext, id: string, name: string): Promise<Result<StoredKit, string>> {
	const kit = await findKit(ctx.db, id);
	if (!kit) return err(`There is no kit "${id}".`);
	const renamed = { ...kit, name, updatedAt: ctx.now() };
	await ctx.db.transaction((tx) => putKit(tx, renamed));
	return ok(renamed);
}
