import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LAMP_CATEGORIES } from '../category';
import { bayonetCap, lampOutline, lampsLike, looksOf, READING_MM, type Seen } from './index';

const named = (name: string) => {
	const found = LAMP_CATEGORIES.find(({ category }) => category === name);
	if (!found) throw new Error(`no category ${name}`);
	return found;
};
const names = (seen: Seen) => lampsLike(seen).map(({ category }) => category.category);

describe('bayonet caps', () => {
	it.each([
		['BA15s', 'opposite', 'level', 1],
		['BAY15d', 'opposite', 'offset', 2],
		['BAU15s', 'angled', 'level', 1],
		['BAZ15d', 'angled', 'offset', 2],
		['BA9s', 'opposite', 'level', 1]
	])('%s: pins %s and %s, %i on the foot', (cap, round, height, contacts) => {
		expect(bayonetCap(cap)).toMatchObject({ pins: { round, height }, contacts });
	});

	it.each(['W2.1x9.5d', 'PX26d', 'SV8.5-8', ''])('%s is none', (cap) => expect(bayonetCap(cap)).toBeNull());

	it('every bayonet category has one that is read', () => {
		const unread = LAMP_CATEGORIES.filter((c) => c.mount === 'bayonet' && !bayonetCap(c.caps[0] ?? ''));
		expect(unread.map(({ category }) => category)).toEqual([]);
	});
});

describe('a lamp in the hand', () => {
	it('a bayonet with level pins and one contact, 52 mm long, is a P21W and not its keyed sisters', () => {
		const found = names({
			mount: 'bayonet',
			round: 'opposite',
			height: 'level',
			contacts: 1,
			glass: 'clear',
			length: 52
		});
		expect(found).toContain('P21W');
		for (const other of ['PY21W', 'P21/5W', 'R5W']) expect(found).not.toContain(other);
	});

	it('pins at an angle tell PY21W from an amber lamp on the plain cap', () => {
		const amber = { mount: 'bayonet', glass: 'amber', contacts: 1 } as const;
		expect(names({ ...amber, round: 'angled' })).toContain('PY21W');
		expect(names({ ...amber, round: 'angled' })).not.toContain('1156A');
		expect(names({ ...amber, round: 'opposite' })).toContain('1156A');
	});

	it('a festoon goes by its length', () => {
		expect(names({ mount: 'festoon', length: 41 })).toContain('festoon 41 mm');
		expect(names({ mount: 'festoon', length: 41 })).not.toContain('festoon 31 mm');
	});

	it('nothing said leaves every category', () => expect(lampsLike({})).toHaveLength(LAMP_CATEGORIES.length));

	it('every category is found by its own looks, measured a little wrong', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...LAMP_CATEGORIES),
				fc.double({ min: -1, max: 1, noNaN: true }),
				fc.double({ min: -1, max: 1, noNaN: true }),
				(category, wrong, wronger) => {
					const { mount, pins, contacts, glass, length, across } = looksOf(category);
					const seen: Seen = {
						mount,
						round: pins?.round,
						height: pins?.height,
						contacts: contacts ?? undefined,
						glass,
						length: length === null ? undefined : length + wrong * READING_MM.length,
						across: across === null ? undefined : across + wronger * READING_MM.across
					};
					expect(lampsLike(seen).map((one) => one.category)).toContain(category);
				}
			)
		);
	});

	it('saying more never brings more', () => {
		const seen = fc.record(
			{
				mount: fc.constantFrom('flange', 'bayonet', 'wedge', 'festoon'),
				contacts: fc.constantFrom(1, 2),
				glass: fc.constantFrom('clear', 'amber', 'red'),
				length: fc.integer({ min: 15, max: 95 })
			},
			{ requiredKeys: [] }
		);
		fc.assert(
			fc.property(seen, fc.constantFrom('mount', 'contacts', 'glass', 'length'), (all, left) => {
				const { [left]: _, ...less } = all as Seen & Record<string, unknown>;
				expect(names(less as Seen)).toEqual(expect.arrayContaining(names(all as Seen)));
			})
		);
	});
});

describe('the drawing of a lamp', () => {
	it.each(LAMP_CATEGORIES.map((c) => [c.category, c] as const))(
		'%s is drawn, to its length and width',
		(_, category) => {
			const outline = lampOutline(category);
			expect(outline.parts.length).toBeGreaterThan(2);
			expect(JSON.stringify(outline)).not.toMatch(/NaN|null,null|Infinity/);
			if (category.length) expect(outline.length).toBe(category.length);
			expect(outline.isToScale).toBe(category.length !== undefined && category.diameter !== undefined);
			if (outline.lightCentre !== null) expect(outline.lightCentre).toBeLessThan(outline.length);
		}
	);

	it('shows what tells a cap: pins at two heights, one foot contact or two', () => {
		const parts = (name: string) => lampOutline(named(name)).parts;
		const pins = (name: string) =>
			parts(name).flatMap(({ what, path }) => (what === 'pin' ? [path.split(' ')[0]] : []));
		expect(new Set(pins('P21W')).size).toBe(1);
		expect(new Set(pins('P21/5W')).size).toBe(2);
		expect(parts('P21W').filter(({ what }) => what === 'contact')).toHaveLength(1);
		expect(parts('P21/5W').filter(({ what }) => what === 'contact')).toHaveLength(2);
	});
});
