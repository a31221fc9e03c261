import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { kitOrder } from '$lib/core/model';
import type { DemandPrice, ReleaseImpact } from '$lib/core/kit';
import type { LineView, PlaceView } from '$lib/core/views';
import Demands from './Demands.svelte';
import KitHead from './KitHead.svelte';
import KitSummary from './KitSummary.svelte';
import Lines from './Lines.svelte';
import OrderForm from './OrderForm.svelte';
import PlacePanel from './PlacePanel.svelte';
import QrSquare from './QrSquare.svelte';
import Release from './Release.svelte';
import DemandPrices from './DemandPrices.svelte';
import { amount } from '../../core/quantity';
import { progressText } from './progress';
import { KIT_TABS, kitTabNamed } from './tabs';
import ReleaseImpacts from './ReleaseImpacts.svelte';

const text = (html: string) =>
	html
		.replace(/<[^>]+>/g, ' ')
		.replace(/\s+/g, ' ')
		.trim();
const where = { vehicle: 'v', kit: 'k' };

const line = (more: Partial<LineView> = {}): LineView => ({
	sku: 'lamp-2',
	product: 'lamp',
	name: 'Red lamp',
	sockets: ['stop-L', 'stop-R'],
	packs: 1,
	count: 2,
	spare: 0,
	price: 1990,
	solves: 'lamp',
	verdict: 'fits',
	places: ['Rear stop, both'],
	maker: 'Glimmark',
	doubts: [],
	inBox: [],
	...more
});

describe('lines', () => {
	it('say what the shop wants to know: stock, shelf and margin', () => {
		const props = {
			title: 'Lamps',
			lines: [line({ stock: 8, shelf: 'A3-1', margin: 700 })],
			currency: 'EUR',
			shop: true
		};
		expect(text(render(Lines, { props }).body)).toContain('lamp-2 , 8 there, shelf A3-1');
		expect(text(render(Lines, { props }).body)).toContain('margin 7.00');
	});

	it('say nothing of that on paper', () => {
		const props = { title: 'Lamps', lines: [line({ stock: 8, shelf: 'A3-1', margin: 700 })], currency: 'EUR' };
		expect(text(render(Lines, { props }).body)).not.toMatch(/margin|shelf/);
	});

	it('open a place only where it may be changed', () => {
		const props = { title: 'Lamps', lines: [line()], currency: 'EUR' };
		expect(render(Lines, { props }).body).not.toContain('<button');
		expect(render(Lines, { props: { ...props, onplace: () => {} } }).body).toContain('aria-expanded="false"');
		expect(render(Lines, { props: { ...props, onplace: () => {}, place: 'stop-R' } }).body).toContain(
			'aria-expanded="true"'
		);
	});

	it('say why an assembly wants a hand', () => {
		const lines = [line({ verdict: 'unknown', check: 'nobody has held it to this vehicle' })];
		expect(text(render(Lines, { props: { title: 'Lamps', lines, currency: 'EUR' } }).body)).toContain(
			'nobody has held it'
		);
	});
});

