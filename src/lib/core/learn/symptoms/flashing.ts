import { NORMAL_PER_MINUTE } from '../../circuit';
import type { Played } from '../scene/simulations';
import { asked } from './light';
import { sidesIn, some } from './places';
import type { Look, Symptom } from './symptom';

/** Faster than this, as a share of the normal rate, is racing; slower than the other is slow. */
const RACES_ABOVE = 1.4;
const SLOW_BELOW = 0.75;

/** Something of a rate on the sides that flash in the mode; null where it is not known. */
function ofRate(look: Look, state: Played, is: (share: number) => boolean): boolean | null {
	const normal = look.configuration.flasher?.normalPerMinute ?? NORMAL_PER_MINUTE;
	const flashing = new Map(look.configuration.sockets.map(({ id, side }) => [id as string, side]));
	return some(
		sidesIn(look).map((side) => {
			const flashes = state.lamps.some(
				({ socket, flashing: does, function: fn }) =>
					does && fn === 'turn' && [side, 'centre'].includes(flashing.get(socket) ?? '')
			);
			const rate = state.flash[side];
			if (!flashes) return false;
			return rate === null ? null : is(rate / normal);
		})
	);
}

const races = (look: Look, when: 'cold' | 'warm') =>
	ofRate(look, look.does(look.mode, when), (share) => share > RACES_ABOVE);

/** What is seen of turn signals. */
export const FLASHING_SYMPTOMS: readonly Symptom[] = [
	{
		id: 'hyperflash',
		label: 'Flashes too fast',
		question: 'Does it flash too fast {place}?',
		group: 'flashing',
		striking: true,
		modes: ['left-turn', 'right-turn', 'hazard'],
		shows: (look) => races(look, 'cold')
	},
	{
		id: 'hyperflash-later',
		label: 'Flashes too fast after a minute',
		question: 'Is the rate right at first and too fast after some minutes {place}?',
		group: 'flashing',
		modes: ['left-turn', 'right-turn'],
		shows: (look) => {
			const [cold, warm] = [races(look, 'cold'), races(look, 'warm')];
			return cold === null || warm === null ? null : warm && !cold;
		}
	},
	{
		id: 'slow-flash',
		label: 'Flashes too slowly',
		question: 'Does it flash too slowly {place}?',
		group: 'flashing',
		modes: ['left-turn', 'right-turn'],
		shows: (look) => ofRate(look, look.does(look.mode, 'cold'), (share) => share > 0 && share < SLOW_BELOW)
	},
	{
		id: 'no-flash',
		label: 'Turn signal dead, or on without flashing',
		question: 'Does the turn signal stay dark, or on without flashing {place}?',
		group: 'flashing',
		striking: true,
		modes: ['left-turn', 'right-turn'],
		shows: (look) => {
			const turns = asked(look).filter(({ function: fn }) => fn === 'turn');
			if (turns.length > 0 && turns.every(({ lit }) => lit === false)) return true;
			return ofRate(look, look.does(look.mode, 'cold'), (share) => share === 0);
		}
	}
];
