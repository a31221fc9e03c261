import { decimal } from '../../quantity';
import { PLAIN_BEAM, type BeamPattern } from './pattern';

/** What is known of a lamp in an optic. */
export interface LampInOptic {
	optic: 'reflector' | 'projector';
	/** How far its light centre lies from the filament's, mm; null where nobody knows. */
	lightCentre: number | null;
	/** How far its emitters stand from 3 and 9 o'clock, degrees, clockwise positive as seen from the front of the vehicle; null where nobody knows. */
	clocking: number | null;
	emission: 'all-round' | 'sided' | 'end' | null;
	/** To which side the beam rises; null for one with a flat cut-off, as fog lamps have. */
	rises: 'left' | 'right' | null;
}

/** A beam as a sketch, and what kind of beam to fear. */
export interface FearedBeam {
	pattern: BeamPattern;
	/** What to look for on the wall; empty where nothing known speaks against it. */
	fears: string[];
	/** What is not known and was taken as right. */
	notKnown: string[];
}

/** Errors below these leave no trace a wall shows, mm and degrees. */
const SEEN_MM = 0.5;
const SEEN_DEGREES = 3;
/** A reflector turns so much of its pattern with the source: its facets mix images of all angles. An assumption. */
const TURNS_WITH = 0.4;

/** The beam of the lamp an optic was made for. */
export const plainBeam = ({ rises }: Pick<LampInOptic, 'rises'>): BeamPattern =>
	rises === null
		? { ...PLAIN_BEAM, arm: 0, hotSpot: { ...PLAIN_BEAM.hotSpot, wide: 8, light: 0.42 } }
		: { ...PLAIN_BEAM, rises };

/** In a reflector every facet throws an image of the source: what the source does wrong, the beam does. */
function inReflector(lamp: LampInOptic): BeamPattern {
	const { lightCentre, clocking, emission } = lamp;
	const plain = plainBeam(lamp);
	const off = Math.abs(lightCentre ?? 0);
	const turned = Math.abs(clocking ?? 0);
	const { hotSpot, edge, above } = plain;
	const ended = emission === 'end' ? 1 : 0;
	const round = emission === 'all-round' ? 1 : 0;
	return {
		...plain,
		// The front of the vehicle and the lamp look at each other: clockwise for one is against the clock for the other.
		tilt: -(clocking ?? 0) * TURNS_WITH,
		edge: edge + 0.6 * off + 0.03 * turned + 0.5 * round + 2 * ended,
		above: above + 0.025 * off + 0.0015 * turned + 0.02 * round + 0.1 * ended,
		hotSpot: {
			...hotSpot,
			under: hotSpot.under + 0.5 * off,
			tall: hotSpot.tall + 0.4 * off,
			light: (hotSpot.light * (1 - 0.7 * ended)) / (1 + 0.3 * off + 0.01 * turned)
		}
	};
}

/** In a projector a shield cuts the beam: its edge stays, its light does not. */
function inProjector(lamp: LampInOptic): BeamPattern {
	const { lightCentre, clocking, emission } = lamp;
	const plain = plainBeam(lamp);
	const off = Math.abs(lightCentre ?? 0);
	const turned = Math.abs(clocking ?? 0);
	const { hotSpot, above } = plain;
	const ended = emission === 'end' ? 1 : 0;
	return {
		...plain,
		edge: 0.18,
		above: above * 0.7,
		hotSpot: { ...hotSpot, light: (hotSpot.light * (1 - 0.7 * ended)) / (1 + 0.45 * off + 0.008 * turned) }
	};
}

/**
 * What kind of beam a lamp is to be feared of in an optic, as a sketch. Its numbers are assumptions: the wall decides.
 */
export function fearedBeam(lamp: LampInOptic): FearedBeam {
	const { optic, lightCentre, clocking, emission } = lamp;
	const fears: string[] = [];
	const notKnown = [
		...(lightCentre === null ? ['where its light centre lies'] : []),
		...(clocking === null ? ['how its emitters stand when it is locked'] : []),
		...(emission === null ? ['where its light comes out'] : [])
	];
	if (emission === 'end')
		fears.push(
			optic === 'reflector'
				? 'Light from its end alone: no hot spot, the cut-off lost, light over it.'
				: 'Light from its end alone misses most of the mirror: a weak hot spot.'
		);
	if (emission === 'all-round' && optic === 'reflector')
		fears.push('Light all round a thick body: a softer edge, more light over it.');
	if (lightCentre !== null && Math.abs(lightCentre) > SEEN_MM)
		fears.push(
			optic === 'reflector'
				? `Light centre ${decimal(Math.abs(lightCentre), 1)} mm off: a softer edge, the hot spot further down.`
				: `Light centre ${decimal(Math.abs(lightCentre), 1)} mm off: a weaker hot spot; the edge stays.`
		);
	if (clocking !== null && Math.abs(clocking) > SEEN_DEGREES)
		fears.push(
			optic === 'reflector'
				? `Emitters ${decimal(Math.abs(clocking), 0)}° from 3 and 9 o’clock: the cut-off leans, streaks over it.`
				: `Emitters ${decimal(Math.abs(clocking), 0)}° from 3 and 9 o’clock: an uneven hot spot; the edge stays.`
		);
	return { pattern: optic === 'reflector' ? inReflector(lamp) : inProjector(lamp), fears, notKnown };
}
