import { isMode, MODES, simulate, WIRE_SHARE, type ModeId, type ModeState, type VehicleCircuit } from '../../circuit';
import type { Configuration, Proof, ProofOf } from '../../model';
import { supplyOf } from '../../vehicle';
import { circuitOfTest, type ProofRecords } from '../fitted-there';
import { watchedBy, type Watched } from './watched';

type ModeTest = ProofOf<'mode-test'>;

/** One thing a test showed: at this value the vehicle was quiet, or it complained. */
export interface Shown {
	test: string;
	on: string;
	mode: string;
	/** A for a current, ohm for a resistance. */
	value: number;
	complained: boolean;
}

/** What tests say of one threshold. */
export interface Bounds {
	watched: Watched;
	shown: Shown[];
	/** It lies between these: over `low`, and not over `high`. Null where no test says so. */
	low: number | null;
	high: number | null;
	/** Tests it stands on. */
	tests: string[];
	/** True when tests contradict each other: a message came where another time, with no less, none did. */
	isContradictory: boolean;
}

/** A line says that a flasher raced by its message, by what was seen, or by a rate that is plainly not the normal one. */
const RACES_ABOVE = 1.5;

function complainedIn(line: ModeTest['lines'][number], { subject, channels }: Watched, normal: number): boolean {
	const named = channels.some(({ id }) => line.complained.some((complained) => complained === id));
	const isTurn = subject.kind === 'flasher' || channels.some(({ monitor }) => monitor?.kind === 'flasher');
	if (!isTurn) return named;
	const raced = line.saw.some(({ what }) => what === 'races');
	return named || raced || (line.flashPerMinute ?? 0) > RACES_ABOVE * normal;
}

/** What a watched thing measures in a mode: current together while all of it is on, A, or resistance while off, ohm; null when it looks at nothing then, or it is not known. */
function measured(circuit: VehicleCircuit, watched: Watched, state: ModeState): number | null {
	const states = watched.channels.map(({ id }) => state.channels.find((one) => one.id === id));
	if (watched.fact === 'monitor.maxOhm') {
		const [only] = watched.channels;
		const isOff = states.every((one) => one && one.functions.length === 0);
		const ohms = isOff && only ? circuit.coldOhms(only) : null;
		return ohms !== null && Number.isFinite(ohms) ? ohms : null;
	}
	let sum = 0;
	for (const one of states) {
		if (!one || one.functions.length === 0 || one.current === null || one.blown) return null;
		sum += one.current;
	}
	return sum;
}

/** In hazard a flasher counts both sides, or does not look: that says nothing of one side. */
const saysNothing = (mode: ModeId, watched: Watched) =>
	mode === 'hazard' && watched.channels.some(({ monitor }) => monitor?.kind === 'flasher');

/** True when a plain lamp was taken out of it and the dash said nothing: its quiet proves nothing. */
const isDead = ({ control }: ModeTest, { channels }: Watched) =>
	control?.complained === false && channels.some(({ id }) => id === control.channel);

function shownBy(test: ModeTest, circuit: VehicleCircuit, watched: Watched): Shown[] {
	const { configuration } = circuit;
	const normal = configuration.flasher?.normalPerMinute ?? 85;
	// The engine runs: the supply at which an LED draws least is the one that shows most.
	const { charging } = supplyOf(configuration);
	return test.lines.flatMap((line): Shown[] => {
		if (!isMode(line.mode) || saysNothing(line.mode, watched)) return [];
		const value = measured(circuit, watched, simulate(circuit, MODES[line.mode], charging));
		if (value === null || value === 0) return [];
		const complained = complainedIn(line, watched, normal);
		if (!complained && isDead(test, watched)) return [];
		return [{ test: test.id, on: test.on, mode: line.mode, value, complained }];
	});
}

const most = (values: readonly number[]) => (values.length > 0 ? Math.max(...values) : null);
const least = (values: readonly number[]) => (values.length > 0 ? Math.min(...values) : null);

/** Bounds from what was shown: a check of current complains below its threshold, one of resistance above it. */
function boundsOf(watched: Watched, shown: Shown[]): Bounds {
	const values = (complained: boolean) => shown.flatMap((one) => (one.complained === complained ? one.value : []));
	const isOhms = watched.fact === 'monitor.maxOhm';
	// Wires may take their share of a current before it is measured: quiet at what was left says no more than that.
	const quiet = isOhms ? most(values(false)) : least(values(false).map((value) => value / WIRE_SHARE));
	const noisy = isOhms ? least(values(true)) : most(values(true));
	const [low, high] = isOhms ? [quiet, noisy] : [noisy, quiet];
	return {
		watched,
		shown,
		low,
		high,
		tests: [...new Set(shown.map(({ test }) => test))],
		isContradictory: low !== null && high !== null && low >= high * WIRE_SHARE
	};
}

const keyOf = ({ subject, fact }: Watched) => `${subject.kind} ${subject.id} ${fact}`;

/**
 * What all tests of every mode on a vehicle say of its thresholds: no message at a current bounds one from above, a message from below. Both
 * sides of a vehicle speak of one flasher.
 */
export function thresholdBounds(
	configuration: Configuration,
	proofs: readonly Proof[],
	records: ProofRecords
): Bounds[] {
	const found = new Map<string, { watched: Watched; shown: Shown[] }>();
	for (const test of proofs) {
		if (test.kind !== 'mode-test' || test.configuration !== configuration.id) continue;
		const circuit = circuitOfTest(configuration, test, records);
		if (!circuit) continue;
		for (const watched of watchedBy(circuit, configuration)) {
			const key = keyOf(watched);
			const known = found.get(key) ?? { watched, shown: [] };
			known.shown.push(...shownBy(test, circuit, watched));
			found.set(key, known);
		}
	}
	return [...found.values()]
		.filter(({ shown }) => shown.length > 0)
		.map(({ watched, shown }) => boundsOf(watched, shown));
}

/** A threshold between its bounds, in words. @example boundsText({ low: 0.21, high: 0.38, … }) // "over 0.21 A, at most 0.38 A, by 3 tests" */
export function boundsText({ watched, low, high, tests }: Bounds): string {
	const unit = watched.fact === 'monitor.maxOhm' ? 'ohm' : 'A';
	const number = (value: number) => `${value.toFixed(unit === 'A' ? 2 : 0)} ${unit}`;
	const between = [
		...(low === null ? [] : [`${unit === 'A' ? 'over' : 'at least'} ${number(low)}`]),
		...(high === null ? [] : [`${unit === 'A' ? 'at most' : 'under'} ${number(high)}`])
	];
	return `${between.join(', ')}, by ${tests.length} ${tests.length === 1 ? 'test' : 'tests'}`;
}
