import { VOLTS_CHARGING } from '../../quantity';
import type { Accessory, Product } from '../../model';
import { loadOhms, strategyOf } from '../../accessories';
import { lampFunction } from '../../lamps';
import { CRITERIA, type Candidate } from '../../match';
import { NO_AMOUNTS, type Amounts } from './balance';

/** Work for a lamp once it can be reached, min: to change it, to turn an adjustable collar, to find its driver a place, to mount an assembly. */
const LAMP_MINUTES = 3;
const COLLAR_MINUTES = 2;
const DRIVER_MINUTES = 5;
const ASSEMBLY_MINUTES = 40;

/** Watts of a load that count as one lamp at its limit. */
const WATTS_PER_HEAT = 30;

/** Work at a lamp once it can be reached, min. */
export function lampMinutes({ kind, collar, driver }: Product): number {
	if (kind === 'assembly') return ASSEMBLY_MINUTES;
	return (
		LAMP_MINUTES + (collar === 'adjustable' ? COLLAR_MINUTES : 0) + (driver?.where === 'inline' ? DRIVER_MINUTES : 0)
	);
}

/** Points of a criterion of the ranking that are missing, 0 to 1; 0 where it does not apply. */
function missing(id: string, { cases }: Candidate): number {
	const points = CRITERIA.find((criterion) => criterion.id === id)?.points(cases.socket, cases.product) ?? null;
	return points === null ? 0 : 1 - points;
}

/** What a lamp in a socket is weighed by: the ranking's own points for light, heat, evidence and complaints, and its work. */
export function lampAmounts(candidate: Candidate): Amounts {
	const { socket, product } = candidate.cases;
	const use = Math.max(...socket.socket.functions.map((id) => lampFunction(id).weight));
	return {
		light: missing('light', candidate) * use,
		heat: missing('heat', candidate),
		minutes: lampMinutes(product.product),
		risk: missing('evidence', candidate) + missing('complaints', candidate)
	};
}

/** What one piece of an assembly is weighed by: its work; its light and heat are its own affair. */
export function assemblyAmounts(product: Product): Amounts {
	return { ...NO_AMOUNTS, minutes: lampMinutes(product) };
}

/** What one piece of a part is weighed by; a load turns `V^2 / R` at 14.4 V to heat for its duty. */
export function partAmounts(accessory: Accessory, duty = 0): Amounts {
	const ohms = loadOhms(accessory);
	const watts = ohms === null ? 0 : (VOLTS_CHARGING ** 2 / ohms) * duty;
	return { ...NO_AMOUNTS, minutes: strategyOf(accessory).minutes, heat: watts / WATTS_PER_HEAT };
}
