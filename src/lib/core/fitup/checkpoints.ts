import { MODE_IDS, MODES, simulate, modeLabel, type ModeId, type ModeState, type VehicleCircuit } from '../circuit';

/** A mode to be switched on, and what is then seen. */
export interface ModeCheck {
	mode: ModeId;
	label: string;
	/** Lamps of the job that should light in it. */
	lit: string[];
	/** Those of them that come and go with the flasher. */
	flashing: string[];
	/** Lamps of the job of which nobody can say it beforehand. */
	notKnown: string[];
	/** Flashes a minute of those that flash; null where none does, or nobody knows. */
	flashPerMinute: number | null;
	/** What the dash should say; empty when it should say nothing. */
	messages: string[];
}

const flashesOf = ({ flash, lamps }: ModeState, sockets: ReadonlySet<string>): number | null =>
	lamps.some((lamp) => lamp.flashing && lamp.lit && sockets.has(lamp.socket)) ? (flash.left ?? flash.right) : null;

function modeCheck(mode: ModeId, state: ModeState, sockets: ReadonlySet<string>): ModeCheck | null {
	const fed = state.lamps.filter((lamp) => lamp.fed && sockets.has(lamp.socket));
	if (fed.length === 0) return null;
	const ids = (which: (lit: boolean | null) => boolean) => [
		...new Set(fed.filter(({ lit }) => which(lit)).map((lamp) => lamp.socket))
	];
	return {
		mode,
		label: modeLabel(MODES[mode]),
		lit: ids((lit) => lit === true),
		flashing: [...new Set(fed.filter((lamp) => lamp.flashing && lamp.lit).map((lamp) => lamp.socket))],
		notKnown: ids((lit) => lit === null),
		flashPerMinute: flashesOf(state, sockets),
		messages: state.messages
	};
}

/** A mode that shows nothing another one of fewer switches does not show is left out: high beam covers low beam only where both light. */
const isNew = (check: ModeCheck, earlier: readonly ModeCheck[]) =>
	!earlier.some(
		(other) =>
			[...check.lit, ...check.notKnown].every((id) => other.lit.includes(id) || other.notKnown.includes(id)) &&
			check.messages.join() === other.messages.join() &&
			check.flashPerMinute === other.flashPerMinute &&
			MODES[check.mode].length > MODES[other.mode].length
	);

/** Exactly the modes in which some lamps of a circuit are on: what should light, how fast it flashes, what the dash should say. */
export function modeChecks(circuit: VehicleCircuit, sockets: readonly string[]): ModeCheck[] {
	const touched = new Set(sockets);
	const found: ModeCheck[] = [];
	for (const mode of MODE_IDS) {
		if (mode === 'off') continue;
		const check = modeCheck(mode, simulate(circuit, MODES[mode]), touched);
		if (check && isNew(check, found)) found.push(check);
	}
	return found;
}
