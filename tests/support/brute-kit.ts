import type { generateKitCase } from './generate-kit';
import { fittedPart } from '../../src/lib/core/accessories';
import { STOCK, vehicleCircuit } from '../../src/lib/core/circuit';
import { complaintsAnywhere } from '../../src/lib/core/remedy';
import type { Accessory, Channel, KitOrder, Pack, Product, Socket } from '../../src/lib/core/model';
import { lampFunction, seenTogether } from '../../src/lib/core/lamps';
import { matchSocket, stockWhite } from '../../src/lib/core/match';
import { miredDifference, throughLens, whitePoint, type WhitePoint } from '../../src/lib/core/optics';
import { twinGroups } from '../../src/lib/core/vehicle';
import { assumedForKits, lampAmounts, partAmounts, weighing } from '../../src/lib/core/kit';

type Case = ReturnType<typeof generateKitCase>;
type Choice = { product: Product; weighed: number; white: WhitePoint | null } | null;
/** Everything that is fitted in one try. */
interface Tried {
	chosen: ReadonlyMap<Socket, Choice>;
	loads: readonly { load: Load; pieces: number }[];
	modules: ReadonlyMap<Socket, Accessory>;
	flasher: Accessory | null;
}

const WATTS: Record<string, number> = { P21W: 21, PY21W: 21, W5W: 5, R5W: 5, W16W: 16 };
const MISMATCH = 2000;
const LEAVING = 1_000_000;
const SHORT = 20_000;

/** Cheapest price of at least so many pieces, by trying every number of packs; infinite when the shelf does not reach. */
function cheapest(packs: readonly Pack[], pieces: number): number {
	const [pack, ...rest] = packs;
	if (pieces <= 0) return 0;
	if (!pack) return Infinity;
	let best = Infinity;
	for (let n = 0; n <= Math.min(pack.stock ?? 99, Math.ceil(pieces / pack.count)); n++)
		best = Math.min(best, n * pack.price + cheapest(rest, pieces - n * pack.count));
	return best;
}

/** Every way of buying so many pieces of a consumable, the rest left short. */
const consumable = ({ packs }: Accessory, pieces: number) =>
	Array.from({ length: pieces + 1 }, (_, short) => ({ short, paid: cheapest(packs, pieces - short) })).filter(
		({ paid }) => paid < Infinity
	);

const filament = (watts: number, volts: number) => (watts / 12) * (volts / 12) ** 0.55;

/** Conductance of what hangs beside the light of an LED, its own load and what comes in its box, siemens. */
const beside = ({ builtInLoad, includes = [] }: Product) =>
	[builtInLoad, ...includes.map((i) => i.resistance)].reduce<number>((sum, ohms) => sum + (ohms ? 1 / ohms : 0), 0);

/** Current of an LED with all that hangs beside it, A; nothing through the light itself below its turn-on voltage. */
const drawnBy = (product: Product, volts: number) =>
	(volts >= (product.turnOn ?? 8.5) ? product.power!.at13v5! / volts : 0) + volts * beside(product);

