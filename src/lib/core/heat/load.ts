import { assumedValue, type Assumed } from '../quantity';
import { HEAT_DEFAULTS } from './assumptions';
import { steadyTemperature, type HeatCase } from './steady-state';

/** The heat of a load resistor bolted to metal: `V^2 / R` while on, C, W, K/W. */
export function loadHeat(
	{ ohms, volts, duty }: { ohms: number; volts: number; duty: number },
	assumed: Assumed = HEAT_DEFAULTS
): { heat: HeatCase; timeConstant: number; limit: number } {
	const value = (name: string) => assumedValue(assumed, `heat.load.${name}`);
	return {
		heat: { ambient: value('ambient'), watts: volts ** 2 / ohms, duty, resistance: value('resistance'), cap: 1 },
		timeConstant: value('time'),
		limit: value('limit')
	};
}

/** True when a load stays under its limit however long it is lit in its hardest mode. @example staysCool({ ohms: 6, volts: 14.4, duty: 0.5 }) // true, 146 C of 150 */
export function staysCool(load: { ohms: number; volts: number; duty: number }, assumed?: Assumed): boolean {
	const { heat, limit } = loadHeat(load, assumed);
	return steadyTemperature(heat) <= limit;
}
