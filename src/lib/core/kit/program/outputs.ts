import {
	FUSE_SHARE,
	ledColdConductance,
	ledCurrent,
	monitorChecks,
	stockColdConductance,
	stockCurrent,
	WIRE_SHARE,
	type MonitorCheck
} from '../../circuit';
import { type FilamentRole, categoryOrNull, lampFunction, type LampCategory } from '../../lamps';
import { contactsOf } from '../../match';
import type { Accessory, Channel, Product, Socket } from '../../model';
import { answers, loadOhms, replacesFlasher, suits } from '../../accessories';
import { outputName, supplyOf, twinKey } from '../../vehicle';
import { partAmounts } from '../weigh/amounts';
import { assemblyLamp } from '../choices/assemblies';
import type { KitChoices } from '../choices/choices';
import type { Builder, PartVariable } from './builder';

/** What a lamp, a filament and a load each give to what is measured on an output. */
interface Measure {
	lamp: (product: Product, role: FilamentRole, category: LampCategory) => number;
	stock: (category: LampCategory, role: FilamentRole) => number;
	load: (ohms: number) => number;
}

const currentAt = (volts: number, nominal: number): Measure => ({
	lamp: (product, role, category) => ledCurrent(product, role, { volts, nominal, category }) ?? 0,
	stock: (category, role) => stockCurrent(category, role, { volts, nominal }) ?? 0,
	load: (ohms) => volts / ohms
});
const conductanceOn = (nominal: number): Measure => ({
	lamp: (product, role, category) => ledColdConductance(product, role, { nominal, category }),
	stock: (category, role) => stockColdConductance(category, role, nominal) ?? 0,
	load: (ohms) => 1 / ohms
});

/** Loads draw least with the engine off, constant-power lamps least while charging: both have to do. */
function measuresOf({ input }: Builder, kind: MonitorCheck['kind']): Measure[] {
	const { nominal, rest, charging } = supplyOf(input.configuration);
	return kind === 'current' ? [currentAt(rest, nominal), currentAt(charging, nominal)] : [conductanceOn(nominal)];
}

type Term = [number, string];

/** What each choice changes on some channels, and what they see before anything is chosen. */
function lampTerms(b: Builder, channels: readonly Channel[], measure: Measure): { terms: Term[]; before: number } {
	const changes = new Map<string, number>();
	let before = 0;
	const seen = new Set<string>();
	for (const { socket, lamp: category, role } of channels.flatMap((c) => contactsOf(b.input.configuration, c))) {
		const key = `${socket.id} ${role}`;
		if (!category || seen.has(key)) continue;
		seen.add(key);
		const there = b.input.fitted.get(socket.id);
		const stock = there ? measure.lamp(there, role, category) : measure.stock(category, role);
		before += stock;
		for (const [name, product] of choicesAt(b, socket)) {
			const change = (measure.lamp(product, role, category) - stock) / membersOf(b, name);
			changes.set(name, (changes.get(name) ?? 0) + change);
		}
	}
	return { terms: [...changes].map(([name, change]): Term => [change, name]), before };
}

/** A bundle has its groups on an output alike: each of them makes its share of the change. */
function membersOf(b: Builder, name: string): number {
	return b.lamps.find((lamp) => lamp.name === name)?.group.members.length ?? 1;
}

function choicesAt(b: Builder, socket: Socket): [string, Product][] {
	const here = (group: { sockets: readonly Socket[] }) => group.sockets.some((s) => s.id === socket.id);
	return [
		...b.lamps.filter((l) => here(l.group)).map((l): [string, Product] => [l.name, l.option.product]),
		...b.assemblies
			.filter((a) => a.assembly.groups.some(here))
			.map((a): [string, Product] => [a.name, assemblyLamp(a.assembly.product, b.input.configuration, socket)])
	];
}

function suitsSocket(b: Builder, accessory: Accessory, id: string): boolean {
	const category = categoryOrNull(b.input.configuration.sockets.find((s) => s.id === id)?.category);
	return category !== null && suits(accessory, category, b.input.configuration);
}

/** Sockets of a channel where a lamp may be changed: only there does a load belong. */
function convertible(b: Builder, { feeds }: Channel): string[] {
	const ids = [...new Set(feeds.map((feed) => feed.socket as string))];
	return ids.filter((id) => b.lamps.some((lamp) => lamp.group.sockets.some((s) => s.id === id)));
}

/** What a load is weighed by beside its price; between two that do, the one with less heat goes first, a minor unit for each watt. */
export function loadCost(
	{ configuration, weigh }: Pick<KitChoices, 'configuration' | 'weigh'>,
	accessory: Accessory,
	duty: number
): number {
	const watts = (supplyOf(configuration).charging ** 2 / (loadOhms(accessory) ?? Infinity)) * duty;
	return weigh(partAmounts(accessory, duty)) + Math.round(watts);
}

