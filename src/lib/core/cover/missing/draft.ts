import { isTwinContact, lightCentreOf, type LampCategory } from '../../lamps';
import type { LightColour, Product } from '../../model';
import { DOUBTFUL_EFFICACY } from '../../optics';

/** What of a lamp that nobody makes yet is looked for; everything else is as a careful maker would make it. */
export interface Draft {
	category: LampCategory;
	colour: LightColour;
	/** Of a twin-contact wedge. */
	wiring: 'standard' | 'crossed' | 'both';
	/** Luminous flux of the bright mode over that of the filament lamp. */
	light: number;
	/** How its body is cooled. */
	cooling: NonNullable<Product['cooling']>;
	/** Power at 13.5 V, W; as little as the light takes when not given. */
	watts?: number | undefined;
	/** Outer measures, mm; the smallest body that could be when not given. */
	size?: Size | undefined;
	/** Length over the caps of a festoon, mm. */
	length?: number | undefined;
	/** Nominal supply it has to work on, V. */
	voltage: number;
}

/** Outer measures of a lamp, mm. */
export interface Size {
	frontLength: number;
	frontDiameter: number;
	rearLength: number;
	rearDiameter: number;
}

/** Colours that a lamp could have, the most usual first. White is neutral; warm where only warm is white enough. */
export const COLOURS: readonly LightColour[] = (
	[
		{ kind: 'red', peak: 625 },
		{ kind: 'amber', peak: 592 },
		{ kind: 'white', cct: 5000 },
		{ kind: 'white', cct: 3000 },
		{ kind: 'selective-yellow' }
	] as unknown[]
).map((colour) => colour as LightColour);

/** How a body of the category may be cooled, the simplest first. */
export const coolingsFor = ({ mount }: LampCategory): readonly Draft['cooling'][] =>
	mount === 'flange' ? ['fins', 'fan'] : ['none'];

/** Body temperature that a decent LED bears, C, and an ingress rating that every place stands. */
const LIMIT_C = 115;
const INGRESS = 'IP67';
/** Supplies a lamp works on by the nominal one, V. */
const RANGES: Readonly<Record<number, [number, number]>> = { 6: [6, 7.5], 12: [9, 16], 24: [18, 32] };
const TINY_MM = 1;

/** Flux that the category's lamp has, lm; 0 where the table does not say. */
export const stockFlux = ({ lumens = 0 }: LampCategory): number => lumens;

/** The least that a light takes, W. */
export const leastWatts = ({ category, light }: Pick<Draft, 'category' | 'light'>): number =>
	Math.max(0.1, Math.ceil((10 * light * stockFlux(category)) / DOUBTFUL_EFFICACY) / 10);

/** The smallest body that could be: one that still reaches the light centre of a lamp that throws a beam. */
export function leastSize(category: LampCategory): Size {
	const centre = category.mount === 'flange' ? (lightCentreOf(category)?.mm ?? 0) : 0;
	return { frontLength: centre + TINY_MM, frontDiameter: TINY_MM, rearLength: TINY_MM, rearDiameter: TINY_MM };
}

/** Dim flux of two filaments, lm, and power of the dim mode over the bright one. */
const DIM_SHARE = 0.1;

/** A draft as a product, with the field names of one. */
export function draftProduct(draft: Draft): Product {
	const { category, colour, wiring, light, voltage, length, cooling } = draft;
	const watts = draft.watts ?? leastWatts(draft);
	const dual = category.filaments === 2;
	const flange = category.mount === 'flange';
	const { frontLength, frontDiameter, rearLength, rearDiameter } = draft.size ?? leastSize(category);
	const centre = lightCentreOf(category)?.mm;
	return {
		id: 'specification',
		maker: 'any maker',
		name: `${category.category} to this specification`,
		kind: 'led',
		fits: [category.category],
		...(category.caps.some(isTwinContact) ? { wiring } : {}),
		modes: [dual ? 'dual' : 'single'],
		colour,
		emission: flange ? 'sided' : 'all-round',
		flux: {
			claimed: Math.round(light * stockFlux(category)),
			per: 'lamp',
			...(dual ? { minor: Math.round(light * (category.lumensMinor ?? DIM_SHARE * stockFlux(category))) } : {})
		},
		power: { at13v5: watts, ...(dual ? { minor: Math.round(100 * watts * DIM_SHARE) / 100 } : {}) },
		...(voltage === 12 ? {} : { volts: RANGES[voltage] }),
		polarity: 'free',
		size: {
			frontLength,
			frontDiameter,
			...(flange ? { rearLength, rearDiameter, ...(centre === undefined ? {} : { lightCentre: centre }) } : {}),
			...(category.mount === 'festoon' && length !== undefined ? { length } : {})
		},
		...(flange ? { collar: 'adjustable', emitterAngle: 90 } : {}),
		cooling,
		driver: { where: 'none' },
		limit: LIMIT_C,
		ip: INGRESS,
		packs: []
	} as unknown as Product;
}
