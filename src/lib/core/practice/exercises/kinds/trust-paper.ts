import { factText, SOCKET_FACTS } from '../../../model';
import { socketName } from '../../../vehicle';
import type { ExerciseKind, Judged } from '../exercise';

const LOOK = 'look';

/** Which of two papers is believed, or whether a look decides. */
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
			const opened = [
				{
					what: `it is ${factText(SOCKET_FACTS.category, socket.category)}`,
					why: misled?.why ?? 'Two papers that disagree decide nothing.',
					source: 'measured in hand'
				}
			];
			const judged = Object.fromEntries<Judged>([
				[LOOK, { outcome: 'right', opened, cost: null }],
				...told.map(({ category }): [string, Judged] => [
					category,
					category === socket.category
						? { outcome: 'lucky', opened, cost: null }
						: {
								outcome: 'wrong',
								opened,
								cost: { minutes: 40, words: 'The kit comes with a lamp that does not go in.' }
							}
				])
			]);
			return {
				question: {
					task: `What goes on record for ${socketName(socket).toLowerCase()}?`,
					given: told.map(({ title, category, lens }) => ({ label: title, value: `${category}, lens ${lens}` })),
					drawing: null,
					choices: [
						...told.map(({ category }) => ({ id: category, words: category })),
						{ id: LOOK, words: `Neither yet: ${findOut.how} About ${findOut.minutes} min.` }
					],
					reason: null
				},
				judged,
				rightReasons: []
			};
		}
		return null;
	}
};
