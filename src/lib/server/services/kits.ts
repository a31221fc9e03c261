import type { Knex } from 'knex';
import { kitOrder, type Choice, type Configuration, type KitOrder, type Socket } from '../../core/exchange';
import { assembleKit, socketsInScope, type KitAnswer, type Solver } from '../../core/kit';
import { Candidate, socketCase } from '../../core/match';
import { err, ok, type Result } from '../../core/result';
import { socketName, twinGroups, vehicleName } from '../../core/vehicle';
import { findConfiguration } from '../repositories/configurations';
import {
	addRevision,
	findKit,
	listKits,
	listRevisions,
	putKit,
	type KitRevision,
	type StoredKit
} from '../repositories/kits';
import { shopData } from './catalogue';
import { readCurrency } from './policy';

const RUNNERS_UP = 2;

/** What a kit service needs from outside. */
export interface KitContext {
	db: Knex;
	solver: Solver;
	/** The time, ISO. */
	now: () => string;
	/** A new id that nobody has. */
	newId: () => string;
}

async function solved(
	ctx: KitContext,
	configuration: Configuration,
	order: KitOrder,
	runnersUp = 0
): Promise<{ answer: KitAnswer; version: number }> {
	const { catalogue, shop, version } = await shopData(ctx.db);
	const answer = await assembleKit({ configuration, catalogue, shop }, order, ctx.solver, runnersUp);
	return { answer, version };
}

/** Starts a draft kit for a vehicle and works it out. */
export async function startKit(
	ctx: KitContext,
	configurationId: string,
	name: string,
	order: KitOrder
): Promise<Result<StoredKit, string>> {
	const configuration = await findConfiguration(ctx.db, configurationId);
	if (!configuration) return err(`There is no vehicle "${configurationId}".`);
	const { answer, version } = await solved(ctx, configuration, order);
	const now = ctx.now();
	const kit: StoredKit = {
		id: ctx.newId(),
		name,
		configurationId,
		state: 'draft',
		order,
		answer,
		dataVersion: version,
		extra: {},
		createdAt: now,
		updatedAt: now
	};
	await ctx.db.transaction((tx) => putKit(tx, kit));
	return ok(kit);
}

async function draft(
	ctx: KitContext,
	id: string
): Promise<Result<{ kit: StoredKit; configuration: Configuration }, string>> {
	const kit = await findKit(ctx.db, id);
	if (!kit) return err(`There is no kit "${id}".`);
	if (kit.state === 'released')
		return err(`${kit.name} is released, and a released kit does not change. Start a new kit from it.`);
	const configuration = await findConfiguration(ctx.db, kit.configurationId);
	return configuration ? ok({ kit, configuration }) : err('The vehicle of this kit is no longer there.');
}

/** Changes what a draft kit is asked to be, and works it out again. */
export async function reorderKit(
	ctx: KitContext,
	id: string,
	change: (order: KitOrder) => KitOrder,
	runnersUp = 0
): Promise<Result<StoredKit, string>> {
	const found = await draft(ctx, id);
	if (!found.ok) return found;
	const order = change(found.value.kit.order);
	const { answer, version } = await solved(ctx, found.value.configuration, order, runnersUp);
	const kit = { ...found.value.kit, order, answer, dataVersion: version, updatedAt: ctx.now() };
	await ctx.db.transaction((tx) => putKit(tx, kit));
	return ok(kit);
}

/** Works out the next best kits beside a draft. */
export function addRunnersUp(ctx: KitContext, id: string): Promise<Result<StoredKit, string>> {
	return reorderKit(ctx, id, (order) => order, RUNNERS_UP);
}

/** Gives a kit another name; a released one too, since the name is not part of what was released. */
export async function renameKit(ctx: KitContext, id: string, name: string): Promise<Result<StoredKit, string>> {
	const kit = await findKit(ctx.db, id);
	if (!kit) return err(`There is no kit "${id}".`);
	const renamed = { ...kit, name, updatedAt: ctx.now() };
	await ctx.db.transaction((tx) => putKit(tx, renamed));
	return ok(renamed);
}

function twinsOf(configuration: Configuration, socket: Socket): Socket[] {
	return twinGroups(configuration.sockets).find((group) => group.includes(socket)) ?? [socket];
}

function takesIn({ order }: StoredKit, socket: Socket): boolean {
	return socketsInScope([socket], order.scope).length > 0;
}