describe('the order', () => {
	const form = (more: object = {}) =>
		render(OrderForm, {
			props: { order: kitOrder.parse(more), currency: 'EUR', functions: ['stop', 'turn'], isChain: false, ...where }
		}).body;

	it('shows a named balance with its weights', () => {
		expect(text(form({ balance: 'light' }))).toContain('Beside the price: light counts twice');
		expect(form({ balance: 'light' })).toMatch(/name="light"[^>]*value="2"|value="2"[^>]*name="light"/);
	});

	it('says when somebody moved it', () => {
		const weights = { light: 3, heat: 0, minutes: 0, risk: 0 };
		expect(text(form({ weights }))).toContain('Beside the price, moved by hand');
	});

	it('asks which function only when the scope is one', () => {
		expect(form()).not.toContain('name="function"');
		expect(form({ scope: 'function', function: 'turn' })).toContain('name="function"');
		expect(text(form({ scope: 'sockets', sockets: ['a'] }))).toContain('One lamp only');
	});

	it('lists what was fixed, forbidden and is there already, each with the way back', () => {
		const order = kitOrder.parse({
			forbidden: [{ product: 'p' }, { product: 'p', socket: 's' }],
			has: { lamps: { t: 'q' }, parts: { r: 2 } }
		});
		const names = { p: 'Bad lamp', s: 'Rear stop', t: 'Rear tail', q: 'Their lamp', r: 'Resistor' };
		const byHand = [{ socket: 'u', name: 'Reverse', product: 'Chosen lamp' }];
		const shown = text(render(Demands, { props: { byHand, order, names, ...where } }).body);
		for (const words of [
			'Reverse: Chosen lamp, chosen by hand',
			'No Bad lamp anywhere',
			'No Bad lamp in Rear stop',
			'Rear tail: the customer has Their lamp',
			'The customer has 2 of Resistor'
		])
			expect(shown).toContain(words);
	});
});

describe('a place', () => {
	const place: PlaceView = {
		socket: 'stop-L',
		name: 'Rear stop, both',
		fixed: false,
		line: 'Red lamp',
		places: [{ socket: 'stop-L', name: 'Rear stop, both' }],
		alternatives: [
			{ product: 'lamp', name: 'Red lamp', verdict: 'fits', price: 990, reason: null, current: true, forbidden: false },
			{
				product: 'unit',
				name: 'Rear unit',
				verdict: 'unknown',
				price: null,
				reason: 'its maker’s word',
				replaces: 'Rear stop',
				current: false,
				forbidden: true
			}
		]
	};
	const panel = (more: Partial<PlaceView> = {}) =>
		text(
			render(PlacePanel, { props: { place: { ...place, ...more }, currency: 'EUR', onplace: () => {}, ...where } }).body
		);

	it('says what is there, and what may be said of it', () => {
		for (const words of ['Now Red lamp.', 'Leave it stock', 'Not this lamp here', 'The customer has it', 'in the kit'])
			expect(panel()).toContain(words);
	});

	it('says what an assembly does away with, that it is not sold, and that it is forbidden', () => {
		for (const words of ['An assembly in place of Rear stop.', 'not sold', 'forbidden here'])
			expect(panel()).toContain(words);
	});

	it('gives the choice back where a person decided', () => {
		expect(panel({ fixed: true })).toContain('Let the kit choose again');
		expect(panel({ fixed: true, line: null })).toContain('Left as it is by hand.');
	});
});

describe('what is said about a kit', () => {
	const kit = { gap: 0, complaints: [], missing: [], mismatches: [] } as never;
	const says = (more: object = {}, quoted: string | null = null) =>
		text(
			render(KitSummary, {
				props: {
					kit: { ...(kit as object), ...more } as never,
					policy: { headlamps: 'projectors' },
					exception: undefined,
					quoted
				}
			}).body
		);

	it('that it is proven, or how far it may be from that', () => {
		expect(says()).toContain('Proven best');
		expect(says({ gap: 250 })).toContain('by at most 2.50 EUR');
	});

	it('its compromises, and when prices were last quoted', () => {
		const more = {
			mismatches: [{ place: 'Position', sight: 'front, by day' }],
			missing: ['1 piece of Grease not on the shelf']
		};
		expect(says(more, 'by Simulated supplier on 2026-03-04 05:00')).toMatch(
			/Grease not on the shelf: buy it elsewhere.*Position stands out.*last quoted by Simulated supplier/
		);
	});

	const head = (more: object) =>
		text(
			render(KitHead, {
				props: {
					data: {
						name: 'Kit',
						state: 'draft',
						code: null,
						revision: 1,
						revisions: [],
						stale: false,
						life: { checked: null },
						kit: { lamps: [], spare: 1, total: 900, margin: null },
						currency: 'EUR',
						...more
					} as never
				}
			}).body
		);

	it.each([
		[{}, 'draft'],
		[{ revision: 2, revisions: [{ revision: 1 }] }, 'draft of revision 2'],
		[{ state: 'checked', life: { checked: { by: 'A. Person', on: '' } } }, 'checked by A. Person'],
		[{ state: 'released', code: 'K1-R1', revisions: [{ revision: 1 }] }, 'K1-R1, released'],
		[{ state: 'released', code: 'K1-R1', revisions: [{ revision: 1 }, { revision: 2 }] }, 'K1-R1, superseded']
	])('%o stands as %s', (more, words) => expect(head(more)).toContain(words));

	it('what changed under its release, the gravest first in words', () => {
		const impacts = (list: ReleaseImpact[]) => text(render(ReleaseImpacts, { props: { impacts: list } }).body);
		expect(impacts([])).toBe('');
		expect(impacts([{ kind: 'price', words: 'a: 5 now' }])).toContain('1 thing changed under the released kit');
		expect(impacts([{ kind: 'holds', words: 'x' }])).toContain('would not be worked out so today');
	});
});

