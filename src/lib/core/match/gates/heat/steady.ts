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
		return finding('unknown', 'heat.unknown', { missing: 'power' }, { source: MAKER });
	const stock = category.watts;
	// A lamp of the stock rating draws up to a fifth more at 13.5 V than the rating says.
	return own <= stock * 1.25
		? finding('pass', 'heat.filament', { watts: own, stock }, { source: MAKER })
		: finding('refuse', 'heat.filament-hot', { watts: own, stock }, { source: MAKER });
}

/** Body temperature after a long time lit against the limit of the lamp; the stock cap counts, and a better cap is a remedy. */
export const steadyHeatRule: Rule = (s, p) => {
	if (p.lamp === 'filament') return filament(s, p);
	const { product } = p;
	const { limit } = product;
	const base = heatCaseOf(s, product);
	if (!base || limit === undefined)
		return finding('unknown', 'heat.unknown', { missing: limit === undefined ? 'limit' : 'power' }, { source: MAKER });
	const temperature = steadyTemperature(base);
	const data = Object.assign(base, { temperature, limit, spare: s.heat.margins.spare });
	const level = heatLevel(temperature, limit, s.heat.margins);
	if (level === 'pass') return finding(level, 'heat.cool', data, BY_ESTIMATE);
	const extended = heatCaseOf(s, product, 'extended') ?? base;
	const withCap = Math.min(temperature, steadyTemperature(extended));
	if (heatLevel(withCap, limit, s.heat.margins) === 'pass')
		return finding(
			'needs',
			'heat.cap',
			{ ...data, withCap },
			{
				...BY_ESTIMATE,
				need: { kind: 'cap', extraDepth: 0 }
			}
		);
	return finding(level, level === 'unknown' ? 'heat.near' : 'heat.hot', data, BY_ESTIMATE);
};
