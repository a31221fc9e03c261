import { assumedValue, decimal } from '../../quantity';
import { comparePoints } from '../light/compare';
import type { LightPoint } from '../light/points';
import type { CheckRule } from './rule';

/** A ratio is read off meters: it counts to half a percent. */
const READ_TO = 0.005;

/** A rule on the ratio of candela after over before at a point. */
export function lightRule(point: LightPoint, limitId: string, kind: 'at-least' | 'at-most'): CheckRule['judge'] {
	return ({ light }, assumed) => {
		const limit = assumedValue(assumed, limitId);
		const required =
			limit === 1
				? `${kind === 'at-least' ? 'at least' : 'at most'} as much as before`
				: `${kind === 'at-least' ? 'at least' : 'at most'} ${decimal(limit, 2)} times as before`;
		const found = light && comparePoints(light.before, light.after).find((change) => change.point === point);
		if (!found?.before || !found.after) return { isMet: null, measured: found?.trouble ?? 'not measured', required };
		const { before, after, ratio } = found;
		const measured = `${Math.round(before.candela)} cd before, ${Math.round(after.candela)} cd after`;
		// In the dark over a good cut-off a meter shows nothing: no light after is no more than none before.
		if (ratio === null)
			return { isMet: kind === 'at-most' ? (after.candela === 0 ? true : null) : null, measured, required };
		const isMet = kind === 'at-least' ? ratio >= limit - READ_TO : ratio <= limit + READ_TO;
		return { isMet, measured: `${measured}: ${decimal(ratio, 2)} times`, required };
	};
}
