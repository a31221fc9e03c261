import { factText, SOCKET_FACTS } from '../../../model';
import { socketName } from '../../../vehicle';
import { judgedByLooks } from '../by-looks';
import type { ExerciseKind, Judged } from '../exercise';

const LOOK = 'look';
const COST = { minutes: 40, words: 'The kit comes with a lamp that does not go in.' };

/** Which of two papers is right, and whether somebody looked before they believed one. */
export const trustPaper: ExerciseKind = {
	skill: 'know what papers are worth',
	minutes: 1,
	pose: (made, chance) => {
		for (const socket of chance.shuffled(made.truth.sockets)) {
			const told = made.papers.flatMap(({ title, says }) => {
				const there = says.sockets.find(({ id }) => id === socket.id);
				return there?.category === undefined ? [] : [{ title, category: there.category, lens: there.lens ?? '' }];
			});
			const [one, other] = told;
			if (!one || !other || one.category === other.category) continue;
			const { findOut } = SOCKET_FACTS.category;
			const misled = made.papers.flatMap(({ misleads }) => misleads).find(({ sockets }) => sockets.includes(socket.id));
			const is = factText(SOCKET_FACTS.category, socket.category);
			const opened = [
				{
					what: `it is ${is}`,
					why: misled?.why ?? 'Two papers that disagree decide nothing.',
					source: 'measured in hand'
				}
			];
			const judge = (category: string, hasLooked: boolean): Judged =>
				category === socket.category
					? judgedByLooks({ isShown: hasLooked, spent: 0, least: 0 }, opened)
					: { outcome: 'wrong', opened, cost: COST };
			const choices = [...new Set([...told.map(({ category }) => category), socket.category ?? ''])]
				.sort()
				.map((category) => ({ id: category, words: category }));
			return {
				question: {
					task: `What goes on record for ${socketName(socket).toLowerCase()}?`,
					given: told.map(({ title, category, lens }) => ({ label: title, value: `${category}, lens ${lens}` })),
					drawing: { kind: 'wheel', places: [socket.id] },
					looks: [{ id: LOOK, words: findOut.how, minutes: findOut.minutes }],
					answer: { by: 'choice', choices },
					reason: null
				},
				judge: (answer, looked) =>
					choices.some(({ id }) => id === answer) ? judge(answer, looked.includes(LOOK)) : null,
				seen: (look) => (look === LOOK ? { words: `On the lamp in it: ${is}.` } : null),
				standsFor: `${is}, looked at before it is written down`,
				least: findOut.minutes,
				screen: { room: 'record', socket: socket.id },
				rightReasons: []
			};
		}
		return null;
	}
};