/** Loads that may hang on a channel: one per lamp, or one for the channel. */
function loadsOn(b: Builder, channel: Channel): PartVariable[] {
	const duty = Math.max(0, ...channel.feeds.map((feed) => lampFunction(feed.function).duty));
	return b.input.shop.accessories.flatMap((accessory): PartVariable[] => {
		const { scope } = accessory;
		const need = { kind: 'load', channel: channel.id, duty } as const;
		if (loadOhms(accessory) === null || !answers(accessory, need, b.input.configuration)) return [];
		const sockets = convertible(b, channel).filter((id) => suitsSocket(b, accessory, id));
		if (sockets.length === 0) return [];
		const places = scope === 'lamp' ? sockets.map((socket) => ({ channel: channel.id as string, socket })) : [];
		return [
			b.part(accessory, channel.id, () => ({
				purpose: 'load',
				places: places.length > 0 ? places : [{ channel: channel.id }],
				sockets: new Set(sockets),
				cost: loadCost(b.input, accessory, duty),
				max: Math.max(1, places.length)
			}))
		];
	});
}

function flashersFor(b: Builder, channels: readonly Channel[]): PartVariable[] {
	const { configuration, shop, weigh } = b.input;
	return shop.accessories
		.filter((accessory) => channels.every((c) => replacesFlasher(accessory, c.id, configuration)))
		.map((accessory) =>
			b.part(accessory, 'vehicle', () => ({
				purpose: 'flash-rate',
				places: [{}],
				sockets: new Set(),
				cost: weigh(partAmounts(accessory)),
				max: 1
			}))
		);
}

function addCheck(b: Builder, { channels, kind, by, atLeast, words }: MonitorCheck): void {
	const loads = channels.flatMap((channel) => loadsOn(b, channel));
	const flashers = by === 'flasher' ? flashersFor(b, channels) : [];
	for (const measure of measuresOf(b, kind)) {
		const { terms, before } = lampTerms(b, channels, measure);
		if (terms.length === 0) return;
		// An output that complains as it stands is not the kit's to cure.
		const wanted = Math.min(atLeast * WIRE_SHARE, before);
		b.constrain(
			[
				...terms,
				...loads.map((part): Term => [measure.load(loadOhms(part.accessory) ?? Infinity), part.name]),
				...flashers.map((part): Term => [wanted, part.name])
			],
			{ sense: '>=', bound: wanted - before },
			{ kind: 'output', id: channels.map((c) => c.id).join(), words }
		);
	}
}

/** Loads and lamps together stay within what a fuse carries lastingly. */
function addFuse(b: Builder, channel: Channel): void {
	const own = [...b.parts.values()].filter((p) => p.purpose === 'load' && p.places[0]?.channel === channel.id);
	if (channel.fuse === undefined || own.length === 0) return;
	const { nominal, charging } = supplyOf(b.input.configuration);
	const measure = currentAt(charging, nominal);
	const { terms, before } = lampTerms(b, [channel], measure);
	const flashes = channel.feeds.every((feed) => lampFunction(feed.function).duty <= 0.5);
	const limit = Math.max((FUSE_SHARE * channel.fuse) / (flashes ? 0.5 : 1), before);
	b.constrain(
		[...terms, ...own.map((part): Term => [measure.load(loadOhms(part.accessory) ?? Infinity), part.name])],
		{ sense: '<=', bound: limit - before },
		{
			kind: 'fuse',
			id: channel.id,
			words: `the ${channel.fuse} A fuse of the ${outputName(b.input.configuration, channel.id)}`
		}
	);
}

/** What an output feeds regardless of side: equal for the left and the right one of a pair. */
function twinOutput(b: Builder, { feeds, monitor }: Channel): { key: string; side: string } | null {
	const at = feeds.map(({ socket: id, function: fn }) => {
		const socket = b.input.configuration.sockets.find((s) => s.id === id);
		return socket ? { key: `${twinKey(socket)} ${fn}`, side: socket.side } : null;
	});
	const [first] = at;
	if (!first || first.side === 'centre' || at.some((one) => one?.side !== first.side)) return null;
	return { key: JSON.stringify([monitor?.kind, at.map((one) => one?.key).sort()]), side: first.side };
}

/** Left and right get the same loads. */
function addTwins(b: Builder): void {
	const loads = [...b.parts.values()].filter((part) => part.purpose === 'load');
	const first = new Map<string, { id: string; side: string }>();
	for (const channel of b.input.configuration.channels) {
		const own = twinOutput(b, channel);
		if (!own) continue;
		const other = first.get(own.key);
		if (!other) first.set(own.key, { id: channel.id, side: own.side });
		if (!other || other.side === own.side) continue;
		const at = (id: string, accessory: Accessory) =>
			loads.find((part) => part.accessory === accessory && part.places[0]?.channel === id)?.name;
		for (const accessory of new Set(loads.map((part) => part.accessory))) {
			const [a, z] = [at(other.id, accessory), at(channel.id, accessory)];
			if (a && z)
				b.constrain(
					[
						[1, a],
						[-1, z]
					],
					{ sense: '=', bound: 0 }
				);
		}
	}
}

/** Every monitored output stays content with lamps as chosen, lamps left stock, and loads together; no fuse is overloaded. */
export function addOutputs(b: Builder): void {
	for (const check of monitorChecks(b.input.configuration)) addCheck(b, check);
	for (const channel of b.input.configuration.channels) addFuse(b, channel);
	addTwins(b);
}
