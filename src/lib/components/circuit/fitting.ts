import {
	MODES,
	simulate,
	vehicleCircuit,
	type Fault,
	type FittedLamp,
	type FittedPart,
	type ModeId,
	type VehicleCircuit
} from '$lib/core/circuit';
import type { Configuration, Product } from '$lib/core/model';
import { withRemedies, type JudgedRemedy } from '$lib/core/remedy';

/** How the vehicle on the bench is fitted. */
export type Fit = 'stock' | 'chosen' | 'remedied';
/** Which of the chosen lamps are in. */
export type Converted = 'all' | 'front' | 'rear' | 'left' | 'right';

/** What the bench is set up from. */
export interface TrialSetup {
	configuration: Configuration;
	lamps: readonly (readonly [string, Product])[];
	/** Parts of the kit the lamps come from. */
	parts: readonly FittedPart[];
	remedies: readonly JudgedRemedy[];
}

/** The circuit of a vehicle as the bench has it. A kit brings its own parts; without one the best set of remedies is tried. */
export function trialCircuit(
	{ configuration, lamps, parts, remedies }: TrialSetup,
	{ fit, converted, faults }: { fit: Fit; converted: Converted; faults: readonly Fault[] }
): VehicleCircuit {
	const places = new Map(configuration.sockets.map((s) => [s.id as string, [s.zone, s.side] as string[]]));
	const isIn = (socket: string) => converted === 'all' || (places.get(socket) ?? []).includes(converted);
	const own = fit === 'stock' ? [] : lamps.filter(([socket]) => isIn(socket));
	const fitted = new Map(own.map(([socket, product]) => [socket, { kind: 'product', product } as FittedLamp]));
	const remedied = fit === 'remedied';
	const circuit = vehicleCircuit(configuration, { lamps: fitted, parts: remedied ? parts : [], faults });
	return remedied && parts.length === 0 ? withRemedies(circuit, remedies) : circuit;
}

/** How many messages each named mode brings, for a look ahead. */
export function messagesByMode(circuit: VehicleCircuit, volts: number): ReadonlyMap<ModeId, number> {
	return new Map(
		Object.entries(MODES).map(([id, switches]) => [id as ModeId, simulate(circuit, switches, volts).messages.length])
	);
}
