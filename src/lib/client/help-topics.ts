import type { Shortcut } from './shortcuts';

/** A page of the help: what it is about, the routes it belongs to by how they begin, and the keys that work there. */
export interface HelpTopic {
	/** Name of the file in docs/help. */
	topic: string;
	title: string;
	routes: readonly string[];
	keys: readonly Shortcut['where'][];
}

/** What the sheet at the side shows: the page at hand, the words of the trade, every key. */
export type HelpPart = 'page' | 'words' | 'keys';

/** Every page of the help, in the order of the manual. A new one is a file in docs/help and an entry here. */
export const HELP_TOPICS: readonly HelpTopic[] = [
	{ topic: 'first-start', title: 'The first hour', routes: ['/start'], keys: [] },
	{ topic: 'counter', title: 'Counter', routes: ['/'], keys: ['lists'] },
	{ topic: 'vehicles', title: 'Vehicles', routes: ['/vehicles'], keys: ['lists'] },
	{
		topic: 'identify',
		title: 'Identify',
		routes: ['/vehicles/identify', '/vehicles/[id]/identify'],
		keys: ['a record']
	},
	{ topic: 'import', title: 'Import', routes: ['/vehicles/import'], keys: [] },
	{
		topic: 'walk',
		title: 'Walk',
		routes: ['/vehicles/[id]/walk', '/vehicles/[id]/sheet', '/vehicles/[id]/sister', '/vehicles/[id]/history'],
		keys: ['the walk-line', 'the rota', 'a record']
	},
	{ topic: 'outputs', title: 'Outputs', routes: ['/vehicles/[id]/channels'], keys: ['a record'] },
	{ topic: 'way-in', title: 'Way in', routes: ['/vehicles/[id]/access'], keys: ['a record'] },
	{
		topic: 'match',
		title: 'Match',
		routes: ['/vehicles/[id]/match', '/vehicles/[id]/whole'],
		keys: ['candidates', 'lists', 'the rota']
	},
	{ topic: 'circuit', title: 'Circuit', routes: ['/vehicles/[id]/circuit'], keys: ['Circuit', 'the rota'] },
	{ topic: 'kit', title: 'Kit', routes: ['/vehicles/[id]/kit', '/kits'], keys: ['the rota'] },
	{ topic: 'fit-up', title: 'Fit-up', routes: ['/vehicles/[id]/fitup', '/fittings'], keys: [] },
	{ topic: 'prove', title: 'Prove', routes: ['/vehicles/[id]/prove'], keys: ['a mode test'] },
	{ topic: 'customers', title: 'Kits for customers', routes: ['/sales'], keys: [] },
	{ topic: 'complaints', title: 'Complaints', routes: ['/complaints', '/learned'], keys: [] },
	{ topic: 'ask-after', title: 'Ask after', routes: ['/follow-ups'], keys: ['ask after'] },
	{ topic: 'stock', title: 'Stock', routes: ['/stock'], keys: ['lists'] },
	{ topic: 'cover', title: 'Cover', routes: ['/cover'], keys: [] },
	{ topic: 'questions', title: 'Questions', routes: ['/questions'], keys: ['lists'] },
	{ topic: 'practice', title: 'Practice', routes: ['/practice'], keys: ['an exercise'] },
	{ topic: 'reference', title: 'Reference', routes: ['/reference'], keys: ['the interchange map'] },
	{ topic: 'words', title: 'Words', routes: [], keys: [] },
	{ topic: 'branches', title: 'Branches', routes: ['/settings/branches'], keys: [] },
	{ topic: 'programs', title: 'Programs', routes: ['/settings/programs'], keys: [] },
	{ topic: 'settings', title: 'Settings', routes: ['/settings', '/sign-in'], keys: [] }
];

const belongs = (route: string, begins: string) =>
	begins === '/' ? route === '/' : route === begins || route.startsWith(`${begins}/`);

/** The page of the help for a route: the one whose beginning is longest. @example topicOf('/cover/missing')?.topic // "cover" */
export function topicOf(route: string): HelpTopic | null {
	const fits = HELP_TOPICS.flatMap((topic) =>
		topic.routes.filter((begins) => belongs(route, begins)).map((begins) => ({ topic, length: begins.length }))
	);
	return fits.sort((a, b) => b.length - a.length)[0]?.topic ?? null;
}
