import { categoryOrNull, LAMP_CATEGORIES, lampsLike, looksOf, type LampCategory } from '../../../lamps';
import { RIGHT, type ExerciseKind, type Judged } from '../exercise';
import { byChoice } from '../by-choice';

const OTHERS = 3;

/** True where nobody can tell two lamps apart by what is drawn and asked: one of the other's numbers, or the same looks. */
function areAlike(one: LampCategory, other: LampCategory): boolean {
	const { mount, pins, contacts, glass } = looksOf(one);
	const seen = {
		mount,
		round: pins?.round,
		height: pins?.height,
		contacts: contacts ?? undefined,
		glass,
		length: one.length,
		across: one.diameter
	};
	return lampsLike(seen).some(({ category }) => category === other);
}

/** Which lamp is in the hand, by its looks and its size. */
export const nameLamp: ExerciseKind = {
	skill: 'name the lamp in the hand',
	minutes: 1,
	pose: (made, chance) => {
		const own = [...new Set(made.truth.sockets.flatMap(({ category }) => categoryOrNull(category) ?? []))].filter(
			({ length, diameter }) => length !== undefined && diameter !== undefined
		);
		if (own.length === 0) return null;
		const lamp = chance.pick(own);
		const others: LampCategory[] = [];
		for (const one of chance.shuffled(LAMP_CATEGORIES)) {
			if (others.length === OTHERS) break;
			const isOfTheKind = one.mount === lamp.mount && one.system === lamp.system && one.length !== undefined;
			if (isOfTheKind && ![lamp, ...others].some((other) => areAlike(lamp, one) || areAlike(other, one)))
				others.push(one);
		}
		if (others.length === 0) return null;
		const judge = (one: LampCategory): Judged =>
			one === lamp
				? RIGHT
				: {
						outcome: 'wrong',
						opened: [
							{
								what: `${one.category}: cap ${one.caps.join(', ')}, ${one.length} mm long; in the hand: cap ${lamp.caps.join(', ')}, ${lamp.length} mm`,
								why: 'Cap, pins and length tell lamps of one family apart; what is stamped on the base decides.',
								source: 'lamp category table'
							}
						],
						cost: { minutes: 25, words: 'A lamp of another base is sold: it does not go in.' }
					};
		return byChoice({
			task: 'Which lamp is this?',
			given: [
				{ label: 'Length over all', value: `${lamp.length} mm` },
				{ label: 'Width', value: `${lamp.diameter} mm` },
				{ label: 'Glass', value: lamp.glass }
			],
			drawing: { kind: 'lamp', category: lamp },
			screen: { room: 'reference' },
			options: chance
				.shuffled([lamp, ...others])
				.map((one) => ({ id: one.category, words: one.category, judged: judge(one) }))
		});
	}
};
