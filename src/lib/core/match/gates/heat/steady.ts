import { heatLevel, steadyTemperature } from '../../../heat';
import type { ProductCase, SocketCase } from '../../cases';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import { heatCaseOf } from '../../cases/heat-case';
import type { Rule } from '../rule';

const BY_ESTIMATE = { source: { kind: 'heat-estimate' } } as const;

function filament({ category }: SocketCase, { product }: ProductCase) {
	const own = product.power?.at13v5;
	if (own === undefined || category.watts === undefined)
		return finding('heat.unknown', { missing: 'power' }, { level: 'unknown', source: MAKER });
	const stock = category.watts;
	// A lamp of the stock rating draws up to a fifth more at 13.5 V than the rating says.
	return own <= stock * 1.25
		? finding('heat.filament', { watts: own, stock }, { level: 'pass', source: MAKER })
		: finding('heat.filament-hot', { watts: own, stock }, { level: 'refuse', source: MAKER });
}

/** Body temperature after a long time lit against the limit of the lamp; the stock cap counts, and a better cap is a remedy. */
export const steadyHeatRule: Rule = (s, p) => {
	if (p.lamp === 'filament') return filament(s, p);
	const { product } = p;
	const { limit } = product;
	const base = heatCaseOf(s, product);
	if (!base || limit === undefined)
		return finding(
			'heat.unknown',
			{ missing: limit === undefined ? 'limit' : 'power' },
			{ level: 'unknown', source: MAKER }
		);
	const temperature = steadyTemperature(base);
	const data = Object.assign(base, { temperature, limit, spare: s.heat.margins.spare });
	const level = heatLevel(temperature, limit, s.heat.margins);
	if (level === 'pass') return finding('heat.cool', data, { ...BY_ESTIMATE, level });
	const extended = heatCaseOf(s, product, 'extended') ?? base;
	const withCap = Math.min(temperature, steadyTemperature(extended));
	if (heatLevel(withCap, limit, s.heat.margins) === 'pass')
		return finding(
			'heat.cap',
			{ ...data, withCap },
			{ level: 'needs', ...BY_ESTIMATE, need: { kind: 'cap', extraDepth: 0 } }
		);
	return finding(level === 'unknown' ? 'heat.near' : 'heat.hot', data, { ...BY_ESTIMATE, level });
};
