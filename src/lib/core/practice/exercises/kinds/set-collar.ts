import { CLOCK_PASS, clockError } from '../../../fit';
import { RIGHT, type ExerciseKind, type Judged } from '../exercise';
import { byChoice } from '../by-choice';

const KEYS = [0, 30, 45, 60, 90, 120, 150] as const;
const EMITTERS = [0, 30, 60, 90] as const;
/** Notches of the collar, degrees clockwise. */
const NOTCHES = [-60, -30, 0, 30, 60, 90] as const;

const words = (turn: number) =>
	turn === 0 ? 'leave it as it is' : `${Math.abs(turn)}° ${turn > 0 ? 'clockwise' : 'anticlockwise'}`;

/** How far the collar is turned so that the chips stand at 3 and 9 o'clock. */
export const setCollar: ExerciseKind = {
	skill: 'set the collar',
	minutes: 1,
	pose: (_, chance) => {
		const [key, emitter] = [chance.pick(KEYS), chance.pick(EMITTERS)];
		const left = (turn: number) => Math.abs(clockError({ key, emitter: emitter + turn }));
		if (!NOTCHES.some((turn) => left(turn) <= CLOCK_PASS)) return null;
		const judge = (turn: number): Judged =>
			left(turn) <= CLOCK_PASS
				? RIGHT
				: {
						outcome: 'wrong',
						opened: [
							{
								what: `the chips stand ${left(turn)}° off 3 and 9 o’clock; required: at most ${CLOCK_PASS}°`,
								why: 'Angle of the key when locked, angle of the chips to the key, and the turn of the collar add up to 90° or half a turn more.',
								source: 'rule of clocking'
							}
						],
						cost: {
							minutes: 35,
							words: 'The cut-off leans or breaks up: others are dazzled, and the lamp comes out again.'
						}
					};
		return byChoice({
			task: 'How far is the lamp turned in its collar, seen from the front?',
			given: [
				{ label: 'Key of the socket when locked', value: `${key}°` },
				{ label: 'Plane of the chips from the key', value: `${emitter}°` }
			],
			drawing: { kind: 'clock', key, emitter },
			options: NOTCHES.map((turn) => ({ id: String(turn), words: words(turn), judged: judge(turn) }))
		});
	}
};
