import { simulateModes, type VehicleCircuit } from '../../../core/circuit';
import type { ScanReading, ScanTool } from './service';

/** Codes are made up: the output's place in the record, so that the same fault has the same code. */
const codeOf = (circuit: VehicleCircuit, channel: string) =>
	`SIM-${String(circuit.configuration.channels.findIndex((c) => c.id === channel) + 1).padStart(2, '0')}`;

/** A scan tool on the simulated vehicle as it is fitted: it tries every mode and reads what the monitors said. */
export function simulatedScan(circuit: VehicleCircuit): ScanTool {
	return {
		name: 'Simulated scan tool',
		simulated: true,
		read: () => {
			const faults = new Map<string, ScanReading['faults'][number]>();
			for (const state of Object.values(simulateModes(circuit)))
				for (const { id, message } of state.channels) {
					if (message === null) continue;
					const known = faults.get(id) ?? { code: codeOf(circuit, id), channel: id, message, modes: [] };
					known.modes.push(state.label);
					faults.set(id, known);
				}
			return Promise.resolve({ faults: [...faults.values()] });
		}
	};
}
