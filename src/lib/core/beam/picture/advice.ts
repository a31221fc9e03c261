import { decimal } from '../../quantity';
import type { BeamComparison } from './compare';

/** What a comparison means and what to do, by a stable code. */
export interface BeamAdvice {
	code: 'tilted' | 'raised' | 'lowered' | 'soft' | 'glare' | 'dim-below' | 'hot-spot-low' | 'no-cut-off' | 'as-before';
	/** True when it speaks against the lamp as it stands. */
	isTrouble: boolean;
	words: string;
	todo: string | null;
}

/** Limits above which a change is worth a word: degrees, share of the picture's height, times. */
export const TILT_WORTH = 1;
const RISE_WORTH = 0.008;
const BLUR_WORTH = 1.6;
const GLARE_WORTH = 1.3;
const DIM_WORTH = 0.9;
const DROP_WORTH = 2;

/** What two pictures say of a lamp, the worst first, with what to do in the bay. Empty where they do not compare. */
export function beamAdvice({ before, after, change, comparable }: BeamComparison): BeamAdvice[] {
	if (!comparable) return [];
	if (before.cutOff && !after.cutOff)
		return [
			{
				code: 'no-cut-off',
				isTrouble: true,
				words: 'The cut-off that was there is gone.',
				todo: 'Take the lamp out and see that it sits home and stands at 3 and 9 o’clock; if it does, this lamp does not focus here.'
			}
		];
	const found: BeamAdvice[] = [];
	const { tilt, rise, blur, aboveRatio, belowRatio, hotSpotDrop } = change;
	const height = before.picture.height * before.picture.scale.y;
	if (tilt !== null && Math.abs(tilt) >= TILT_WORTH)
		found.push({
			code: 'tilted',
			isTrouble: true,
			words: `The cut-off leans ${decimal(Math.abs(tilt), 1)}° ${tilt > 0 ? 'clockwise' : 'against the clock'} of where it was: the lamp stands turned in its holder.`,
			todo: `Turn the collar ${tilt > 0 ? 'against the clock' : 'clockwise'}, as seen from behind the lamp, at least ${decimal(Math.abs(tilt), 0)}° (a reflector leans less than the lamp is turned), and take the picture again.`
		});
	if (blur !== null && blur >= BLUR_WORTH)
		found.push({
			code: 'soft',
			isTrouble: true,
			words: `The edge is ${decimal(blur, 1)} times as wide as before: the light does not come from where the filament was.`,
			todo: 'See that the lamp sits home. If it does, its light centre or its emitters do not suit this optic: it does not focus here.'
		});
	if (rise !== null && Math.abs(rise) >= RISE_WORTH * height)
		found.push({
			code: rise > 0 ? 'raised' : 'lowered',
			isTrouble: rise > 0,
			words: `The cut-off stands ${decimal(Math.abs(rise), 0)} pixels ${rise > 0 ? 'higher' : 'lower'} than before.`,
			todo: rise > 0 ? 'First see that the lamp sits home; then lower the aim.' : 'Raise the aim, by its rule.'
		});
	if (aboveRatio !== null && aboveRatio > GLARE_WORTH)
		found.push({
			code: 'glare',
			isTrouble: true,
			words: `There is ${decimal(aboveRatio, 2)} times as much light over the cut-off: it dazzles others.`,
			todo: 'No aim puts that right. Another lamp, or the halogen back.'
		});
	if (belowRatio !== null && belowRatio < DIM_WORTH)
		found.push({
			code: 'dim-below',
			isTrouble: true,
			words: `Under the cut-off, where one sees by it, there is ${decimal(belowRatio * 100, 0)} % of the light before.`,
			todo: 'It looks whiter and shows less. Measure it with the meter.'
		});
	if (hotSpotDrop !== null && hotSpotDrop >= DROP_WORTH)
		found.push({
			code: 'hot-spot-low',
			isTrouble: true,
			words: `The hot spot lies ${decimal(hotSpotDrop, 1)} times as far under the cut-off: light lies before the vehicle and not far off.`,
			todo: 'The light centre is off: this lamp does not focus here.'
		});
	return found.length > 0
		? found
		: [{ code: 'as-before', isTrouble: false, words: 'The beam has the shape it had.', todo: null }];
}
