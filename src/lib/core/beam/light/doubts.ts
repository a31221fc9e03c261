import { decimal, LUX_PER_FOOT_CANDLE } from '../../quantity';
import { lampLight } from './candela';
import type { LightPoint } from './points';

/** Above this nobody believes a reading of one lamp, cd: a good low beam has 60 000 at its hot spot, the strongest high beam 215 000; over the cut-off a few hundred. */
const MOST_CREDIBLE: Record<LightPoint, number> = {
	'hot-spot': 215_000,
	below: 100_000,
	above: 8_000,
	left: 40_000,
	right: 40_000
};
/** A lamp so many times as bright as the other one at the same point was rather misread. */
const FACTOR = 12;

/**
 * What makes a reading look like another one that was meant; null when it is credible. It is asked, never refused.
 * @param other candela of another reading at the same point, if there is one
 * @example readingDoubt({ point: 'above', lux: 1890, distance: 10 }) // "1890 lx at 10 m is 189000 cd ... Was 18.9 lx meant?"
 */
export function readingDoubt(
	{ point, lux, distance, ambient }: { point: LightPoint; lux: number; distance: number; ambient?: number | undefined },
	other?: number
): string | null {
	const light = lampLight({ lux, distance, ambient });
	if (!light.ok) return null;
	const { candela } = light.value;
	const isCredible = (value: number) => {
		const many = other === undefined || other === 0 ? 1 : value / other;
		return value <= MOST_CREDIBLE[point] && many < FACTOR && many > 1 / FACTOR;
	};
	if (isCredible(candela) || candela === 0) return null;
	const meant = [lux / 100, lux / 10, lux * 10, lux * 100].find((value) => isCredible(value * distance * distance));
	const footCandles = isCredible(lux * LUX_PER_FOOT_CANDLE * distance * distance) ? ' Or was it in foot-candles?' : '';
	const why =
		candela > MOST_CREDIBLE[point]
			? 'more than one lamp gives there'
			: `${decimal(candela / (other ?? candela), candela > (other ?? 0) ? 0 : 3)} times the other reading there`;
	return `${decimal(lux, 2)} lx at ${decimal(distance, 2)} m is ${Math.round(candela)} cd, ${why}.${
		meant === undefined ? '' : ` Was ${decimal(meant, 3)} lx meant?`
	}${footCandles}`;
}
