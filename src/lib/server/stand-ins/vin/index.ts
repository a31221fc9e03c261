import { httpVin } from './http';
import type { VinService } from './service';
import { simulatedVin } from './simulated';

/** The decoder in use: the one at `ROTALUX_VIN_SERVICE`, or the simulated one where none is set. */
export function vinService(env: NodeJS.ProcessEnv = process.env): VinService {
	return env.ROTALUX_VIN_SERVICE ? httpVin(env.ROTALUX_VIN_SERVICE) : simulatedVin;
}

export type { VinReading, VinService } from './service';
