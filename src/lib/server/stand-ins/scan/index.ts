import type { VehicleCircuit } from '../../../core/circuit';
import { httpScan } from './http';
import type { ScanTool } from './service';
import { simulatedScan } from './simulated';

/** The scan tool in use: the one at `ROTALUX_SCAN_TOOL`, or the simulated one on the vehicle as fitted. */
export function scanTool(circuit: VehicleCircuit, env: NodeJS.ProcessEnv = process.env): ScanTool {
	return env.ROTALUX_SCAN_TOOL ? httpScan(env.ROTALUX_SCAN_TOOL) : simulatedScan(circuit);
}

export type { ScanReading, ScanTool } from './service';
