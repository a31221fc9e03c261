import {
	demandOf,
	ledColdConductance,
	ledCurrent,
	mayCarry,
	stockColdConductance,
	stockCurrent,
	type FilamentRole
} from '../../circuit';
import type { Accessory, Channel } from '../../exchange';
import { categoryOrNull, filamentOf, lampFunction } from '../../lamps';
import { replacesFlasher, suits } from '../../match';
import { VOLTS_CHARGING, VOLTS_NOMINAL } from '../../units';
import { SOLVES, type Builder } from './builder';

const LOAD_KINDS = new Set(['resistor', 'load-harness']);

/** What one lamp gives to a channel: current or cold conductance. */
type Measure = { stock: typeof stockCurrent; led: typeof ledCurrent; resistor: (ohms: number) => number };
const CURRENT: Measure = { stock: stockCurrent, led: ledCurrent, resistor: (ohms) => VOLTS_NOMINAL / ohms };
const CONDUCTANCE: Measure = { stock: stockColdConductance, led: ledColdConductance, resistor: (ohms) => 1 / ohms };

/** Each monitored channel sees enough from lamps as chosen, lamps left stock, and loads together; or its flasher is replaced. */
export function addChannels(b: Builder): void {
	for (const channel of b.configuration.channels) {
		const demand = demandOf(b.configuration, channel);
		if (demand.kind === 'none' || demand.kind === 'unknown') continue;
		const measure = demand.kind === 'current' ? CURRENT : CONDUCTANCE;
		const { terms, stock } = lampTerms(b, channel, measure);
		if (terms.length === 0) continue;
		const atLeast = Math.min(demand.atLeast, stock); // a channel that complains as built is not the kit's to cure
		const loads = loadTerms(b, channel, measure);
		const flashers = b.shop.accessories
			.filter((a) => replacesFlasher({ channel: channel.id }, a, b.configuration))
			.map((a) => [atLeast, b.part(a, 'vehicle', 'flash rate')] as [number, string]);
		b.constrain([...terms, ...loads, ...flashers], '>=', atLeast - stock);
	}
}

/** Change each chosen lamp makes to what the channel sees, and what it sees stock. */
function lampTerms(b: Builder, channel: Channel, measure: Measure): { terms: [number, string][]; stock: number } {
	const terms: [number, string][] = [];
	let stock = 0;
	for (const feed of channel.feeds) {
		const socket = b.configuration.sockets.find((s) => s.id === feed.socket);
		const category = socket?.state === 'filament' ? categoryOrNull(socket.category) : null;
		if (!socket || !category) continue;
		const role: FilamentRole = filamentOf(socket.functions, feed.function);
		const before = measure.stock(category, role) ?? 0;
		stock += before;
		for (const lamp of b.lamps) {
			if (lamp.option.product.kind === 'halogen' || !lamp.group.sockets.includes(socket)) continue;
			terms.push([(measure.led(lamp.option.product, role) ?? 0) - before, lamp.name]);
		}
	}
	return { terms, stock };
}

/** Loads that may hang on a channel: one per lamp, or one for the channel. */
function loadTerms(b: Builder, channel: Channel, measure: Measure): [number, string][] {
	const duty = Math.max(0, ...channel.feeds.map((feed) => lampFunction(feed.function).duty));
	return b.shop.accessories.flatMap((a): [number, string][] => {
		const { resistance: ohms, rating = 0 } = a;
		if (!LOAD_KINDS.has(a.kind) || !ohms || !mayCarry({ ohms, rating, duty })) return [];
		const gives = measure.resistor(ohms);
		const heat = (VOLTS_CHARGING ** 2 / ohms) * duty;
		const lamps = channel.feeds.map((feed) => feed.socket).filter((socket) => suitsSocket(b, a, socket));
		const load = (place: string, sockets: readonly string[]): [number, string] => [
			gives,
			b.part(a, place, SOLVES.load, { sockets, output: channel.id, heat })
		];
		if (a.scope !== 'lamp') return lamps.length > 0 ? [load(channel.id, lamps)] : [];
		return lamps.map((socket) => load(`${channel.id}:${socket}`, [socket]));
	});
}

function suitsSocket(b: Builder, accessory: Accessory, socket: string): boolean {
	const category = categoryOrNull(b.configuration.sockets.find((s) => s.id === socket)?.category);
	return category !== null && suits(accessory, category, b.configuration);
}
