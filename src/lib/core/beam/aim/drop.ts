import { err, ok, type Result } from '../../result';
import type { TrafficSide } from '../light/points';
import { AIM_RULES, aimRule, type AimBand, type AimRule, type Inclination } from './rules';

/** What an aim is worked out from. */
export interface AimAsked {
	/** Rule of aim, by its id. */
	rule: string;
	/** Height of the lamp centre over the floor, mm. */
	height: number;
	/** From the lamp to the wall, m. */
	distance: number;
	traffic: TrafficSide;
	/** From lamp centre to lamp centre, mm. */
	spread?: number | undefined;
	/** The figure stamped beside the headlamp, percent down; it goes before the rule's own range. */
	stamped?: number | undefined;
}

/** A mark to tape on the wall, mm: from the centre line of the vehicle (right positive, seen from behind it), and from the floor. */
export interface AimMark {
	lamp: 'left' | 'right';
	x: number;
	y: number;
}

/** Where a beam belongs on the wall. */
export interface Aim {
	rule: AimRule;
	band: AimBand;
	/** Under lamp height, mm; downwards positive. */
	drop: number;
	dropMin: number;
	dropMax: number;
	/** The same as percent of the distance. */
	percent: { aim: number; least: number; most: number };
	/** What it may be in use, mm; null where the rule says nothing of it. */
	limits: { least: number; most: number } | null;
	marks: AimMark[];
	/** To which side the beam rises, seen from behind the vehicle; null for lamps that do not. */
	rises: TrafficSide | null;
	/** What was assumed because nobody said. */
	assumed: string[];
}

/** Centres of the headlamps of a car stand about so far apart, mm. */
export const USUAL_SPREAD = 1200;
const HEIGHTS = { least: 200, most: 2000 };
const FARTHEST_M = 50;
const STAMPED_MOST = 4;

const middle = ([least, most]: Inclination) => (least + most) / 2;
/** Millimetres of a percent over metres: 1 % is 10 mm a metre. */
const mm = (percent: number, distance: number) => percent * distance * 10;

/**
 * Where a beam belongs on a wall: the drop under lamp height by rule, height and distance, and the marks to tape.
 * @returns one sentence when a number is not credible, or no such rule is known
 * @example aim({ rule: 'un-r48-low-beam', height: 650, distance: 10, traffic: 'right' }) // drop 125, from 100 to 150 mm
 */
export function aim({ rule: id, height, distance, traffic, spread, stamped }: AimAsked): Result<Aim, string> {
	const rule = aimRule(id);
	if (!rule) return err(`There is no rule of aim "${id}". Known: ${AIM_RULES.map((one) => one.id).join(', ')}.`);
	if (!(height >= HEIGHTS.least && height <= HEIGHTS.most))
		return err(`The lamp centre must stand ${HEIGHTS.least} to ${HEIGHTS.most} mm over the floor, not ${height} mm.`);
	if (!(distance > 0)) return err('The distance to the wall must be more than 0 m.');
	if (distance > FARTHEST_M) return err(`A wall ${distance} m away is not credible: at most ${FARTHEST_M} m.`);
	if (spread !== undefined && !(spread >= 0 && spread <= 3000))
		return err(`The lamp centres must stand 0 to 3000 mm apart, not ${spread} mm.`);
	if (stamped !== undefined && !(stamped >= 0 && stamped <= STAMPED_MOST))
		return err(`The figure beside the headlamp must be 0 to ${STAMPED_MOST} % down, not ${stamped} %.`);
	const band = rule.bands.find((one) => one.holds(height));
	if (!band)
		return err(
			`${rule.label} says nothing of a lamp ${height / 1000} m over the floor: it holds for ${rule.bands.map((one) => one.heights).join(', ')}.`
		);
	const range = VISUAL.has(rule.id) ? band.limits : (band.initial ?? band.limits);
	const [least, most] = range ?? [0, 0];
	const target = stamped ?? middle(band.initial ?? [least, most]);
	const drop = mm(target, distance);
	const apart = spread ?? USUAL_SPREAD;
	return ok({
		rule,
		band,
		drop,
		dropMin: mm(least, distance),
		dropMax: mm(most, distance),
		percent: { aim: target, least, most },
		limits: band.limits ? { least: mm(band.limits[0], distance), most: mm(band.limits[1], distance) } : null,
		marks: [
			{ lamp: 'left', x: -apart / 2, y: height - drop },
			{ lamp: 'right', x: apart / 2, y: height - drop }
		],
		rises: rule.lamp === 'low-beam' ? traffic : null,
		assumed: [
			...(spread === undefined ? [`lamp centres ${USUAL_SPREAD} mm apart`] : []),
			...(stamped === undefined && rule.sets === 'cut-off' && !VISUAL.has(rule.id)
				? ['the middle of the range, for want of the figure beside the headlamp']
				: [])
		]
	});
}

/** Rules that name one angle with a tolerance, not a range to choose from. */
const VISUAL: ReadonlySet<string> = new Set(['us-vol', 'us-vor']);
