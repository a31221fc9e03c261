import type { Product } from '../exchange';
import { ambientId, capFactor, capState, resistanceId, type CapState, type HeatCase } from '../heat';
import { filamentOf, lampFunction } from '../lamps';
import { assumedValue } from '../units';
import type { SocketCase } from './case';

/** Hardest duty among the functions served by the bright mode. */
function dutyOf({ socket: { functions } }: SocketCase): number {
	const bright = functions.filter((id) => filamentOf(functions, id) === 'major');
	return Math.max(...(bright.length > 0 ? bright : functions).map((id) => lampFunction(id).duty));
}

/** The heat of an LED in a socket, under the cap it has today or under another one; null when its power is not known. */
export function heatCaseOf(s: SocketCase, product: Product, cap?: CapState): HeatCase | null {
	const { power, builtInLoad = 0, cooling } = product;
	if (power?.at13v5 === undefined) return null;
	const { mount, diameter } = s.category;
	return {
		ambient: assumedValue(s.assumed, ambientId(s.socket.zone)),
		watts: power.at13v5 + builtInLoad,
		duty: dutyOf(s),
		resistance: assumedValue(s.assumed, resistanceId({ mount, diameter, cooling })),
		cap: capFactor(cap ?? capState(s.socket.cap, mount), s.assumed)
	};
}
