import { aim, AIM_RULES, percentOf, type Aim } from '../../../beam';
import { RIGHT, type Cost, type ExerciseKind, type Judged } from '../exercise';
import { readTurns, turned, type OnWall, type ScrewWall } from '../screw-wall';

/** The kink stands on the vertical through the lamp, this far beside it at most, degrees. Practice: the tolerance of a beam that is aimed by eye. */
const BESIDE_DEGREES = 0.2;
/** What a quarter turn moves, percent of the distance: as the adjuster is meant, and the other way. */
const QUARTER = { own: [0.12, 0.25], other: [0.01, 0.05] } as const;
const FIRST_TURNS = { least: 3, most: 9 } as const;
const COST = {
	high: { minutes: 20, words: 'The beam is too high: others are dazzled at night.' },
	low: { minutes: 20, words: 'The beam reaches less far than it may: the driver sees late.' },
	beside: { minutes: 20, words: 'The rising part looks into the oncoming lane, or over the kerb.' }
} as const satisfies Record<string, Cost>;

/** Millimetres of a percent over metres: 1 % is 10 mm a metre. */
const mm = (percent: number, distance: number) => percent * distance * 10;
const besideWords = (right: number) =>
	`${Math.round(Math.abs(right))} mm to the ${right < 0 ? 'left' : 'right'} of the vertical`;

const dropWords = (drop: number) => `${Math.round(Math.abs(drop))} mm ${drop < 0 ? 'over' : 'under'}`;
const rangeWords = ({ dropMin, dropMax }: Aim) =>
	dropMin < 0 ? `${dropWords(dropMin)} to ${dropWords(dropMax)}` : `${Math.round(dropMin)} to ${dropWords(dropMax)}`;

/** What a kink on the wall is worth by the rule. */
function judged({ drop, right }: OnWall, { worked, beside }: { worked: Aim; beside: number }): Judged {
	const { dropMin, dropMax, rule } = worked;
	const height = {
		what: `cut-off ${dropWords(drop)} the height of the lamp; required: ${rangeWords(worked)} it`,
		why: 'The drop is the inclination of the rule times the distance to the wall: 1 % is 10 mm a metre.',
		source: rule.source
	};
	if (drop < dropMin) return { outcome: 'wrong', opened: [height], cost: COST.high };
	if (Math.abs(right) > beside)
		return {
			outcome: 'wrong',
			opened: [
				{
					what: `kink ${besideWords(right)}; at most ${Math.round(beside)} mm`,
					why: 'The kink stands on the vertical through the lamp. Turning one adjuster moves the beam a little the other way: look at both again.',
					source: 'practice of aiming by eye'
				}
			],
			cost: COST.beside
		};
	return drop > dropMax ? { outcome: 'too-careful', opened: [height], cost: COST.low } : RIGHT;
}

/** A low beam is aimed at a wall, with its two adjusters. */
export const aimLamp: ExerciseKind = {
	skill: 'aim on the wall',
	minutes: 2,
	pose: (made, chance) => {
		const rules = AIM_RULES.filter(
			({ id, lamp }) => lamp === 'low-beam' && (made.truth.market === 'US') === id.startsWith('us')
		);
		if (rules.length === 0 || made.truth.kind === 'trailer') return null;
		const [rule, height, distance] = [chance.pick(rules), chance.between(550, 1100, 50), chance.pick([5, 7.5, 10])];
		const traffic = made.truth.steering === 'right' ? 'left' : 'right';
		const found = aim({ rule: rule.id, height, distance, traffic });
		if (!found.ok) return null;
		const worked = found.value;
		const beside = mm(percentOf(BESIDE_DEGREES), distance);
		const quarter = (range: readonly [number, number], sign: number) =>
			sign * Math.round(mm(chance.between(...range, 0.01), distance));
		const perTurn = {
			vertical: { drop: quarter(QUARTER.own, 1), right: quarter(QUARTER.other, chance.pick([-1, 1])) },
			sideways: { drop: quarter(QUARTER.other, chance.pick([-1, 1])), right: quarter(QUARTER.own, 1) }
		};
		// As many turns away from the middle as somebody has to find.
		const away = () => chance.pick([-1, 1]) * chance.between(FIRST_TURNS.least, FIRST_TURNS.most);
		const wall: ScrewWall = { height, distance, start: { drop: 0, right: 0 }, perTurn, rises: traffic };
		const off = turned(wall, { vertical: away(), sideways: away() });
		wall.start = { drop: Math.round(worked.drop + off.drop), right: off.right };
		const asked = { worked, beside };
		if (judged(wall.start, asked).outcome === 'right') return null;
		return {
			question: {
				task: 'Turn the two adjusters until the low beam stands where it belongs.',
				given: [
					{ label: 'Rule', value: rule.label },
					{ label: 'Lamp over the floor', value: `${height} mm` },
					{ label: 'Lamp to wall', value: `${distance} m` },
					{ label: 'Done before', value: 'level floor, tyres at pressure, a person in the seat, levelling wheel at 0' }
				],
				drawing: null,
				looks: [],
				answer: { by: 'screws', wall },
				reason: null
			},
			judge: (answer) => {
				const turns = readTurns(answer);
				return turns && judged(turned(wall, turns), asked);
			},
			seen: () => null,
			standsFor: `cut-off ${rangeWords(worked)} the height of the lamp, kink at most ${Math.round(beside)} mm beside the vertical through it`,
			least: 0,
			screen: { room: 'aim' },
			rightReasons: []
		};
	}
};
