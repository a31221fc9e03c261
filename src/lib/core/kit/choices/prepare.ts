import type { KitOrder, Product } from '../../model';
import { assumedBy } from '../../match';
import { assumedValue } from '../../quantity';
import { twinGroups } from '../../vehicle';
import { assembliesOf } from './assemblies';
import { weighing } from '../weigh/balance';
import { bundled, single } from './bundle';
import { groupsOf, type Group, type KitCase } from './options';
import type { ProgramInput } from '../program';
import { pruneOptions } from './prune';

/** What a kit is worked out from, matched once; `all` with the options that can never be better, for runners-up. */
export interface PreparedKit {
	input: ProgramInput;
	all: ProgramInput;
}

function restOf({ configuration }: KitCase, groups: readonly Group[], has: ReadonlyMap<string, Product>): Group[] {
	const inKit = new Set(groups.flatMap((g) => g.sockets));
	const others = configuration.sockets.filter((s) => !inKit.has(s) && !has.has(s.id));
	return twinGroups(others).map((sockets) => ({ sockets, options: [], open: 'not of this kit', fixed: true }));
}

/** Matches every socket of the order, and drops what can never be part of a better kit. */
export function prepareKit(kitCase: KitCase, order: KitOrder): PreparedKit {
	const { configuration, catalogue, shop } = kitCase;
	const groups = groupsOf(kitCase, order);
	const assumed = assumedBy(shop.assumptions);
	const weigh = weighing(order, assumed);
	const chosen = new Set(Object.values(order.choices).flatMap((c) => (c.kind === 'product' ? c.product : [])));
	const fitted = new Map(
		Object.entries(order.has?.lamps ?? {}).flatMap(([socket, id]): [string, Product][] => {
			const product = catalogue.all.find((p) => p.record.id === id)?.record;
			return product ? [[socket, product]] : [];
		})
	);
	const all: ProgramInput = {
		configuration,
		shop: { ...shop, exception: order.exception },
		order,
		groups: groups.map(single),
		// What wants a check by hand is a person's choice.
		assemblies: assembliesOf(
			{ configuration, catalogue, shop: { ...shop, exception: order.exception } },
			groups
		).filter(({ product, verdict, along }) => chosen.has(product.id) || (verdict !== 'unknown' && along !== null)),
		rest: restOf(kitCase, groups, fitted),
		fitted,
		weigh,
		mismatch: assumedValue(assumed, 'kit.mismatch')
	};
	return { all, input: { ...all, groups: bundled(pruneOptions(groups, configuration, weigh), configuration, weigh) } };
}
