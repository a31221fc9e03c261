import type { Configuration } from '../model';
import { lampFunction, type FunctionId } from '../lamps';
import { placeText } from '../vehicle';

/** A question that a look at the vehicle answers, and what each configuration says to it. */
export interface LookQuestion {
	id: string;
	text: string;
	answers: { id: string; text: string }[];
	/** The answer of a configuration; null where the record does not say, so that no answer rules it out. */
	answerOf: (configuration: Configuration) => string | null;
}

type Source = (configurations: readonly Configuration[]) => LookQuestion[];

const OPTION_TEXT: Readonly<Record<string, { text: string; answers: Record<string, string> }>> = {
	headlamp: {
		text: 'Is there a round lens in front of the low-beam lamp?',
		answers: {
			projector: 'Yes, a round lens',
			reflector: 'No, an open bowl',
			led: 'Neither: bright dots, no lamp to take out'
		}
	},
	fog: {
		text: 'What shines low in the front bumper?',
		answers: { halogen: 'A lamp behind a lens', led: 'LED dots or bars', none: 'Nothing, or a blind cover' }
	}
};

function distinct(values: (string | null)[]): string[] {
	return [...new Set(values.filter((value) => value !== null))].sort();
}

function question(
	configurations: readonly Configuration[],
	{ id, text, answerOf }: Pick<LookQuestion, 'id' | 'text' | 'answerOf'>,
	words: (answer: string) => string = (answer) => answer
): LookQuestion[] {
	const answers = distinct(configurations.map(answerOf));
	return answers.length > 1 ? [{ id, text, answers: answers.map((a) => ({ id: a, text: words(a) })), answerOf }] : [];
}

/** Options of the factory that are on record. */
const options: Source = (configurations) => {
	const keys = [...new Set(configurations.flatMap((c) => Object.keys(c.options ?? {})))].sort();
	return keys.flatMap((key) => {
		const known = OPTION_TEXT[key];
		const answerOf = (c: Configuration) => (c.options?.[key] === undefined ? null : String(c.options[key]));
		const words = (answer: string) => known?.answers[answer] ?? answer;
		return question(
			configurations,
			{ id: `option:${key}`, text: known?.text ?? `Which ${key} has it?`, answerOf },
			words
		);
	});
};

const MARKET_WORDS: Record<string, string> = {
	US: 'The letters SAE or DOT',
	UN: 'A letter E in a circle',
	EU: 'A letter E in a circle, European plates',
	AU: 'A letter E in a circle, Australian compliance plate'
};

const market: Source = (configurations) =>
	question(
		configurations,
		{ id: 'market', text: 'What is moulded into the headlamp lens?', answerOf: (c) => c.market },
		(answer) => MARKET_WORDS[answer] ?? `${answer} approval marks`
	);

const body: Source = (configurations) =>
	question(configurations, { id: 'body', text: 'What body does it have?', answerOf: (c) => c.body ?? null });

const steering: Source = (configurations) =>
	question(
		configurations,
		{
			id: 'steering',
			text: 'On which side is the steering wheel, seen from the driver’s seat?',
			answerOf: (c) => c.steering ?? null
		},
		(answer) => `On the ${answer}`
	);

/** Model year, cut at every year in which a configuration begins. */
const year: Source = (configurations) => {
	const begins = [...new Set(configurations.flatMap((c) => (c.years ? [c.years[0]] : [])))].sort((a, b) => a - b);
	return begins.slice(1).flatMap((from) => {
		const answerOf = (c: Configuration) => {
			if (!c.years) return null;
			return c.years[1] < from ? 'before' : c.years[0] >= from ? 'from' : null;
		};
		const words = (answer: string) => (answer === 'from' ? `${from} or later` : `Before ${from}`);
		return question(
			configurations,
			{ id: `year:${from}`, text: 'Which model year is on the plate or in the papers?', answerOf },
			words
		);
	});
};

const placeOf = (zone: string, functions: string) => `${zone}:${functions}`;
const placesIn = (c: Configuration) => new Map(c.sockets.map((s) => [placeOf(s.zone, s.functions.join('+')), s]));

/** Zones nobody sees into who walks round the vehicle. */
const INSIDE: ReadonlySet<string> = new Set(['cabin', 'cluster', 'luggage', 'engine']);

/** Outside lamps whose lens differs in colour. */
const lensColour: Source = (configurations) => {
	const maps = new Map(configurations.map((c) => [c, placesIn(c)]));
	const examples = new Map(configurations.flatMap((c) => [...placesIn(c)]));
	return [...examples].flatMap(([key, example]) => {
		if (INSIDE.has(example.zone)) return [];
		const answerOf = (c: Configuration) => maps.get(c)?.get(key)?.lens ?? placesIn(c).get(key)?.lens ?? null;
		const text = `What colour is the lens over the ${placeText({ ...example, index: 1 }).toLowerCase()} lamp?`;
		return question(configurations, { id: `lens:${key}`, text, answerOf }, (answer) => answer.replace('-', ' '));
	});
};

/** Functions that some have outside and others, where somebody looked, have not. */
const presence: Source = (configurations) => {
	const keys = new Set(
		configurations.flatMap((c) => c.sockets.flatMap((s) => s.functions.map((id) => placeOf(s.zone, id))))
	);
	return [...keys].flatMap((key) => {
		const [zone = '', id = ''] = key.split(':');
		if (INSIDE.has(zone)) return [];
		const answerOf = (c: Configuration) => {
			if (c.sockets.some((s) => s.zone === zone && (s.functions as string[]).includes(id))) return 'yes';
			return c.absent?.includes(key) ? 'no' : null;
		};
		const name = lampFunction(id as FunctionId).label.toLowerCase();
		const text = `Does it have a ${name.startsWith(zone) ? name : `${zone} ${name}`} lamp?`;
		return question(configurations, { id: `has:${key}`, text, answerOf }, (answer) =>
			answer === 'yes' ? 'Yes' : 'No'
		);
	});
};

/** Where questions come from, the plainest look first. A new kind of question is one entry here. */
const SOURCES: readonly Source[] = [options, lensColour, presence, body, steering, market, year];

/** Every question that tells some of the configurations apart, plainest first. */
export function lookQuestions(configurations: readonly Configuration[]): LookQuestion[] {
	return SOURCES.flatMap((source) => source(configurations));
}
