import type { Configuration, Socket } from '../model';
import { categoryOrNull, contactOf } from '../lamps';
import { supplyOf } from '../vehicle';
import { stockCurrent } from './led-load';

/** A unit with two pins has no earth to measure against: of one whose threshold nobody states, it is a thermal one. */
const THERMAL_PINS = 2;
/** A thermal unit keeps its rate down to this share of the stock load: the rate goes with the square of it, and 60 a minute is the least. */
const THERMAL_WANTS = 0.85;

/** True when the unit flashes by the heat of its load: with less load it goes slower, or stays on. */
export function isThermal({ flasher }: Pick<Configuration, 'flasher'>): boolean {
	if (flasher?.kind !== 'plug-in') return false;
	if (flasher.principle !== undefined) return flasher.principle === 'thermal';
	return flasher.pins === THERMAL_PINS && flasher.thresholdCurrent === undefined;
}

/** What the stock turn lamps of a side draw together on the outputs that the unit counts, A; null when one of them is not known. */
function stockSide(configuration: Configuration, side: Socket['side'] | undefined): number | null {
	const { nominal, running } = supplyOf(configuration);
	const seen = new Set<string>();
	let sum = 0;
	for (const { monitor, feeds } of configuration.channels)
		for (const feed of monitor?.kind === 'flasher' ? feeds : []) {
			const socket = configuration.sockets.find((s) => s.id === feed.socket);
			if (feed.function !== 'turn' || !socket || (socket.side !== side && socket.side !== 'centre')) continue;
			if (seen.has(socket.id) || socket.state !== 'filament') continue;
			seen.add(socket.id);
			const category = categoryOrNull(socket.category);
			const role = contactOf(category, socket.functions, 'turn');
			const amperes = category && stockCurrent(category, role, { nominal, volts: running });
			if (amperes === null) return null;
			sum += amperes;
		}
	return sum;
}

/**
 * The current below which the unit no longer keeps its rate, A a side: its threshold on record, or for a thermal one a share of the stock load
 * of the side of an output. Undefined when nobody knows.
 */
export function flasherThreshold(configuration: Configuration, channel: string): number | undefined {
	const known = configuration.flasher?.thresholdCurrent;
	if (known !== undefined || !isThermal(configuration)) return known;
	const feeds = configuration.channels.find((c) => c.id === channel)?.feeds ?? [];
	const at = feeds.find((feed) => feed.function === 'turn')?.socket;
	const stock = stockSide(configuration, configuration.sockets.find((s) => s.id === at)?.side);
	return stock === null ? undefined : THERMAL_WANTS * stock;
}