/** A case opened for trying: groups of sockets, what may go in each, and every place a load may hang. */
function opened(kitCase: Case, order: KitOrder) {
	const { configuration, catalogue, shop, accessories } = kitCase;
	const weigh = weighing(order, assumedForKits(undefined));
	const groups = twinGroups(configuration.sockets);
	const choices = groups.map((sockets): Choice[] => {
		const candidates = sockets.map((s) => matchSocket({ configuration, catalogue, shop }, s).candidates);
		const able = (candidates[0] ?? []).filter((c) =>
			candidates.every((list) =>
				list.some((o) => o.product.id === c.product.id && ['fits', 'parts'].includes(o.verdict))
			)
		);
		return [
			null,
			...able.map((c): Choice => {
				const light = c.cases.product.light;
				const own = candidates.map((list) => list.find((o) => o.product.id === c.product.id)!);
				const sum = own.map(lampAmounts).reduce((a, b) => ({
					light: a.light + b.light,
					heat: a.heat + b.heat,
					minutes: a.minutes + b.minutes,
					risk: a.risk + b.risk
				}));
				return {
					product: c.product,
					weighed: weigh(sum),
					white: light ? whitePoint(throughLens(light, sockets[0]!.lens as 'clear')) : null
				};
			})
		];
	});
	const loads = configuration.channels
		.filter((channel) => channel.monitor!.kind !== 'none')
		.flatMap((channel) => {
			const duty = Math.max(...channel.feeds.map((f) => lampFunction(f.function).duty));
			return (
				accessories
					.filter((a) => a.resistance && a.rating! >= (2 * 14.4 ** 2 * duty) / a.resistance)
					// Bolted to metal it comes to 25 C and 7 K for each watt, and marks what it touches from 150 C.
					.filter((a) => 25 + (7 * 14.4 ** 2 * duty) / a.resistance! <= 150)
					.map((accessory) => ({
						channel,
						accessory,
						weighed: weigh(partAmounts(accessory, duty)) + Math.round((14.4 ** 2 / accessory.resistance!) * duty),
						most: accessory.scope === 'lamp' ? new Set(channel.feeds.map((f) => f.socket)).size : 1
					}))
			);
		});
	return { groups, choices, loads, weigh };
}

type Load = ReturnType<typeof opened>['loads'][number];

/** True when every output sees enough at both supplies, added up by hand. */
function content({ configuration }: Case, { chosen, loads, flasher }: Tried): boolean {
	const at = (channel: Channel, volts: number, as: 'now' | 'stock') =>
		channel.feeds.reduce((sum, feed) => {
			const socket = configuration.sockets.find((s) => s.id === feed.socket)!;
			const lamp = as === 'now' ? chosen.get(socket) : null;
			return sum + (lamp ? drawnBy(lamp.product, volts) : filament(WATTS[socket.category!]!, volts));
		}, 0) +
		(as === 'now'
			? loads.reduce(
					(sum, { load, pieces }) =>
						sum + (load.channel === channel ? (pieces * volts) / load.accessory.resistance! : 0),
					0
				)
			: 0);
	const cold = (channel: Channel, as: 'now' | 'stock') =>
		channel.feeds.reduce((sum, feed) => {
			const socket = configuration.sockets.find((s) => s.id === feed.socket)!;
			const lamp = as === 'now' ? chosen.get(socket) : null;
			return sum + (lamp ? beside(lamp.product) : WATTS[socket.category!]! / (0.1 * 144));
		}, 0) +
		(as === 'now'
			? loads.reduce(
					(sum, { load, pieces }) => sum + (load.channel === channel ? pieces / load.accessory.resistance! : 0),
					0
				)
			: 0);
	const enough = (channels: readonly Channel[], wanted: number) =>
		[12.6, 14.4].every((volts) => {
			const sum = (as: 'now' | 'stock') => channels.reduce((total, c) => total + at(c, volts, as), 0);
			return sum('now') >= Math.min(1.02 * wanted, sum('stock')) - 1e-9;
		});
	const turns = configuration.channels.filter((c) => c.monitor!.kind === 'flasher');
	if (!flasher) for (const turn of turns) if (!enough([turn], turn.monitor!.minCurrent!)) return false;
	// Left and right get the same loads.
	const hung = (id: string) =>
		loads.flatMap(({ load, pieces }) => (load.channel.id === id && pieces > 0 ? `${load.accessory.id} ${pieces}` : []));
	for (const pair of ['turn', 'tail'])
		if (hung(`${pair}-left`).sort().join() !== hung(`${pair}-right`).sort().join()) return false;
	return configuration.channels.every((channel) => {
		const { kind, minCurrent, maxOhm } = channel.monitor!;
		const own = loads.some(({ load, pieces }) => load.channel === channel && pieces > 0);
		const flashes = kind === 'flasher';
		if (
			own &&
			at(channel, 14.4, 'now') > Math.max((0.8 * channel.fuse!) / (flashes ? 0.5 : 1), at(channel, 14.4, 'stock'))
		)
			return false;
		if (kind === 'hot') return enough([channel], minCurrent!);
		if (kind === 'cold') return cold(channel, 'now') >= Math.min(1.02 / maxOhm!, cold(channel, 'stock')) - 1e-9;
		return true;
	});
}

