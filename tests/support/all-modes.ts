import { MODES, simulate, vehicleCircuit, type Fitted, type ModeId, type ModeState } from '../../src/lib/core/circuit';
import type { Configuration } from '../../src/lib/core/model';

/** Every mode of a vehicle as fitted, solved as a whole, each when it is asked for. */
export const allModes = (configuration: Configuration, fitted: Fitted) => {
	const circuit = vehicleCircuit(configuration, fitted);
	const known = new Map<ModeId, ModeState>();
	return (mode: ModeId): ModeState => {
		const state = known.get(mode) ?? simulate(circuit, MODES[mode]);
		known.set(mode, state);
		return state;
	};
};
