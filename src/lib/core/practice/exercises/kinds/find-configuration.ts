import { lookQuestions, narrow, type LookQuestion } from '../../../identify';
import { configurationId, type Configuration, type Socket } from '../../../model';
import { placeText, twinGroups } from '../../../vehicle';
import { fewestLooks, judgedByLooks, minutesOf } from '../by-looks';
import { LAMP_COSTS, type ExerciseKind, type LampFront, type Look, type Seen } from '../exercise';
import { lampFront } from '../lamp-front';

const YEAR: Look = { id: 'year', words: 'In which year was it registered?', minutes: 2 };
const LOOK_MIN = 1;
const COST = { minutes: 25, words: 'The kit is made for the other version: the box comes back.', parts: LAMP_COSTS };

const isLow = ({ functions }: Socket) => functions.includes('low-beam');
const isFog = ({ functions }: Socket) => functions.includes('fog');
const isRearTurn = ({ zone, functions }: Socket) => zone === 'rear' && functions.includes('turn');

/** Something that versions of a vehicle differ in; every place it is about is changed on both sides. */
interface Feature {
	name: string;
	/** Question of a look that tells it. */
	question: string;
	isMeant: (socket: Socket) => boolean;
	change: (socket: Socket) => Socket[];
	/** What a version has, in words. */
	words: (version: Configuration) => string;
}

const FEATURES: readonly Feature[] = [
	{
		name: 'headlamp',
		question: 'option:headlamp',
		isMeant: isLow,
		change: (socket) => [{ ...socket, optic: socket.optic === 'projector' ? 'reflector' : 'projector' }],
		words: ({ sockets }) => `${sockets.find(isLow)?.optic ?? 'no'} headlamps`
	},
	{
		name: 'plain',
		question: 'option:fog',
		isMeant: isFog,
		change: () => [],
		words: ({ sockets }) => (sockets.some(isFog) ? 'front fog lamps' : 'no fog lamps')
	},
	{
		name: 'rear',
		question: 'lens:rear:turn',
		isMeant: isRearTurn,
		change: (socket) => [{ ...socket, lens: socket.lens === 'amber' ? 'clear' : 'amber' }],
		words: ({ sockets }) => `${sockets.find(isRearTurn)?.lens ?? 'no'} lens over the rear turn signals`
	}
];

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

/** Versions of a made vehicle that were sold in the same years: each with one thing otherwise, and one with two. */
function versionsOf(truth: Configuration, possible: readonly Feature[]): Configuration[] {
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

/** What a look shows of a version: its lamps as they are drawn. */
function frontsOf({ sockets }: Configuration, { isMeant }: Feature): LampFront[] {
	return twinGroups(sockets.filter(isMeant)).flatMap(([first, ...others]) =>
		first ? [lampFront([first, ...others], placeText(first))] : []
	);
}

/** Looks that tell versions of a vehicle apart, each with what it shows of the one at the door. */
interface Door {
	versions: readonly Configuration[];
	is: Configuration;
	questions: readonly LookQuestion[];
}

/** Versions that are left by some looks. */
const left = ({ versions, is, questions }: Door, looked: readonly { id: string }[]): Configuration[] =>
	narrow(
		versions,
		Object.fromEntries(
			questions
				.filter(({ id }) => looked.some((one) => one.id === id))
				.map((question) => [question.id, question.answerOf(is) ?? ''])
		)
	).possible;

function seen({ is, questions }: Door, possible: readonly Feature[], look: string): Seen | null {
	if (look === YEAR.id) return { words: `${is.years?.[0] ?? '?'}: all of them were sold then.` };
	const question = questions.find(({ id }) => id === look);
	if (!question) return null;
	const answer = question.answers.find(({ id }) => id === question.answerOf(is));
	const feature = possible.find((one) => one.question === look);
	const fronts = feature ? frontsOf(is, feature) : [];
	return { words: `${answer?.text ?? 'Nobody can tell'}.`, ...(fronts.length > 0 ? { fronts } : {}) };
}

/** Which version of a vehicle stands at the door, in as few looks as it takes. */
export const findConfiguration: ExerciseKind = {
	skill: 'find the version of the vehicle',
	minutes: 2,
	pose: (made, chance) => {
		const possible = FEATURES.filter(({ isMeant }) => made.truth.sockets.some(isMeant));
		const versions = versionsOf(made.truth, possible);
		if (versions.length < 3) return null;
		const questions = lookQuestions(versions).filter(({ id }) => possible.some(({ question }) => question === id));
		const door: Door = { versions, is: chance.pick(versions), questions };
		const looks = chance.shuffled([...questions.map(({ id, text }) => ({ id, words: text, minutes: LOOK_MIN })), YEAR]);
		const isShown = (set: readonly Look[]) => left(door, set).length === 1;
		const enough = fewestLooks(looks, isShown);
		if (!enough) return null;
		const words = (one: Configuration) => possible.map((feature) => feature.words(one)).join(', ');
		const least = minutesOf(enough);
		const opened = enough.map(({ id, words: asked }) => ({
			what: `${asked} ${seen(door, possible, id)?.words ?? ''}`,
			why: 'A look is worth as much as it tells versions apart; what all of them have in common tells nothing.',
			source: 'the versions on record'
		}));
		const { make, model, years } = made.truth;
		return {
			question: {
				task: `Which version of the ${make} ${model} stands at the door?`,
				given: [{ label: 'Sold', value: `${years?.join(' to ') ?? '?'}, in ${versions.length} versions` }],
				drawing: null,
				looks,
				answer: {
					by: 'choice',
					choices: chance.shuffled(versions).map((one) => ({ id: one.id as string, words: words(one) }))
				},
				reason: null
			},
			judge: (answer, looked) => {
				const taken = looks.filter(({ id }) => looked.includes(id));
				if (answer === door.is.id)
					return judgedByLooks({ isShown: isShown(taken), spent: minutesOf(taken), least }, opened);
				return versions.some(({ id }) => id === answer) ? { outcome: 'wrong', opened, cost: COST } : null;
			},
			seen: (look) => seen(door, possible, look),
			standsFor: words(door.is),
			least,
			screen: { room: 'record' },
			rightReasons: []
		};
	}
};
