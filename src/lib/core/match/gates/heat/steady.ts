import { ambient, CAP_FACTOR, capFactor, heatLevel, steadyTemperature, thermalResistance } from '../../../heat';
import { filamentOf, lampFunction } from '../../../lamps';
import type { ProductCase, SocketCase } from '../../case';
import { finding } from '../../finding';
import { MAKER_DATA, type Rule } from '../../rule';

const SOURCE = 'estimate from the default thermal assumptions';

/** Hardest duty among the functions served by the bright mode. */
function duty(s: SocketCase): number {
	const { functions } = s.socket;
	const bright = functions.filter((id) => filamentOf(functions, id) === 'major');
	return Math.max(...(bright.length > 0 ? bright : functions).map((id) => lampFunction(id).duty));
}

function filament({ category }: SocketCase, { product }: ProductCase) {
	const own = product.power?.at13v5;
	if (own === undefined || category.watts === undefined)
		return finding('unknown', 'heat.unknown', { missing: 'power' }, MAKER_DATA);
	const stock = category.watts;
	// A lamp of the stock rating draws up to a fifth more at 13.5 V than the rating says.
	return own <= stock * 1.25
		? finding('pass', 'heat.filament', { watts: own, stock }, MAKER_DATA)
		: finding('refuse', 'heat.filament-hot', { watts: own, stock }, MAKER_DATA);
}

/** Body temperature after a long time lit against the limit of the lamp; the stock cap counts, and a better cap is a remedy. */
export const steadyHeatRule: Rule = (s, p) => {
	if (p.lamp === 'filament') return filament(s, p);
	const { product } = p;
	const { power, limit, builtInLoad = 0, cooling } = product;
	if (power?.at13v5 === undefined || limit === undefined)
		return finding(
			'unknown',
			'heat.unknown',
			{ missing: limit === undefined ? 'temperature limit' : 'power' },
			MAKER_DATA
		);
	const { mount, diameter } = s.category;
	const base = {
		ambient: ambient(s.socket.zone),
		watts: power.at13v5 + builtInLoad,
		duty: duty(s),
		resistance: thermalResistance({ mount, diameter, cooling }),
		cap: capFactor(s.socket.cap, mount) as number
	};
	const temperature = steadyTemperature(base);
	const data = Object.assign(base, { temperature, limit });
	const level = heatLevel(temperature, limit);
	if (level === 'pass') return finding(level, 'heat.cool', data, SOURCE);
	const withCap =
		base.cap > CAP_FACTOR.extended ? steadyTemperature({ ...base, cap: CAP_FACTOR.extended }) : temperature;
	if (heatLevel(withCap, limit) === 'pass')
		return finding('needs', 'heat.cap', { ...data, withCap }, SOURCE, { kind: 'cap', extraDepth: 0 });
	return finding(level, level === 'unknown' ? 'heat.near' : 'heat.hot', data, SOURCE);
};
