import type { Channel } from '../model';
import { driveOf, type Drive, type SwitchId } from './modes';
import { solve, UNSETTLED_A, type Element, type OperatingPoint } from './network';
import { vehicleNetwork, type VehicleNetwork } from './network/vehicle';
import type { VehicleCircuit } from './vehicle-circuit';

/** A mode as it was solved. */
export interface Run {
	switches: readonly SwitchId[];
	volts: number;
	network: VehicleNetwork;
	elements: ReadonlyMap<string, Element>;
	point: OperatingPoint;
	drives: ReadonlyMap<string, Drive>;
	/** False when the arithmetic did not come to rest: nothing it says of currents and light counts. */
	settled: boolean;
	/** Channels whose fuse has opened. */
	blown: ReadonlySet<string>;
}

/** A fuse opens above its rating by this share; a short is far above it. */
export const BLOWS_ABOVE = 1.35;

/** Share of the time a channel conducts: 1 when steady, else the largest on-share of what it is on for. */
export function dutyOf({ feed }: Channel, { functions }: Drive): number {
	if (feed?.kind !== 'pwm' || functions.length === 0) return 1;
	return Math.max(0, ...functions.map((fn) => feed.duty?.[fn] ?? 1));
}

export const OFF: Drive = { functions: [], flashing: false };

/** Current that a channel delivers, A. */
export function feedCurrent({ network, point }: Pick<Run, 'network' | 'point'>, channel: string): number {
	const feed = network.feeds.get(channel);
	return feed === undefined ? 0 : Math.max(0, -(point.amperes.get(feed) ?? 0));
}

/** A network whose arithmetic did not settle: nothing it says of a current counts. */
function unsettled(network: VehicleNetwork, channels: readonly Channel[]): VehicleNetwork {
	const missing = new Map(channels.map(({ id }) => [id as string, network.missing.get(id) ?? 'measured current']));
	return { ...network, missing };
}

/** Solves a vehicle in a mode, and again with the fuses open that blew. */
export function runMode({ configuration, fitted }: VehicleCircuit, switches: readonly SwitchId[], volts: number): Run {
	const { channels } = configuration;
	const drives = new Map(channels.map((c) => [c.id as string, driveOf(configuration, c, switches)]));
	const blown = new Set<string>();
	for (;;) {
		const drawn = vehicleNetwork(configuration, fitted, {
			channels,
			driveOf: ({ id }) =>
				(drives.get(id)?.functions.length ?? 0) > 0 && !blown.has(id)
					? { kind: 'on', volts, flashing: drives.get(id)?.flashing ?? false }
					: { kind: 'off' }
		});
		const point = solve(drawn.elements);
		const settled = point.residual <= UNSETTLED_A;
		const network = settled ? drawn : unsettled(drawn, channels);
		const over = channels.filter(
			({ id, fuse }) => settled && fuse !== undefined && feedCurrent({ network, point }, id) > fuse * BLOWS_ABOVE
		);
		if (over.length === 0) {
			const elements = new Map(network.elements.map((e) => [e.id, e]));
			return { switches, volts, network, elements, point, drives, settled, blown };
		}
		for (const { id } of over) blown.add(id);
	}
}
