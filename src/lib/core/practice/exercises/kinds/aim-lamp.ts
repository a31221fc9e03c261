import { aim, AIM_RULES } from '../../../beam';
import { RIGHT, type ExerciseKind, type Judged } from '../exercise';

const STEP_MM = 5;
/** Choices lie this far outside the band, as shares of its middle. */
const BESIDE = [-1.6, -0.7, 0.9, 2.2] as const;
const rounded = (mm: number) => Math.round(mm / STEP_MM) * STEP_MM;

/** How far under the height of the lamp the cut-off belongs on the wall. */
export const aimLamp: ExerciseKind = {
	skill: 'aim on the wall',
	minutes: 1,
	pose: (made, chance) => {
		const rules = AIM_RULES.filter(({ id }) => (made.truth.market === 'US') === id.startsWith('us'));
		if (rules.length === 0) return null;
		const [rule, height, distance] = [chance.pick(rules), chance.between(550, 1100, 50), chance.pick([5, 7.5, 10])];
		const worked = aim({ rule: rule.id, height, distance, traffic: 'right' });
		if (!worked.ok || worked.value.drop <= 0) return null;
		const { drop, dropMin, dropMax } = worked.value;
		const right = rounded(drop);
		if (right < dropMin || right > dropMax) return null;
		const isInBand = (mm: number) => mm >= dropMin && mm <= dropMax;
		const wrong = [...new Set(BESIDE.map((share) => rounded(drop * (1 + share))))].filter((mm) => !isInBand(mm));
		const judged = Object.fromEntries(
			[right, ...wrong].map((mm): [string, Judged] => [
				String(mm),
				isInBand(mm)
					? RIGHT
					: {
							outcome: mm > dropMax ? 'too-careful' : 'wrong',
							opened: [
								{
									what: `${mm} mm; required: ${Math.round(dropMin)} to ${Math.round(dropMax)} mm`,
									why: 'The drop is the inclination of the rule times the distance to the wall: 1 % is 10 mm a metre.',
									source: rule.source
								}
							],
							cost:
								mm > dropMax
									? { minutes: 20, words: 'The beam reaches less far than it may: the driver sees late.' }
									: { minutes: 20, words: 'The beam is too high: others are dazzled at night.' }
						}
			])
		);
		return {
			question: {
				task: 'How far under the height of the lamp is the cut-off on the wall?',
				given: [
					{ label: 'Rule', value: rule.label },
					{ label: 'Lamp over the floor', value: `${height} mm` },
					{ label: 'Lamp to wall', value: `${distance} m` }
				],
				drawing: null,
				choices: [right, ...wrong]
					.sort((a, b) => a - b)
					.map((mm) => ({ id: String(mm), words: mm >= 0 ? `${mm} mm under it` : `${-mm} mm over it` })),
				reason: null
			},
			judged,
			rightReasons: []
		};
	}
};
