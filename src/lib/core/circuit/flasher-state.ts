import type { Configuration } from '../model';
import type { Drive } from './modes';
import { flasherThreshold, isThermal } from './flasher-unit';
import { feedCurrent, type Run } from './run';
import type { VehicleCircuit } from './vehicle-circuit';

/** Normal rate when nobody wrote it down, flashes a minute (common: 80 to 95), and how much faster a missing load makes it. */
export const NORMAL_PER_MINUTE = 85;
export const HYPERFLASH_FACTOR = 2;

export interface FlashRate {
	/** Flashes a minute on each side; null while nothing flashes there, or when it cannot be known. */
	left: number | null;
	right: number | null;
	/** What each flashing channel's check says. */
	channels: ReadonlyMap<string, { word: 'content' | 'complains' | 'unknown'; why: string }>;
}

type Side = 'left' | 'right';

function flashingChannels(
	configuration: Configuration,
	drives: ReadonlyMap<string, Drive>,
	side: Side | null
): string[] {
	const wanted = (id: string) => {
		const at = configuration.sockets.find((s) => s.id === id)?.side;
		return side === null || at === side || at === 'centre';
	};
	return configuration.channels
		.filter(
			({ id, feeds }) =>
				drives.get(id)?.functions.includes('turn') && feeds.some((f) => f.function === 'turn' && wanted(f.socket))
		)
		.map(({ id }) => id);
}

/** What the check of a flashing output says; `share`: what flows, as a share of what the unit wants, where both are known. */
interface FlasherReport {
	word: 'content' | 'complains' | 'unknown';
	why: string;
	share?: number;
}

/** Below this share of the current it wants, the strip of a thermal unit no longer opens: the lamps stay on, or off. An assumption. */
const DEAD_BELOW = 0.5;

/** Current of some channels together, A, and whether a lamp on one of them is not known. */
function together(run: Run, ids: readonly string[]): { amperes: number; complete: boolean } {
	return {
		amperes: ids.reduce((sum, id) => sum + (run.network.missing.has(id) ? 0 : feedCurrent(run, id)), 0),
		complete: ids.every((id) => !run.network.missing.has(id))
	};
}

/** What the check of one flashing channel says. `counted`: the channels whose load it adds up; `perhaps`: some more that it may count. */
function judged(
	{ configuration, fitted }: VehicleCircuit,
	run: Run,
	{ id, counted, perhaps }: { id: string; counted: readonly string[]; perhaps: boolean }
): FlasherReport {
	const { flasher, channels } = configuration;
	const monitor = channels.find((c) => c.id === id)?.monitor;
	if (fitted.parts.some(({ effect }) => effect?.kind === 'steady-flasher'))
		return { word: 'content', why: 'an LED flasher keeps its rate at any load' };
	if (monitor === undefined) return { word: 'unknown', why: 'whether it is monitored would decide it' };
	if (monitor.kind !== 'flasher') return { word: 'content', why: 'the flasher does not count this output' };
	const hazard = run.switches.includes('hazard');
	if (hazard && flasher?.checksInHazard === false) return { word: 'content', why: 'the check is off in hazard' };
	const threshold = monitor.minCurrent ?? flasherThreshold(configuration, id);
	if (threshold === undefined) return { word: 'unknown', why: "the flasher's threshold current would decide it" };
	const { amperes, complete } = together(run, counted);
	const whose = counted.length > 1 ? (hazard ? 'both sides together ' : 'the side together ') : '';
	const why = `${whose}${amperes.toFixed(2)} A, at least ${threshold.toFixed(2)} A`;
	const share = threshold > 0 ? amperes / threshold : Infinity;
	if (run.settled && amperes >= threshold) return { word: 'content', why, share };
	if (!complete || !run.settled)
		return { word: 'unknown', why: `the ${run.network.missing.get(id) ?? 'load of the side'} would decide it` };
	if (perhaps) return { word: 'unknown', why: 'whether every turn output of the side is counted would decide it' };
	return { word: 'complains', why, share };
}

/** How fast a side flashes by what its checks say: at twice the rate with an electronic unit; slower, or not at all, with a thermal one. */
function rateFor(configuration: Configuration, reports: readonly FlasherReport[]): number | null {
	const normal = configuration.flasher?.normalPerMinute ?? NORMAL_PER_MINUTE;
	if (reports.length === 0 || reports.some(({ word }) => word === 'unknown')) return null;
	const complaining = reports.filter(({ word }) => word === 'complains');
	if (complaining.length === 0) return normal;
	if (!isThermal(configuration)) return normal * HYPERFLASH_FACTOR;
	const share = Math.min(...complaining.map((report) => report.share ?? 0));
	// The strip heats with the square of its current.
	return share < DEAD_BELOW ? 0 : Math.round(normal * share ** 2);
}

/**
 * How fast each side flashes. A flasher counts the load of a side, on the outputs it monitors, and doubles its rate below its threshold; a
 * thermal one slows down instead. In hazard it counts both sides together, or does not look. A body computer looks at each output by itself.
 * An LED flasher keeps its rate at any load.
 */
export function flasherState(circuit: VehicleCircuit, run: Run): FlashRate {
	const { configuration } = circuit;
	const channels = new Map<string, FlasherReport>();
	const all = flashingChannels(configuration, run.drives, null);
	const monitorOf = (id: string) => circuit.channels.get(id)?.monitor;
	const rate = (side: Side): number | null => {
		const ids = flashingChannels(configuration, run.drives, side);
		const near = run.switches.includes('hazard') ? all : ids;
		const single = configuration.flasher?.kind === 'body-computer';
		const counted = near.filter((id) => monitorOf(id)?.kind === 'flasher');
		const perhaps = !single && near.some((id) => monitorOf(id) === undefined);
		const reports = ids.map((id) => judged(circuit, run, { id, counted: single ? [id] : counted, perhaps }));
		ids.forEach((id, i) => channels.set(id, reports[i] as FlasherReport));
		return rateFor(configuration, reports);
	};
	return { left: rate('left'), right: rate('right'), channels };
}
