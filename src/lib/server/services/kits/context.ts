import type { Knex } from 'knex';
import type { Configuration, KitOrder } from '../../../core/model';
import { assembleKit, type KitAnswer, type AssembleOptions } from '../../../core/kit';
import { type Solver } from '../../../core/solver';
import { err, ok, type Result } from '../../../core/result';
import { findConfiguration } from '../../repositories/configurations';
import { findKit, type Foundation, type StoredKit } from '../../repositories/kits';
import { shopData, type ShopData } from '../catalogue';
import { changedUnder, foundationOf } from './foundation';

/** What a kit service needs from outside. */
export interface KitContext {
	db: Knex;
	solver: Solver;
	/** The time, ISO. */
	now: () => string;
	/** A new id that nobody has. */
	newId: () => string;
	/** A code for a revision, which nobody guesses. */
	newCode: () => string;
	/** Lets somebody look on while the kit of an id is solved, and stop it. */
	watched: <T>(id: string, work: (watch: NonNullable<AssembleOptions['watch']>) => Promise<T>) => Promise<T>;
}

/** Products an order and its answer name. */
export function productsIn({ order, answer }: { order: KitOrder; answer?: KitAnswer }): string[] {
	const chosen = Object.values(order.choices).flatMap((c) => (c.kind === 'product' ? c.product : []));
	const banned = (order.forbidden ?? []).map(({ product }) => product);
	const inHand = Object.values(order.has?.lamps ?? {});
	return [...chosen, ...banned, ...inHand, ...(answer?.lines ?? []).flatMap(({ product }) => product ?? [])];
}

/** What a kit is worked out from: everything that may go into its vehicle, and what the order names. */
export const dataToChooseFrom = (
	db: Knex,
	configuration: Configuration,
	kit: { order: KitOrder; answer?: KitAnswer }
): Promise<ShopData> => shopData(db, { configurations: [configuration], products: productsIn(kit) });

/** What a kit that is worked out stands on: what is in it and what its order names, and no more. */
export const dataOfKit = (db: Knex, kit: { order: KitOrder; answer: KitAnswer }): Promise<ShopData> =>
	shopData(db, { configurations: [], products: productsIn(kit) });

/** A kit as it would be: worked out, not written. It lands only on the version it was made for. */
export interface Proposal {
	answer: KitAnswer;
	standsOn: Foundation;
}

/** Works a kit out by the facts of today. An order that cannot hold together comes back in words. */
export async function proposed(
	ctx: KitContext,
	id: string,
	{ configuration, order, runnersUp = 0 }: { configuration: Configuration; order: KitOrder; runnersUp?: number }
): Promise<Result<Proposal, string>> {
	const data = await dataToChooseFrom(ctx.db, configuration, { order });
	const { catalogue, shop } = data;
	const kit = await ctx.watched(id, (watch) =>
		assembleKit({ configuration, catalogue, shop }, order, { solver: ctx.solver, runnersUp, watch })
	);
	if (!kit.ok) return err(`${kit.error.words} The kit stays as it was.`);
	return ok({ answer: kit.value, standsOn: foundationOf({ configuration, answer: kit.value }, data) });
}

/** A kit that may be changed, with its vehicle. */
export async function draftOf(
	db: Knex,
	id: string
): Promise<Result<{ kit: StoredKit; configuration: Configuration }, string>> {
	const kit = await findKit(db, id);
	if (!kit) return err(`There is no kit "${id}".`);
	if (kit.state === 'released')
		return err(`${kit.name} is released, and a released kit does not change: start its next revision.`);
	const configuration = await findConfiguration(db, kit.configurationId);
	return configuration ? ok({ kit, configuration }) : err('The vehicle of this kit is no longer there.');
}

/** What has changed under a kit since it was worked out, in words. */
export async function staleness(
	db: Knex,
	{ kit, configuration }: { kit: StoredKit; configuration: Configuration }
): Promise<string[]> {
	return changedUnder(kit.standsOn, foundationOf({ configuration, answer: kit.answer }, await dataOfKit(db, kit)));
}
