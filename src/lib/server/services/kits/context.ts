import type { Knex } from 'knex';
import type { Configuration, KitOrder } from '../../../core/model';
import { assembleKit, type KitAnswer, type AssembleOptions } from '../../../core/kit';
import { type Solver } from '../../../core/solver';
import { err, ok, type Result } from '../../../core/result';
import { findConfiguration } from '../../repositories/configurations';
import { findKit, type StoredKit } from '../../repositories/kits';
import { shopData } from '../catalogue';

/** What a kit service needs from outside. */
export interface KitContext {
	db: Knex;
	solver: Solver;
	/** The time, ISO. */
	now: () => string;
	/** A new id that nobody has. */
	newId: () => string;
	/** Lets somebody look on while the kit of an id is solved, and stop it. */
	watched: <T>(id: string, work: (watch: NonNullable<AssembleOptions['watch']>) => Promise<T>) => Promise<T>;
}

/** Works a kit out by the facts of today. An order that cannot hold together comes back in words. */
export async function solved(
	ctx: KitContext,
	id: string,
	{ configuration, order, runnersUp = 0 }: { configuration: Configuration; order: KitOrder; runnersUp?: number }
): Promise<Result<{ answer: KitAnswer; version: number }, string>> {
	const { catalogue, shop, version } = await shopData(ctx.db);
	const kit = await ctx.watched(id, (watch) =>
		assembleKit({ configuration, catalogue, shop }, order, { solver: ctx.solver, runnersUp, watch })
	);
	return kit.ok ? ok({ answer: kit.value, version }) : err(`${kit.error.words} The kit stays as it was.`);
}

/** A kit that may be changed, with its vehicle. */
export async function draftOf(
	ctx: KitContext,
	id: string
): Promise<Result<{ kit: StoredKit; configuration: Configuration }, string>> {
	const kit = await findKit(ctx.db, id);
	if (!kit) return err(`There is no kit "${id}".`);
	if (kit.state === 'released')
		return err(`${kit.name} is released, and a released kit does not change: start its next revision.`);
	const configuration = await findConfiguration(ctx.db, kit.configurationId);
	return configuration ? ok({ kit, configuration }) : err('The vehicle of this kit is no longer there.');
}
