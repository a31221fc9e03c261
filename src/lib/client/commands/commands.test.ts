import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { FOUND_ROUTES } from '../../components/command/found-links';
import { HELP_TOPICS, topicOf } from '../help-topics';
import { COMMANDS, commandsAt, rank } from './index';

const routesIn = (folder: string): string[] =>
	readdirSync(folder, { recursive: true, encoding: 'utf8' })
		.filter((file) => file.endsWith('+page.svelte'))
		.map((file) => `/${file.replaceAll('\\', '/').replace(/\/?\+page\.svelte$/, '')}`);
const ROUTES = routesIn('src/routes');

/** Pages that are reached from what they are about, with the reason. */
const FROM_ELSEWHERE: Readonly<Record<string, string>> = {
	'/k/[code]': 'for customers',
	'/k/[code]/complaint': 'for customers',
	'/fittings/[fitting]': 'from the fittings, or the plan of a kit',
	'/sales/[sale]': 'from kits for customers, and from today',
	'/practice/[kind]/[seed]/[level]': 'from Practice, as the next exercise',
	'/stock/[item]/history': 'from the product',
	'/vehicles/import/[job]': 'while an import runs',
	'/vehicles/possible': 'for several vehicles chosen in Identify',
	'/vehicles/compare': 'for several vehicles chosen in Identify'
};

describe('the command bar', () => {
	it('reaches every page of the shop', () => {
		const reached = new Set<string>([
			...COMMANDS.flatMap(({ route }) => route ?? []),
			...Object.values(FOUND_ROUTES),
			...Object.keys(FROM_ELSEWHERE)
		]);
		expect(ROUTES.filter((route) => !reached.has(route))).toEqual([]);
	});

	it('names no page that is not there, and none twice', () => {
		const named = [...COMMANDS.flatMap(({ route }) => route ?? []), ...Object.keys(FROM_ELSEWHERE)];
		expect(named.filter((route) => !ROUTES.includes(route))).toEqual([]);
		expect(new Set(COMMANDS.map(({ id }) => id)).size).toBe(COMMANDS.length);
		expect(new Set(COMMANDS.map(({ words }) => words)).size).toBe(COMMANDS.length);
	});

	it('opens the address its route says, with what is at hand', () => {
		const place = { vehicle: 'v', socket: 's', kit: 'k' };
		for (const { route, href } of commandsAt(place)) {
			if (!route || !href) continue;
			const shape = new RegExp(`^${route.replace(/\/\[\[?\w+\]?\]/g, '(/[^/?]+)?')}([?#].*)?$`);
			const address = href(place)?.replace(/^\.+/, '') ?? '';
			expect(address === '' ? '/' : address, route).toMatch(shape);
		}
	});

	it('offers pages of a vehicle only where there is one', () => {
		expect(commandsAt({}).some(({ group }) => group === 'This vehicle')).toBe(false);
		expect(commandsAt({ vehicle: 'v' }).some(({ id }) => id === 'vehicle-kit-sheet')).toBe(false);
		expect(commandsAt({ vehicle: 'v', kit: 'k' }).some(({ id }) => id === 'vehicle-kit-sheet')).toBe(true);
	});

	it.each([
		['stock', 'Stock'],
		['missing', 'Cover: missing products'],
		['backup', 'Data and backups'],
		['theme dark', 'Dark theme'],
		['what came back', undefined],
		['came back', 'File a complaint'],
		['price list', 'Import a file or a price list']
	])('finds “%s”', (line, first) => {
		expect(rank(commandsAt({}), line)[0]?.words).toBe(first);
	});

	it('every command is found by its own words', () => {
		for (const command of COMMANDS) expect(rank(COMMANDS, command.words)).toContain(command);
	});
});

describe('the help', () => {
	it('has a page for every page of the shop, and a file for each', () => {
		const without = ROUTES.filter((route) => !route.startsWith('/k/') && topicOf(route) === null);
		expect(without).toEqual([]);
		const files = readdirSync('docs/help').map((file) => file.replace(/\.md$/, ''));
		expect(HELP_TOPICS.map(({ topic }) => topic).sort()).toEqual(files.sort());
	});

	it('takes the nearest page', () => {
		expect(topicOf('/')?.topic).toBe('counter');
		expect(topicOf('/vehicles/[id]/match/[[socket]]')?.topic).toBe('match');
		expect(topicOf('/vehicles/[id]/kit/[kit]/sheet')?.topic).toBe('kit');
		expect(topicOf('/vehicles')?.topic).toBe('vehicles');
	});
});
