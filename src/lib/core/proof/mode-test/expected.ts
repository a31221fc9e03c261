import { MODE_IDS, MODES, modeLabel, simulate, type ModeId, type ModeState, type VehicleCircuit } from '../../circuit';

/** A mode of a test, and what Circuit expects to be seen in it. */
export interface ExpectedLine {
	mode: ModeId;
	label: string;
	/** Lamps that light, those of them that flash, and those of which nobody can say it. */
	lit: string[];
	flashing: string[];
	notKnown: string[];
	/** Lamps that glow while they should be dark. */
	glowing: string[];
	/** Flashes a minute; null where nothing flashes, or nobody knows. */
	flashPerMinute: number | null;
	/** What the dash says, and the outputs it speaks of. */
	messages: string[];
	complained: string[];
	/** Outputs of which nobody can say whether their message comes: they are what the test is for. */
	undecided: string[];
}

/** Rates a turn signal may have, flashes a minute (UN 90 +/- 30, US 60 to 120). */
export const RIGHT_RATE = { least: 60, most: 120 } as const;

const ids = (sockets: readonly { socket: string }[]) => [...new Set(sockets.map(({ socket }) => socket))];

function lineOf(mode: ModeId, state: ModeState): ExpectedLine {
	const fed = state.lamps.filter((lamp) => lamp.fed);
	const flashes = fed.some((lamp) => lamp.flashing);
	return {
		mode,
		label: modeLabel(MODES[mode]),
		lit: ids(fed.filter(({ lit }) => lit === true)),
		flashing: ids(fed.filter(({ lit, flashing }) => lit === true && flashing)),
		notKnown: ids(fed.filter(({ lit }) => lit === null)),
		glowing: ids(state.lamps.filter((lamp) => !lamp.fed && lamp.glow !== 'none')),
		flashPerMinute: flashes ? (state.flash.left ?? state.flash.right) : null,
		messages: state.messages,
		complained: state.channels.flatMap(({ id, monitor }) => (monitor === 'complains' ? id : [])),
		undecided: state.channels.flatMap(({ id, monitor, functions }) =>
			monitor === 'unknown' && functions.length > 0 ? id : []
		)
	};
}

/**
 * The lines of a test of every mode of a vehicle as it is fitted, in the order they are tried: all off first, for what glows; then every mode in
 * which something is fed.
 */
export function expectedLines(circuit: VehicleCircuit): ExpectedLine[] {
	return MODE_IDS.flatMap((mode) => {
		const state = simulate(circuit, MODES[mode]);
		const isTried = mode === 'off' || state.lamps.some((lamp) => lamp.fed);
		return isTried ? [lineOf(mode, state)] : [];
	});
}