/** What whites that stand out cost at the least, by trying every white on offer as the one to keep to. */
function mismatchCost(
	groups: readonly Socket[][],
	choices: readonly Choice[][],
	chosen: ReadonlyMap<Socket, Choice>
): number {
	const whites = groups.flatMap((sockets) => {
		const white = chosen.get(sockets[0]!)?.white;
		return white ? [{ sockets, white }] : [];
	});
	const rest = new Set(groups);
	let cost = 0;
	for (const first of rest) {
		rest.delete(first);
		const members = [first];
		for (const member of members)
			for (const other of rest)
				if (seenTogether(member[0]!.functions, other[0]!.functions)) {
					rest.delete(other);
					members.push(other);
				}
		const own = whites.filter((w) => members.includes(w.sockets));
		if (own.length === 0) continue;
		// A filament lamp for which there is no choice stays, and is seen beside the rest.
		const staying = members
			.filter((m) => choices[groups.indexOf(m)]!.length === 1)
			.flatMap(([socket]) => stockWhite(socket!, throughLens) ?? []);
		const centres = members.flatMap((m) => choices[groups.indexOf(m)]!.flatMap((c) => c?.white ?? []));
		cost += Math.min(
			...centres.map((centre) =>
				own.reduce(
					(sum, w) => sum + (miredDifference(w.white, centre) <= 12.5 ? 0 : MISMATCH * w.sockets.length),
					staying.filter((white) => miredDifference(white, centre) > 25).length * MISMATCH
				)
			)
		);
	}
	return cost;
}

/** True when the network sees nothing that it did not see on the vehicle as it left the works. */
function quiet(
	{ configuration }: Case,
	{ chosen, loads, modules, flasher }: Tried,
	before: ReadonlySet<string>
): boolean {
	const lamps = new Map(
		[...chosen].flatMap(([socket, choice]) =>
			choice ? [[socket.id as string, { kind: 'product', product: choice.product } as const]] : []
		)
	);
	const hung = loads.flatMap(({ load: { accessory, channel }, pieces }) => {
		const at = [...new Set(channel.feeds.map((f) => f.socket))];
		return Array.from({ length: pieces }, (_, i) =>
			fittedPart(accessory, configuration, {
				channel: channel.id,
				...(accessory.scope === 'lamp' ? { socket: at[i % at.length] as string } : {})
			})
		);
	});
	const parts = [
		...hung,
		...[...modules].map(([socket, accessory]) => fittedPart(accessory, configuration, { socket: socket.id })),
		...(flasher ? [fittedPart(flasher, configuration)] : [])
	];
	return complaintsAnywhere(vehicleCircuit(configuration, { lamps, parts, faults: [] })).every((c) => before.has(c.id));
}

/** Every way to give each of some sockets one of the modules on sale, or none. */
function* moduleWays(sockets: readonly Socket[], modules: readonly Accessory[]): Generator<Map<Socket, Accessory>> {
	const [socket, ...rest] = sockets;
	if (!socket) return yield new Map();
	for (const way of moduleWays(rest, modules)) {
		yield way;
		for (const module of modules) yield new Map([...way, [socket, module]]);
	}
}

