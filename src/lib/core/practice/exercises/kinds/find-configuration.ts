import { expectedLeft, lookQuestions } from '../../../identify';
import type { Configuration, Socket } from '../../../model';
import { configurationId } from '../../../model';
import { RIGHT, type ExerciseKind, type Judged } from '../exercise';
import { byChoice } from '../by-choice';
import { placesText } from '../shown';

const YEAR = 'year';
const OTHERS = 3;
const isLow = ({ functions }: Socket) => functions.includes('low-beam');
const isFog = ({ functions }: Socket) => functions.includes('fog');
const isRearTurn = ({ zone, functions }: Socket) => zone === 'rear' && functions.includes('turn');

/** A version of a vehicle, with the options of the factory that its lamps show. */
function version(truth: Configuration, name: string, sockets: Socket[]): Configuration {
	const hasFog = sockets.some(isFog);
	return {
		...truth,
		id: configurationId.parse(`${truth.id}-${name}`),
		options: { headlamp: sockets.find(isLow)?.optic ?? 'reflector', fog: hasFog ? 'halogen' : 'none' },
		absent: hasFog ? [] : ['front:fog'],
		sockets
	};
}

/** What is otherwise in a version; every place it is about is changed on both sides. */
const OTHERWISE: readonly {
	name: string;
	isMeant: (socket: Socket) => boolean;
	change: (socket: Socket) => Socket[];
}[] = [
	{
		name: 'headlamp',
		isMeant: isLow,
		change: (socket) => [{ ...socket, optic: socket.optic === 'projector' ? 'reflector' : 'projector' }]
	},
	{ name: 'plain', isMeant: isFog, change: () => [] },
	{
		name: 'rear',
		isMeant: isRearTurn,
		change: (socket) => [{ ...socket, lens: socket.lens === 'amber' ? 'clear' : 'amber' }]
	}
];

/** Versions of a made vehicle that were sold in the same years: each with one thing otherwise, and one with two. */
function versionsOf(truth: Configuration): Configuration[] {
	const possible = OTHERWISE.filter(({ isMeant }) => truth.sockets.some(isMeant));
	const sets = [[], ...possible.map((one) => [one]), ...(possible.length > 1 ? [possible.slice(-2)] : [])];
	return sets.map((changes) =>
		version(
			truth,
			changes.map(({ name }) => name).join('-') || 'own',
			changes.reduce(
				(sockets, { isMeant, change }) => sockets.flatMap((socket) => (isMeant(socket) ? change(socket) : [socket])),
				truth.sockets
			)
		)
	);
}

/** What is looked at first, to find out which version stands at the door. */
export const findConfiguration: ExerciseKind = {
	skill: 'find the version of the vehicle',
	minutes: 2,
	pose: (made, chance) => {
		const versions = versionsOf(made.truth);
		const asked = lookQuestions(versions).map((question) => ({ question, left: expectedLeft(question, versions) }));
		const best = Math.min(...asked.map(({ left }) => left));
		const serves = chance.shuffled(asked.filter(({ left }) => left < best + 1e-9));
		const rest = chance.shuffled(asked.filter(({ left }) => left >= best + 1e-9));
		const [first] = serves;
		if (versions.length < 3 || !first) return null;
		const offered = chance.shuffled([first, ...rest.slice(0, OTHERS)]);
		const judge = (left: number): Judged =>
			left < best + 1e-9
				? RIGHT
				: {
						outcome: 'wrong',
						opened: [
							{
								what: `leaves ${left.toFixed(1)} of ${versions.length} versions on average; the best look leaves ${best.toFixed(1)}`,
								why: 'A look is worth as much as it tells versions apart; what all of them have in common tells nothing.',
								source: 'the versions on record'
							}
						],
						cost: { minutes: 10, words: 'The customer waits, or the kit is made for the other version.' }
					};
		const [truth] = versions as [Configuration, ...Configuration[]];
		const differs = versions.slice(1).map((other) => {
			const changed = truth.sockets.filter((socket) => {
				const there = other.sockets.find(({ id }) => id === socket.id);
				return there?.lens !== socket.lens || there?.optic !== socket.optic;
			});
			return placesText(changed);
		});
		return byChoice({
			task: `${versions.length} versions of the ${truth.make} ${truth.model} were sold in the same years. What is looked at first?`,
			given: differs.map((places, i) => ({ label: `Version ${i + 2} differs in`, value: places })),
			screen: { room: 'record' },
			options: [
				...offered.map(({ question, left }) => ({ id: question.id, words: question.text, judged: judge(left) })),
				{ id: YEAR, words: 'In which year was it registered?', judged: judge(versions.length) }
			]
		});
	}
};
