import { accessGraph, assumedOperations, FLASHER_PLACE, type AccessGraph } from '../../access';
import { withAssumedOutputs } from '../../circuit';
import type { Shop } from '../../match';
import type { Configuration, KitOrder, Product } from '../../model';
import { assumedValue } from '../../quantity';
import { twinGroups } from '../../vehicle';
import { assumedForKits } from '../assumptions';
import { weighing, weightsOf, type Weigh } from '../weigh/balance';
import { assembliesOf, type AssemblyOption } from './assemblies';
import { bundled, single, type Bundle } from './bundle';
import type { Group, KitCase } from './group';
import { groupsOf } from './options';
import { pruneOptions } from './prune';

/** All that may be chosen for an order, as a plain value: what the program is built from. */
export interface KitChoices {
	configuration: Configuration;
	shop: Shop;
	order: KitOrder;
	groups: readonly Bundle[];
	/** The same groups one by one, with the options that can never be better: what is next best is looked for among these. */
	everyGroup: readonly Bundle[];
	assemblies: readonly AssemblyOption[];
	/** Lamps that are in the vehicle already, by socket id. */
	fitted: ReadonlyMap<string, Product>;
	weigh: Weigh;
	/** The way in, with what is assumed where nobody recorded it; null where minutes do not count, or nobody recorded any. */
	access: AccessGraph | null;
	/** Sockets of the rest of the vehicle, as groups without options: their lamps stay, and are seen. */
	rest: readonly Group[];
	/** What a white that stands out costs, minor units. */
	mismatchCost: number;
}

function restOf({ configuration }: KitCase, groups: readonly Group[], has: ReadonlyMap<string, Product>): Group[] {
	const inKit = new Set(groups.flatMap((g) => g.sockets));
	const others = configuration.sockets.filter((s) => !inKit.has(s) && !has.has(s.id));
	return twinGroups(others).map((sockets) => ({ sockets, options: [], open: 'not of this kit', fixed: true }));
}

/** The way in of a vehicle where some of it is on record. */
function wayIn(configuration: Configuration): AccessGraph | null {
	const recorded = accessGraph(configuration);
	if (recorded.operations.size === 0) return null;
	const places = [...configuration.sockets.map(({ id }) => id as string), FLASHER_PLACE];
	const open = places.filter((place) => !recorded.reaching.has(place));
	return accessGraph(configuration, assumedOperations(configuration, open));
}

/** Matches every socket of the order, and drops what can never be part of a better kit. */
export function choicesFor(given: KitCase, order: KitOrder): KitChoices {
	const kitCase: KitCase = { ...given, configuration: withAssumedOutputs(given.configuration) };
	const { configuration, catalogue } = kitCase;
	const shop: Shop = { ...kitCase.shop, exception: order.exception };
	const groups = groupsOf(kitCase, order);
	const assumed = assumedForKits(shop.assumptions);
	const weigh = weighing(order, assumed);
	const access = weightsOf(order).minutes > 0 ? wayIn(configuration) : null;
	const byHand = new Set(Object.values(order.choices).flatMap((c) => (c.kind === 'product' ? c.product : [])));
	const fitted = new Map(
		Object.entries(order.has?.lamps ?? {}).flatMap(([socket, id]): [string, Product][] => {
			const product = catalogue.find(id)?.record;
			return product ? [[socket, product]] : [];
		})
	);
	return {
		configuration,
		shop,
		order,
		groups: bundled(pruneOptions(groups, configuration, weigh), { configuration, weigh, access }),
		everyGroup: groups.map(single),
		// What wants a check by hand is a person's choice.
		assemblies: assembliesOf({ configuration, catalogue, shop }, groups).filter(
			({ product, verdict, along }) => byHand.has(product.id) || (verdict !== 'unknown' && along !== null)
		),
		rest: restOf(kitCase, groups, fitted),
		fitted,
		weigh,
		access,
		mismatchCost: assumedValue(assumed, 'kit.mismatch')
	};
}