/** The lowest cost of any kit the circuit says nothing against, by trying all of them, the cheapest first; and how many cheaper ones it ruled out. */
export function bruteForce(kitCase: Case, order: KitOrder): { cost: number; ruledOut: number } {
	const { groups, choices, loads, weigh } = opened(kitCase, order);
	const { accessories, configuration } = kitCase;
	const grease = accessories.find((a) => a.id === 'GREASE')!;
	const ties = accessories.find((a) => a.id === 'TIES')!;
	const modules = accessories.filter((a) => a.kind === 'pwm-module');
	const pulsed = new Set(
		configuration.channels.flatMap((c) => (c.feed?.kind === 'pwm' ? c.feeds.map((f) => f.socket as string) : []))
	);
	const fitting = accessories.filter(
		(a) =>
			a.kind === 'flasher' && configuration.flasher!.kind === 'plug-in' && a.fits!.pins === configuration.flasher!.pins
	);
	const flashers: (Accessory | null)[] = [
		null,
		...(configuration.channels.some((c) => c.monitor!.kind === 'flasher') ? fitting : [])
	];
	const kits: (Tried & { cost: number })[] = [];
	const bought = ({ chosen, loads: used, modules: held, flasher }: Tried) => {
		const pieces = new Map<Product | Accessory, number>();
		const add = (item: Product | Accessory, n: number) => pieces.set(item, (pieces.get(item) ?? 0) + n);
		for (const lamp of chosen.values()) if (lamp) add(lamp.product, 1);
		for (const { load, pieces: n } of used) if (n > 0) add(load.accessory, n);
		for (const module of held.values()) add(module, 1);
		if (flasher) add(flasher, 1);
		const outside = [...chosen].filter(([s, lamp]) => lamp && s.zone !== 'cabin').length;
		const greased = Math.ceil(outside * grease.use!.amount - 1e-9);
		const hung = used.reduce((sum, { pieces: n }) => sum + n, 0);
		const bound = Math.ceil(hung * ties.use!.amount - 1e-9);
		const sold = [...pieces].reduce((sum, [item, n]) => sum + cheapest(item.packs, n), 0);
		return { sold, used: [consumable(grease, greased), consumable(ties, bound)] };
	};
	const weighed = ({ loads: used, modules: held, flasher }: Tried) =>
		used.reduce((sum, { load, pieces }) => sum + pieces * load.weighed, 0) +
		[...held.values()].reduce((sum, module) => sum + weigh(partAmounts(module)), 0) +
		(flasher ? weigh(partAmounts(flasher)) : 0);
	const keep = (tried: Tried, base: number) => {
		if (!content(kitCase, tried)) return;
		const { sold, used } = bought(tried);
		for (const a of used[0]!)
			for (const b of used[1]!) {
				const paid = sold + a.paid + b.paid;
				if (order.budget !== undefined && paid > order.budget) continue;
				const cost = base + weighed(tried) + paid + SHORT * (a.short + b.short);
				if (cost < Infinity) kits.push({ ...tried, cost });
			}
	};
	type Lamps = { chosen: ReadonlyMap<Socket, Choice>; base: number };
	const tryLoads = (at: number, used: { load: Load; pieces: number }[], { chosen, base }: Lamps) => {
		if (at === loads.length) {
			const held = [...chosen].flatMap(([socket, lamp]) => (lamp && pulsed.has(socket.id) ? [socket] : []));
			for (const flasher of flashers)
				for (const way of moduleWays(held, modules)) keep({ chosen, loads: used, modules: way, flasher }, base);
			return;
		}
		const load = loads[at]!;
		for (let pieces = 0; pieces <= load.most; pieces++) tryLoads(at + 1, [...used, { load, pieces }], { chosen, base });
	};
	const tryLamps = (at: number, chosen: Map<Socket, Choice>, base: number) => {
		if (at === groups.length) {
			tryLoads(0, [], { chosen, base: base + mismatchCost(groups, choices, chosen) });
			return;
		}
		for (const choice of choices[at]!) {
			const next = new Map(chosen);
			for (const socket of groups[at]!) next.set(socket, choice);
			const weight = Math.max(...groups[at]![0]!.functions.map((id) => lampFunction(id).weight));
			const leaving = choices[at]!.length > 1 ? Math.round(LEAVING * weight * groups[at]!.length) : 0;
			tryLamps(at + 1, next, base + (choice ? choice.weighed : leaving));
		}
	};
	tryLamps(0, new Map(), 0);
	const before = new Set(complaintsAnywhere(vehicleCircuit(configuration, STOCK)).map((c) => c.id));
	const sorted = kits.sort((a, b) => a.cost - b.cost);
	const at = sorted.findIndex((kit) => quiet(kitCase, kit, before));
	return { cost: sorted[at]?.cost ?? Infinity, ruledOut: at };
}