describe('what demands cost, in words', () => {
	const price = (more: Partial<DemandPrice>): DemandPrice => ({
		words: 'w',
		kind: 'wished',
		costs: 0,
		closes: 0,
		total: 1,
		...more
	});
	const says = (more: Partial<DemandPrice>) =>
		text(render(DemandPrices, { props: { prices: [price(more)], ...where } }).body);

	it.each([
		[{ costs: 3800 }, 'costs 38.00 EUR'],
		[{ costs: -680 }, 'saves 6.80 EUR'],
		[{ costs: 0 }, 'costs nothing'],
		[{ costs: null }, 'cannot be had'],
		[{ costs: -100, closes: 2 }, 'saves 1.00 EUR, leaves 2 sockets open'],
		[{ costs: 100, closes: -1 }, 'costs 1.00 EUR, closes 1 socket']
	])('%o: %s', (more, words) => expect(says(more)).toContain(words));
});

describe('the way to release', () => {
	const release = (more: object) =>
		render(Release, {
			props: {
				kitState: 'draft',
				revision: 1,
				toSign: [],
				unproved: [],
				vehicle: 'v',
				life: { checked: null, also: [] },
				stale: false,
				person: '',
				empty: false,
				...more
			} as never
		}).body;

	it('asks what was found for each thing that wants a hand', () => {
		expect(
			release({
				toSign: [
					{ id: 'line A', what: 'a lamp' },
					{ id: 'white b', what: 'a white' }
				]
			}).match(/name="found /g)
		).toHaveLength(2);
		expect(text(release({}))).toContain('nothing in it wants a hand');
	});

	it('waits while facts have changed, or while there is nothing in the kit', () => {
		expect(release({ stale: true })).toMatch(/<button[^>]*disabled/);
		expect(release({ empty: true })).toMatch(/<button[^>]*disabled/);
	});
});

describe('small things', () => {
	it('a name of a tab that is none leads to the first', () => {
		expect(kitTabNamed('papers')).toBe('papers');
		expect(kitTabNamed('nonsense')).toBe(KIT_TABS[0].id);
	});

	it.each([
		[null, 'Working out the best kit…'],
		[{ best: null, bound: null }, 'Looking for a first kit…'],
		[{ best: 900, bound: null }, 'A first kit is found; proving how good it is…'],
		[{ best: 31240, bound: 30040 }, 'Best so far is within 12.00 of the proven bound.'],
		[{ best: 1, bound: 1, priced: { done: 3, of: 6 } }, '3 of 6 demands priced…']
	])('a progress of %o reads: %s', (progress, words) =>
		expect(progressText(progress, (minor) => amount(minor, 'EUR'))).toBe(words)
	);

	it('a code keeps its quiet zone of four squares', () => {
		const { body } = render(QrSquare, { props: { qr: { size: 25, path: 'M0 0h1v1h-1z' }, label: 'Code' } });
		expect(body).toContain('viewBox="-4 -4 33 33"');
	});
});
