import type { Knex } from 'knex';
import { kitOrder, type Choice, type Configuration, type KitOrder, type Socket } from '../../../core/model';
import { assembliesOf, groupsOf, socketsInScope } from '../../../core/kit';
import { Candidate, socketCase } from '../../../core/match';
import { err, ok, type Result } from '../../../core/result';
import { socketName, twinGroups } from '../../../core/vehicle';
import type { LineChangeView } from '../../../core/views';
import { findConfiguration } from '../../repositories/configurations';
import { kitsHere, type StoredKit } from '../../repositories/kits';
import { shopData } from '../catalogue';
import { draftOf, type KitContext } from './context';
import { asOrdered, dataToChooseFrom, productsIn } from './data';
import { promisedToOthers } from './promised';
import { reorderKit, startKit } from './draft';

function twinsOf(configuration: Configuration, { order }: StoredKit, socket: Socket): Socket[] {
	const inScope = socketsInScope(configuration.sockets, order);
	return twinGroups(inScope).find((group) => group.includes(socket)) ?? [socket];
}

const takesIn = ({ order }: StoredKit, socket: Socket) => socketsInScope([socket], order).length > 0;

/** The kit of a vehicle that may be changed, was last touched and takes a socket in; or a new one for the whole vehicle. */
export async function draftFor(
	ctx: KitContext,
	configurationId: string,
	socketId: string
): Promise<Result<StoredKit, string>> {
	const configuration = await findConfiguration(ctx.db, configurationId);
	const socket = configuration?.sockets.find((s) => s.id === socketId);
	if (!socket) return err(`There is no socket "${socketId}" on this vehicle.`);
	const open = (await kitsHere(ctx.db, configurationId)).filter((kit) => kit.state !== 'released');
	const draft = open.find((kit) => takesIn(kit, socket));
	return draft ? ok(draft) : startKit(ctx, configurationId, { name: 'Kit', order: kitOrder.parse({}) });
}

async function placeIn(
	ctx: KitContext,
	id: string,
	socketId: string
): Promise<Result<{ kit: StoredKit; configuration: Configuration; twins: Socket[] }, string>> {
	const found = await draftOf(ctx.db, id);
	if (!found.ok) return found;
	const { kit, configuration } = found.value;
	const socket = configuration.sockets.find((s) => s.id === socketId);
	if (!socket) return err(`There is no socket "${socketId}" on this vehicle.`);
	if (!takesIn(kit, socket))
		return err(`${socketName(socket)} is outside the scope of ${kit.name}: widen the scope, or start another kit.`);
	return ok({ kit, configuration, twins: twinsOf(configuration, kit, socket) });
}

/** Fixes the choice for a socket and its twin, or frees it again with null. A refused product is not taken. */
export async function chooseInKit(
	ctx: KitContext,
	id: string,
	{ socketId, choice }: { socketId: string; choice: Choice | null }
): Promise<Result<StoredKit, string>> {
	const place = await placeIn(ctx, id, socketId);
	if (!place.ok) return place;
	const { kit, configuration, twins } = place.value;
	const refusal =
		choice?.kind === 'product'
			? await whyRefused(ctx.db, { configuration, order: kit.order }, { sockets: twins, productId: choice.product })
			: null;
	if (refusal) return err(refusal);
	const places =
		choice?.kind === 'product'
			? await placesOf(ctx.db, { configuration, order: kit.order }, { twins, product: choice.product })
			: twins;
	return reorderKit(ctx, id, {
		change: (order) => {
			const choices = { ...order.choices };
			for (const twin of places) {
				if (choice) choices[twin.id] = choice;
				else delete choices[twin.id];
			}
			return { ...order, choices };
		}
	});
}

/** Sockets a product takes: a lamp those of a pair, an assembly all that it replaces. */
async function placesOf(
	db: Knex,
	{ configuration, order }: { configuration: Configuration; order: KitOrder },
	{ twins, product }: { twins: Socket[]; product: string }
): Promise<Socket[]> {
	const { catalogue, shop } = await dataToChooseFrom(db, configuration, { order });
	const groups = groupsOf({ configuration, catalogue, shop }, { ...order, choices: {} });
	const assembly = assembliesOf({ configuration, catalogue, shop }, groups).find((a) => a.product.id === product);
	return assembly ? assembly.groups.flatMap((g) => g.sockets) : twins;
}

/** Forbids a product in a socket and its twin, or anywhere when no socket is named; takes the ban back when it is there already. */
export async function forbidInKit(
	ctx: KitContext,
	id: string,
	{ product, socket }: { product: string; socket: string | null }
): Promise<Result<StoredKit, string>> {
	return reorderKit(ctx, id, {
		change: (order) => {
			const one = { product, ...(socket === null ? {} : { socket }) } as NonNullable<KitOrder['forbidden']>[number];
			const others = (order.forbidden ?? []).filter((f) => f.product !== one.product || f.socket !== one.socket);
			const isNew = others.length === (order.forbidden ?? []).length;
			return { ...order, forbidden: isNew ? [...others, one] : others };
		}
	});
}

/** What one other lamp would move in a kit, everything else left as it is. */
export async function tryInKit(
	ctx: KitContext,
	id: string,
	change: { socket: string; product: string }
): Promise<Result<LineChangeView, string>> {
	const place = await placeIn(ctx, id, change.socket);
	if (!place.ok) return place;
	const { kit, configuration } = place.value;
	const promised = await promisedToOthers(ctx, { order: kit.order, kit: id });
	return ctx.work.lineChange({ configuration, order: kit.order, promised, answer: kit.answer }, change);
}

async function whyRefused(
	db: Knex,
	{ configuration, order }: { configuration: Configuration; order: KitOrder },
	{ sockets, productId }: { sockets: Socket[]; productId: string }
): Promise<string | null> {
	const products = [...productsIn({ order }), productId];
	const { catalogue, shop: usual } = await shopData(asOrdered(db, order), {
		configurations: [configuration],
		products
	});
	const shop = { ...usual, exception: order.exception };
	const product = catalogue.find(productId);
	if (!product) return `There is no product "${productId}".`;
	if (product.record.kind === 'assembly') {
		const groups = groupsOf({ configuration, catalogue, shop }, { ...order, choices: {} });
		const offered = assembliesOf({ configuration, catalogue, shop }, groups).some((a) => a.product.id === productId);
		return offered ? null : `${product.record.name} does not go on this vehicle within the scope of the kit.`;
	}
	for (const socket of sockets) {
		const prepared = socketCase(configuration, socket, { shop });
		if (!prepared) return `${socketName(socket)} has no lamp category to match.`;
		if (new Candidate(prepared, product).verdict === 'refused')
			return `${product.product.name} is refused in ${socketName(socket)}; see Match for the reasons. Nothing was changed.`;
	}
	return null;
}
