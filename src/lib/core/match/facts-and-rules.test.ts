import { describe, expect, it } from 'vitest';
import { demoDocument } from '../../../../tests/support/demo';
import { shopOf } from '../exchange';
import { choiceValues, FACTS, type Configuration, type Product, type Socket, type SubjectKind } from '../model';
import { valueAt, withValueAt } from '../vehicle';
import { candidatesFor, compileCatalogue, productCase, RULES, socketCase, type RuleId } from '.';

const demo = demoDocument();
const shop = shopOf(demo);
const catalogue = compileCatalogue(demo.products);
/** Facts whose values need more than another word or number to make sense. */
const BY_HAND: Readonly<Record<string, readonly unknown[]>> = {
	'colour.cct': [undefined, 3000, 9000],
	'colour.peak': [undefined, 480, 630],
	category: [undefined, 'W5W', 'H7', 'P21/5W', 'festoon 36 mm'],
	modes: [undefined, ['single'], ['switchback-b']],
	fits: [['W5W'], ['H7']],
	functions: [['turn'], ['low-beam'], ['dome'], ['stop', 'tail']],
	market: ['US', 'UN', 'nowhere'],
	'feed.duty': [undefined]
};
const NEVER_EMPTY = new Set(['zone', 'side', 'kind', 'state']);
const NAMES = new Set(['id', 'name', 'names', 'maker', 'index', 'feeds', 'message']);

/** Other values a fact could have had. */
function others(subject: SubjectKind, path: string, value: unknown): readonly unknown[] {
	if (BY_HAND[path]) return BY_HAND[path];
	if (typeof value === 'number') return [undefined, value * 0.4, value * 2.5];
	const words = choiceValues(FACTS[subject][path]!) ?? [];
	return [...(NEVER_EMPTY.has(path) ? [] : [undefined]), ...words.filter((word) => word !== value)];
}

type Found = Record<string, string> | null;

/** Every rule's findings, without where they come from: a fact is read where another value changes what is found. */
function findings(configuration: Configuration, socket: Socket, product: Product): Found {
	const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
	if (!prepared) return null;
	const lamp = productCase(product);
	const plain = (key: string, value: unknown) => (key === 'source' || key === 'beside' ? undefined : value);
	return Object.fromEntries(
		Object.entries(RULES).map(([id, { judge }]) => [id, JSON.stringify(judge(prepared, lamp), plain) ?? ''])
	);
}

const listed = (subject: SubjectKind, path: string): readonly string[] => FACTS[subject][path]?.rules ?? [];

describe('the registry of facts', () => {
	it('names only rules there are', () => {
		for (const facts of Object.values(FACTS))
			for (const { rules = [] } of Object.values(facts))
				for (const id of rules) expect(Object.keys(RULES)).toContain(id);
	});

	it('names every rule whose findings change with a fact', () => {
		const missed = new Set<string>();
		const compare = (subject: SubjectKind, path: string, before: Found, after: Found) => {
			if (!before || !after) return;
			for (const id of Object.keys(RULES) as RuleId[])
				if (before[id] !== after[id] && !listed(subject, path).includes(id)) missed.add(`${subject} ${path}: ${id}`);
		};
		for (const configuration of demo.configurations)
			for (const socket of configuration.sockets.filter((_, i) => i % 12 === 3)) {
				const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
				const [best] = prepared ? candidatesFor(prepared, catalogue) : [];
				if (!best) continue;
				const { product } = best;
				const before = findings(configuration, socket, product);
				for (const path of Object.keys(FACTS.socket).filter((p) => !NAMES.has(p)))
					for (const value of others('socket', path, valueAt(socket, path))) {
						const changed = withValueAt(socket, path, value);
						const sockets = configuration.sockets.map((s) => (s === socket ? changed : s));
						compare('socket', path, before, findings({ ...configuration, sockets }, changed, product));
					}
				for (const path of Object.keys(FACTS.product).filter((p) => !NAMES.has(p)))
					for (const value of others('product', path, valueAt(product, path)))
						compare('product', path, before, findings(configuration, socket, withValueAt(product, path, value)));
			}
		expect([...missed]).toEqual([]);
	});
});
