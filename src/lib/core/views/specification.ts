import { categoryOrNull, isTwinContact } from '../lamps';
import type { Product, ProductMode } from '../model';

/** What a mode of a lamp is called. */
export const MODE_WORDS: Record<ProductMode, string> = {
	single: 'one brightness',
	dual: 'two brightnesses',
	'switchback-a': 'switchback, white off while turning',
	'switchback-b': 'switchback, white and amber in turn'
};

/** A length as a buyer writes it. */
const mm = (value: number) => `${Math.round(10 * value) / 10}`;

/** What a specification asks for, a line each: what is asked, and how much. */
export function specificationLines(
	{ fits, colour, wiring, modes, flux, size, volts, cooling, limit, ip }: Product,
	power: { low: number; high: number }
): [label: string, text: string][] {
	const category = categoryOrNull(fits[0]);
	const twin = category?.caps.some(isTwinContact) ?? false;
	return [
		['Base', `${fits.join(', ')} (${category?.caps.join(', ') ?? ''})`],
		[
			'Colour',
			colour?.cct
				? `${colour.kind}, about ${colour.cct} K`
				: `${colour?.kind ?? ''}${colour?.peak ? `, about ${colour.peak} nm` : ''}`
		],
		...(twin && wiring
			? [['Wiring', wiring === 'both' ? 'both wirings of the twin-contact wedge' : wiring] as [string, string]]
			: []),
		['Modes', (modes ?? []).map((mode) => MODE_WORDS[mode]).join(', ')],
		['Light', `about ${flux?.claimed ?? '?'} lm${flux?.minor ? `, dim about ${flux.minor} lm` : ''}`],
		['Power at 13.5 V', power.high > power.low ? `${power.low} to ${power.high} W` : `about ${power.low} W`],
		...(volts ? [['Supply', `${volts[0]} to ${volts[1]} V`] as [string, string]] : []),
		['In front, at most', `${mm(size?.frontLength ?? 0)} mm long, ${mm(size?.frontDiameter ?? 0)} mm across`],
		...(size?.rearLength === undefined
			? []
			: [
					['Behind, at most', `${mm(size.rearLength)} mm deep, ${mm(size.rearDiameter ?? 0)} mm across`] as [
						string,
						string
					]
				]),
		...(size?.lightCentre === undefined
			? []
			: [
					['Light centre', `${mm(size.lightCentre)} mm, emitters at 3 and 9 o’clock, collar adjustable`] as [
						string,
						string
					]
				]),
		...(size?.length === undefined ? [] : [['Length over the caps', `${mm(size.length)} mm`] as [string, string]]),
		[
			'Body',
			`stands ${limit ?? '?'} °C${cooling && cooling !== 'none' ? `, cooled by ${cooling}` : ''}, ${ip ?? ''}, either polarity`
		]
	];
}

/** A specification in a few words. @example "W21/5W, red, crossed, at most 41 x 20 mm" */
export function specificationShort({ fits, colour, wiring, size, cooling, volts }: Product): string {
	const category = categoryOrNull(fits[0]);
	const twin = category?.caps.some(isTwinContact) ?? false;
	return [
		fits[0],
		colour?.cct ? `${colour.kind} ${colour.cct} K` : colour?.kind,
		twin && wiring !== 'both' ? wiring : null,
		volts ? `${volts[0]} to ${volts[1]} V` : null,
		size?.length === undefined ? null : `${mm(size.length)} mm over the caps`,
		cooling === 'fan' ? 'with a fan' : null,
		`at most ${mm(size?.frontLength ?? 0)} × ${mm(size?.frontDiameter ?? 0)} mm`
	]
		.filter(Boolean)
		.join(', ');
}
