import type { Configuration } from '../model';
import type { Drive } from './modes';
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

type FlasherReport = { word: 'content' | 'complains' | 'unknown'; why: string };

/** Current of some channels together, A; null when a lamp on one of them is not known. */
function together(run: Run, ids: readonly string[]): number | null {
	if (ids.some((id) => run.network.missing.has(id))) return null;
	return ids.reduce((sum, id) => sum + feedCurrent(run, id), 0);
}

/** What the check of one flashing channel says. `counted`: the channels whose load it adds up. */
function judged(
	{ configuration, fitted }: VehicleCircuit,
	run: Run,
	{ id, counted }: { id: string; counted: readonly string[] }
): FlasherReport {
	const { flasher, channels } = configuration;
	const monitor = channels.find((c) => c.id === id)?.monitor;
	if (fitted.parts.some(({ effect }) => effect?.kind === 'steady-flasher'))
		return { word: 'content', why: 'an LED flasher keeps its rate at any load' };
	if (monitor === undefined) return { word: 'unknown', why: 'whether it is monitored would decide it' };
	if (monitor.kind !== 'flasher') return { word: 'content', why: 'the flasher does not count this output' };
	const hazard = run.switches.includes('hazard');
	if (hazard && flasher?.checksInHazard === false) return { word: 'content', why: 'the check is off in hazard' };
	const threshold = monitor.minCurrent ?? flasher?.thresholdCurrent;
	if (threshold === undefined) return { word: 'unknown', why: "the flasher's threshold current would decide it" };
	const amperes = together(run, counted);
	if (amperes === null)
		return { word: 'unknown', why: `the ${run.network.missing.get(id) ?? 'load of the side'} would decide it` };
	const whose = counted.length > 1 ? (hazard ? 'both sides together ' : 'the side together ') : '';
	return {
		word: amperes >= threshold ? 'content' : 'complains',
		why: `${whose}${amperes.toFixed(2)} A, at least ${threshold.toFixed(2)} A`
	};
}

/**
 * How fast each side flashes. A flasher counts the load of a side and doubles its rate below its threshold; in hazard it counts both
 * sides together, or does not look. A body computer looks at each output by itself. An LED flasher keeps its rate at any load.
 */
export function flasherState(circuit: VehicleCircuit, run: Run): FlashRate {
	const { configuration } = circuit;
	const { flasher } = configuration;
	const normal = flasher?.normalPerMinute ?? NORMAL_PER_MINUTE;
	const channels = new Map<string, FlasherReport>();
	const all = flashingChannels(configuration, run.drives, null);
	const rate = (side: Side): number | null => {
		const ids = flashingChannels(configuration, run.drives, side);
		const counted = (id: string) =>
			flasher?.kind === 'body-computer' ? [id] : run.switches.includes('hazard') ? all : ids;
		const reports = ids.map((id) => judged(circuit, run, { id, counted: counted(id) }));
		ids.forEach((id, i) => channels.set(id, reports[i] as FlasherReport));
		if (ids.length === 0 || reports.some(({ word }) => word === 'unknown')) return null;
		return reports.some(({ word }) => word === 'complains') ? normal * HYPERFLASH_FACTOR : normal;
	};
	return { left: rate('left'), right: rate('right'), channels };
}