/** The draft kit of a vehicle that was last touched and takes a socket in, or a new one for the whole vehicle. */
export async function draftFor(
	ctx: KitContext,
	configurationId: string,
	socketId: string
): Promise<Result<StoredKit, string>> {
	const configuration = await findConfiguration(ctx.db, configurationId);
	const socket = configuration?.sockets.find((s) => s.id === socketId);
	if (!socket) return err(`There is no socket "${socketId}" on this vehicle.`);
	const drafts = (await listKits(ctx.db, configurationId)).filter((kit) => kit.state === 'draft');
	const draft = drafts.find((kit) => takesIn(kit, socket));
	return draft ? ok(draft) : startKit(ctx, configurationId, 'Kit', kitOrder.parse({}));
}

/** Fixes the choice for a socket and its twin, or frees it again with null. A refused product is not taken. */
export async function chooseInKit(
	ctx: KitContext,
	id: string,
	socketId: string,
	choice: Choice | null
): Promise<Result<StoredKit, string>> {
	const found = await draft(ctx, id);
	if (!found.ok) return found;
	const { configuration } = found.value;
	const socket = configuration.sockets.find((s) => s.id === socketId);
	if (!socket) return err(`There is no socket "${socketId}" on this vehicle.`);
	if (!takesIn(found.value.kit, socket))
		return err(
			`${socketName(socket)} is outside the scope of ${found.value.kit.name}: widen the scope, or start another kit.`
		);
	const twins = twinsOf(configuration, socket);
	const refusal =
		choice?.kind === 'product'
			? await whyRefused(ctx.db, configuration, twins, choice.product, found.value.kit.order.exception)
			: null;
	if (refusal) return err(refusal);
	return reorderKit(ctx, id, (order) => {
		const choices = { ...order.choices };
		for (const twin of twins) {
			if (choice) choices[twin.id] = choice;
			else delete choices[twin.id];
		}
		return { ...order, choices };
	});
}

async function whyRefused(
	db: Knex,
	configuration: Configuration,
	sockets: Socket[],
	productId: string,
	exception: KitOrder['exception']
): Promise<string | null> {
	const { catalogue, shop: usual } = await shopData(db);
	const shop = { ...usual, exception };
	const product = catalogue.all.find((p) => p.product.id === productId);
	if (!product) return `There is no product "${productId}".`;
	for (const socket of sockets) {
		const prepared = socketCase(configuration, socket, shop);
		if (!prepared) return `${socketName(socket)} has no lamp category to match.`;
		if (new Candidate(prepared, product).verdict === 'refused')
			return `${product.product.name} is refused in ${socketName(socket)}; see Match for the reasons. Nothing was changed.`;
	}
	return null;
}

/** A released kit as it was frozen. */
export interface FrozenKit {
	name: string;
	vehicle: string;
	configuration: Configuration;
	order: KitOrder;
	answer: KitAnswer;
	policy: unknown;
	currency: string;
	signedBy: string | null;
}

/** Freezes a draft as its first revision. A kit with a check by hand in it wants a signature. */
export async function releaseKit(ctx: KitContext, id: string, signedBy: string): Promise<Result<KitRevision, string>> {
	const found = await draft(ctx, id);
	if (!found.ok) return found;
	const { kit, configuration } = found.value;
	const { shop, version } = await shopData(ctx.db);
	if (kit.dataVersion !== version)
		return err('Facts have changed since this kit was worked out: solve it again, then release.');
	if (kit.answer.lines.length === 0) return err('The kit is empty: there is nothing to release.');
	if (kit.answer.lines.some((line) => line.verdict === 'unknown') && signedBy === '')
		return err('The kit holds a lamp that wants a check by hand: write the name of whoever checked it, then release.');
	const revision = (await listRevisions(ctx.db, id)).length + 1;
	const frozen: FrozenKit = {
		name: kit.name,
		vehicle: vehicleName(configuration),
		configuration,
		order: kit.order,
		answer: kit.answer,
		policy: shop.policy,
		currency: await readCurrency(ctx.db),
		signedBy: signedBy || null
	};
	const now = ctx.now();
	const released: KitRevision = { kitId: id, revision, code: `${id}-R${revision}`, releasedAt: now, document: frozen };
	await ctx.db.transaction(async (tx) => {
		await addRevision(tx, released);
		await putKit(tx, { ...kit, state: 'released', updatedAt: now });
	});
	return ok(released);
}
