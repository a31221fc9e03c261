/** A range of downward inclination, percent of the distance; the smaller first. Upwards is negative. */
export type Inclination = readonly [least: number, most: number];

/** What a rule says for lamps of a mounting height. */
export interface AimBand {
	/** Heights of the lamp centre it holds for, mm, and in words. */
	holds: (height: number) => boolean;
	heights: string;
	/** What it is to be set to. */
	initial: Inclination | null;
	/** What it may be in use. */
	limits: Inclination | null;
}

/** A rule of aim. */
export interface AimRule {
	id: string;
	label: string;
	lamp: 'low-beam' | 'high-beam' | 'fog';
	bands: readonly AimBand[];
	/** What is set by it: the flat part of the cut-off, or the hot spot. */
	sets: 'cut-off' | 'hot-spot';
	source: string;
	confidence: 'high' | 'medium' | 'low';
	note?: string;
}

/** Percent of an angle. @example percentOf(0.4) // 0.698 */
export const percentOf = (degrees: number): number => Math.tan((degrees * Math.PI) / 180) * 100;

const any = { heights: 'any height', holds: () => true };
const under = (mm: number) => ({ heights: `under ${mm / 1000} m`, holds: (h: number) => h < mm });
const upTo = (mm: number) => ({ heights: `up to ${mm / 1000} m`, holds: (h: number) => h <= mm });
const over = (mm: number) => ({ heights: `over ${mm / 1000} m`, holds: (h: number) => h > mm });
const within = (from: number, to: number) => ({
	heights: `${from / 1000} to ${to / 1000} m`,
	holds: (h: number) => h >= from && h <= to
});

/** Two and four inches at 25 ft, and 0.4 and 0.2 degrees, as percent. */
const TWO_INCHES = (2 / 300) * 100;
const FOUR_INCHES = (4 / 300) * 100;
const VISUAL_TOLERANCE = 0.2;
const VOL_DEGREES = 0.4;

/** Every rule of aim. A new one is an entry here. Orientation: the figure stamped beside the headlamp and the handbook come first. */
export const AIM_RULES: readonly AimRule[] = [
	{
		id: 'un-r48-low-beam',
		label: 'UN R48, low beam',
		lamp: 'low-beam',
		sets: 'cut-off',
		bands: [
			{ ...under(800), initial: [1, 1.5], limits: [0.5, 2.5] },
			{ ...within(800, 1000), initial: [1, 1.5], limits: [0.5, 2.5] },
			{ ...over(1000), initial: [1.5, 2], limits: [1, 3] }
		],
		source: 'UN Regulation 48, initial downward inclination of the dipped beam',
		confidence: 'high'
	},
	{
		id: 'un-r48-low-beam-alternative',
		label: 'UN R48, low beam, the lower range a maker may choose',
		lamp: 'low-beam',
		sets: 'cut-off',
		bands: [{ ...within(800, 1000), initial: [1.5, 2], limits: [1, 3] }],
		source: 'UN Regulation 48, initial downward inclination of the dipped beam',
		confidence: 'high'
	},
	{
		id: 'un-r48-low-beam-off-road',
		label: 'UN R48, low beam, off-road class',
		lamp: 'low-beam',
		sets: 'cut-off',
		bands: [
			{
				heights: 'over 1.2 up to 1.5 m',
				holds: (h) => h > 1200 && h <= 1500,
				initial: [2, 2.5],
				limits: [1.5, 3.5]
			}
		],
		source: 'UN Regulation 48, off-road goods vehicles',
		confidence: 'medium'
	},
	{
		id: 'un-r48-fog',
		label: 'UN R48, front fog lamp of class F3',
		lamp: 'fog',
		sets: 'cut-off',
		bands: [
			{ ...upTo(800), initial: [1.5, 2], limits: [1, 3] },
			{ ...over(800), initial: [2, 2.5], limits: [1.5, 3.5] }
		],
		source: 'UN Regulation 48, front fog lamps of class F3',
		confidence: 'medium'
	},
	{
		id: 'periodic-low-beam',
		label: 'Periodic test of a UN country, low beam',
		lamp: 'low-beam',
		sets: 'cut-off',
		bands: [
			{ ...upTo(850), initial: null, limits: [0.5, 2] },
			{ ...over(850), initial: null, limits: [1.25, 2.75] }
		],
		source: 'periodic test of headlamp aim, one UN country',
		confidence: 'high'
	},
	{
		id: 'us-vol',
		label: 'US, visually aimed by the left cut-off (VOL)',
		lamp: 'low-beam',
		sets: 'cut-off',
		bands: [
			{
				...any,
				initial: [percentOf(VOL_DEGREES), percentOf(VOL_DEGREES)],
				limits: [percentOf(VOL_DEGREES - VISUAL_TOLERANCE), percentOf(VOL_DEGREES + VISUAL_TOLERANCE)]
			}
		],
		source: 'FMVSS 108 and SAE J599, visual aim, left cut-off 0.4 degrees down',
		confidence: 'high',
		note: 'The tolerance of 0.2 degrees is of low confidence.'
	},
	{
		id: 'us-vor',
		label: 'US, visually aimed by the right cut-off (VOR)',
		lamp: 'low-beam',
		sets: 'cut-off',
		bands: [{ ...any, initial: [0, 0], limits: [percentOf(-VISUAL_TOLERANCE), percentOf(VISUAL_TOLERANCE)] }],
		source: 'FMVSS 108 and SAE J599, visual aim, right cut-off at lamp height',
		confidence: 'high',
		note: 'The right cut-off stands at lamp height: it does not take the drop of VOL. The tolerance of 0.2 degrees is of low confidence.'
	},
	{
		id: 'workshop-25-ft',
		label: 'Workshop practice on a wall at 25 ft, low beam',
		lamp: 'low-beam',
		sets: 'cut-off',
		bands: [{ ...any, initial: [TWO_INCHES, FOUR_INCHES], limits: null }],
		source: 'workshop practice: 2 to 4 in under lamp height at 25 ft',
		confidence: 'medium',
		note: 'The kerb side stands a hair higher than the oncoming side.'
	},
	{
		id: 'high-beam',
		label: 'High beam of a lamp of its own',
		lamp: 'high-beam',
		sets: 'hot-spot',
		bands: [{ ...any, initial: [0, 0], limits: null }],
		source: 'workshop practice: the hot spot at lamp height, straight ahead',
		confidence: 'medium'
	}
];

/** The rule of an id; undefined when there is none. */
export const aimRule = (id: string): AimRule | undefined => AIM_RULES.find((rule) => rule.id === id);
