import type { RuleFamily, SignalColour } from '../lamps';
import { chromaticity, type Chromaticity } from './chromaticity';
import { CMF } from './grid';
import { halogen } from './sources/halogen';

type Corner = readonly [number, number];

/** The same lines in both families. */
const AMBER: readonly Corner[] = [
	[0.545, 0.425],
	[0.56, 0.44],
	[0.609, 0.39],
	[0.597, 0.39]
];

/** Corners of the boundaries, in order round. Source: UN R48; FMVSS 108 and SAE J578, recomputed from their lines. */
const CORNERS: Record<RuleFamily, Record<SignalColour, readonly Corner[]>> = {
	UN: {
		white: [
			[0.31, 0.283],
			[0.31, 0.348],
			[0.453, 0.44],
			[0.5, 0.44],
			[0.5, 0.382],
			[0.443, 0.382]
		],
		'selective-yellow': [
			[0.454, 0.486],
			[0.48, 0.519],
			[0.545, 0.454],
			[0.521, 0.44],
			[0.5, 0.44]
		],
		amber: AMBER,
		red: [
			[0.645, 0.335],
			[0.665, 0.335],
			[0.735, 0.265],
			[0.721, 0.259]
		]
	},
	US: {
		white: [
			[0.31, 0.283],
			[0.31, 0.348],
			[0.453, 0.44],
			[0.5, 0.44],
			[0.5, 0.38],
			[0.44, 0.38]
		],
		'selective-yellow': [
			[0.4655, 0.5005],
			[0.4803, 0.5195],
			[0.5443, 0.4557],
			[0.5228, 0.4432]
		],
		amber: AMBER,
		red: [
			[0.65, 0.33],
			[0.67, 0.33],
			[0.735, 0.265],
			[0.721, 0.259]
		]
	}
};

/** Outline of a boundary for drawing. Judging is done by the lines themselves (`isInside`). */
export function boundaryOutline(colour: SignalColour, family: RuleFamily): Chromaticity[] {
	return CORNERS[family][colour].map(([x, y]) => ({ x, y }));
}

/** The spectral locus from 400 to 700 nm, each 5 nm. */
export function spectralLocus(): (Chromaticity & { nm: number })[] {
	return CMF.filter(([nm]) => nm >= 400 && nm <= 700).map(([nm, X, Y, Z]) => {
		const sum = X + Y + Z;
		return { nm, x: X / sum, y: Y / sum };
	});
}

/** The Planckian locus at colour temperatures people know, K. */
export function planckianLocus(kelvins: readonly number[] = [2000, 2500, 3000, 3500, 4300, 5000, 6500, 10000]) {
	return kelvins.map((kelvin) => ({ kelvin, ...chromaticity(halogen(kelvin)) }));
}
