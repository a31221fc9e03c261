import { describe, expect, it } from 'vitest';
import { generateKitCase, kitOf } from '../../../../tests/support/generate-kit';
import { makeAccessory, makeConfiguration, makeProduct, makeShop, STOP_SOCKET } from '../../../../tests/support/make';
import { solver } from '../../../../tests/support/solver';
import { kitOrder, type KitOrder, type Product } from '../model';
import { compileCatalogue } from '../match';
import {
	assembleKit,
	changeLine,
	checkKit,
	compareKits,
	choicesFor,
	kitProgram,
	reasonsAgainst,
	demandPrices,
	releaseImpacts,
	type KitCase
} from '.';
import { solveInParts } from '../solver';

type Loose = Record<string, unknown>;
const order = (more: Loose = {}): KitOrder => kitOrder.parse(more);
const caseOf = (sockets: Loose[], products: Product[], accessories: Loose[] = [], more: Loose = {}): KitCase => ({
	configuration: makeConfiguration(sockets, more),
	catalogue: compileCatalogue(products),
	shop: makeShop({}, accessories as never[])
});
const stop = (id: string, more: Loose = {}) => ({ ...STOP_SOCKET, id, side: 'centre', ...more });
const priced = (id: string, price: number, more: Loose = {}) =>
	makeProduct({ id, name: id, packs: [{ sku: `${id}-1`, count: 1, price, stock: 9 }], ...more });

/** A white LED for W5W. */
const white = (id: string, cct: number, price: number) =>
	priced(id, price, {
		fits: ['W5W'],
		colour: { kind: 'white', cct },
		flux: { claimed: 60 },
		power: { at13v5: 0.8 },
		size: { frontLength: 25, frontDiameter: 9 },
		limit: 200
	});
const whiteSocket = (id: string, fn: string, more: Loose = {}) => ({
	...STOP_SOCKET,
	id,
	side: 'centre',
	zone: 'front',
	functions: [fn],
	category: 'W5W',
	lens: 'clear',
	...more
});

describe('whites that are seen together', () => {
	const sockets = [whiteSocket('drl', 'drl'), whiteSocket('position', 'front-position', { index: 2 })];
	const lamps = [white('warm', 3000, 500), white('cool', 6000, 400), white('cool2', 6000, 450)];

	it('keep to one white, though a mix is cheaper', async () => {
		// One shelf holds a single cool lamp for 100: with it and a warm one the kit would cost 600.
		const scarce = priced('single', 100, {
			...white('single', 3000, 100),
			packs: [{ sku: 's', count: 1, price: 100, stock: 1 }]
		});
		const kit = await kitOf(caseOf(sockets, [white('cool', 6000, 400), scarce]), {}, solver);
		expect([kit.lines.map((l) => l.product), kit.mismatches]).toEqual([['cool'], []]);
	});

	it('may be mixed when the order says so', async () => {
		const scarce = priced('single', 100, {
			...white('single', 3000, 100),
			packs: [{ sku: 's', count: 1, price: 100, stock: 1 }]
		});
		const kit = await kitOf(caseOf(sockets, [white('cool', 6000, 400), scarce]), { matched: false }, solver);
		expect(kit.total).toBe(500);
	});

	it('are owned up to where they have to differ', async () => {
		const one = (id: string, cct: number) =>
			({ ...white(id, cct, 500), packs: [{ sku: id, count: 1, price: 500, stock: 1 }] }) as Product;
		const kit = await kitOf(caseOf(sockets, [one('warm', 3000), one('cool', 6000)]), {}, solver);
		expect(kit.mismatches).toHaveLength(1);
	});

	it('follow the filament lamp that stays beside them', async () => {
		const low = { ...whiteSocket('low', 'low-beam', { index: 1 }), category: 'H7', zone: 'front' };
		const kitCase = caseOf([low, whiteSocket('position', 'front-position', { index: 2 })], lamps);
		expect((await kitOf(kitCase, {}, solver)).lines.map((l) => l.product)).toEqual(['warm']);
		expect((await kitOf(kitCase, { matched: false }, solver)).lines.map((l) => l.product)).toEqual(['cool']);
	});
});

describe('what an order may ask', () => {
	const two = [stop('a'), stop('b', { index: 2 })];
	const lamps = [priced('cheap', 500), priced('dear', 900, { maker: 'Other' })];

	it('forbids a product in one place, or anywhere', async () => {
		const products = async (forbidden: Loose[]) =>
			(await kitOf(caseOf(two, lamps), order({ forbidden }), solver)).lines.map((l) => [l.product, l.sockets]);
		expect(await products([{ product: 'cheap', socket: 'a' }])).toEqual([
			['dear', ['a']],
			['cheap', ['b']]
		]);
		expect(await products([{ product: 'cheap' }])).toEqual([['dear', ['a', 'b']]]);
	});

	it('one maker throughout, with the reason where that leaves nothing', async () => {
		const kit = await kitOf(caseOf(two, lamps), order({ maker: 'Nobody' }), solver);
		expect(kit.open.map((o) => o.why)).toEqual(Array(2).fill('what the order forbids or wishes leaves no lamp here'));
	});

	it('counts what the customer already has: their lamp loads the output, their parts cost nothing', async () => {
		const channels = [
			{
				id: 'c',
				feeds: ['a', 'b'].map((socket) => ({ socket, function: 'stop' })),
				feed: { kind: 'steady' },
				monitor: { kind: 'hot', minCurrent: 1.2 }
			}
		];
		const resistor = makeAccessory({ id: 'R12', kind: 'resistor', resistance: 12, rating: 100 });
		const kitCase = caseOf(two, lamps, [resistor], { channels });
		const kit = await kitOf(kitCase, order({ has: { lamps: { a: 'dear' }, parts: { R12: 1 } } }), solver);
		expect(kit.lines.map((l) => [l.sku, l.packs, l.price])).toEqual([
			['cheap-1', 1, 500],
			['R12', 0, 0]
		]);
		expect(kit.lines[1]?.solves).toContain('the customer has it');
	});

	it('moves the balance from price to light', async () => {
		const dim = priced('dim', 500, { flux: { claimed: 95 } });
		const kitCase = caseOf([stop('a')], [dim, priced('bright', 900)]);
		const product = async (light: number) => {
			const weights = { light, heat: 0, minutes: 0, risk: 0 };
			return (await kitOf(kitCase, order({ weights }), solver)).lines[0]?.product;
		};
		expect([await product(0), await product(3)]).toEqual(['dim', 'bright']);
	});
});

describe('demands that cannot hold together', () => {
	const lamp = priced('lamp', 900);
	const conflict = async (kitCase: KitCase, more: Loose) => {
		const kit = await assembleKit(kitCase, order(more), { solver });
		return kit.ok ? 'it holds' : kit.error.demands.map((d) => d.words).sort();
	};

	it('a budget under the cheapest whole kit, and nothing else, is named', async () => {
		expect(await conflict(caseOf([stop('a'), stop('b', { index: 2 })], [lamp]), { whole: true, budget: 1000 })).toEqual(
			['every socket that can be served is served', 'the budget of 10.00']
		);
	});

	it('a choice by hand that the shelf does not hold', async () => {
		const none = priced('none', 500, { packs: [{ sku: 'none-1', count: 1, price: 500, stock: 0 }] });
		const choices = { a: { kind: 'product', product: 'none' } };
		expect(await conflict(caseOf([stop('a')], [none, lamp]), { choices })).toEqual([
			'0 packs of none on the shelf',
			'none fixed by hand for Rear stop'
		]);
	});

	it('two choices that share a shelf of one', async () => {
		const one = priced('one', 500, { packs: [{ sku: 'one-1', count: 1, price: 500, stock: 1 }] });
		const choices = { a: { kind: 'product', product: 'one' }, b: { kind: 'product', product: 'one' } };
		expect(await conflict(caseOf([stop('a'), stop('b', { index: 2 })], [one]), { choices })).toHaveLength(3);
	});

	it('a choice whose output nothing on sale can content', async () => {
		const channels = [
			{
				id: 'c',
				feeds: [{ socket: 'a', function: 'stop' }],
				feed: { kind: 'steady' },
				monitor: { kind: 'hot', minCurrent: 1 }
			}
		];
		const choices = { a: { kind: 'product', product: 'lamp' } };
		expect(await conflict(caseOf([stop('a')], [lamp], [], { channels }), { choices })).toEqual([
			'lamp fixed by hand for Rear stop',
			'stop lamp: at least 1 A while on'
		]);
	});

	it('are the smallest set: they cannot hold, and with any one of them lifted the rest of them can', async () => {
		let conflicts = 0;
		for (let seed = 1; seed <= 8; seed++) {
			const kitCase = generateKitCase(seed, { pairs: 4, candidates: 3, loads: 3 });
			const asked = order({ whole: true, budget: 2000 });
			const kit = await assembleKit(kitCase, asked, { solver });
			if (kit.ok) continue;
			conflicts++;
			const choices = choicesFor(kitCase, asked);
			const keyOf = ({ kind, id }: { kind: string; id: string }) => `${kind} ${id}`;
			const ids = kit.error.demands.map(keyOf);
			const holds = async (kept: readonly string[]) => {
				const { program } = kitProgram(choices, { lifted: (demand) => !kept.includes(keyOf(demand)) });
				return (await solveInParts(program, solver)).status !== 'infeasible';
			};
			expect(await holds(ids), `seed ${seed}`).toBe(false);
			for (const id of ids) expect(await holds(ids.filter((other) => other !== id)), `seed ${seed}`).toBe(true);
		}
		expect(conflicts).toBeGreaterThan(2);
	});
});

describe('assemblies', () => {
	const pair = ['left', 'right'].map((side) => stop(`stop-${side}`, { side }));
	const mounts = ['left', 'right'].map((side) => ({
		configuration: 'v',
		sockets: [`stop-${side}`],
		draws: { stop: 4 }
	}));
	const held = [{ fact: 'mounts', source: 'in-hand', on: '2026-03-02', by: 'A. Person' }];
	const assembly = (more: Loose = {}) => priced('unit', 4000, { kind: 'assembly', mounts, evidence: held, ...more });

	it('take the place of lamps where that is all there is, both pieces, with their bracket', async () => {
		const bracket = makeAccessory({ id: 'BR', kind: 'bracket', name: 'Bracket' });
		const kit = await kitOf(caseOf(pair, [assembly({ with: ['BR'] })], [bracket]), {}, solver);
		expect(kit.lines.map((l) => [l.sku, l.packs, l.verdict])).toEqual([
			['unit-1', 2, 'parts'],
			['BR-1', 2, undefined]
		]);
		expect(kit.lines[0]?.sockets).toEqual(['stop-left', 'stop-right']);
	});

	it('are passed over for a cheaper lamp that fits', async () => {
		const kit = await kitOf(caseOf(pair, [assembly(), priced('lamp', 500)]), {}, solver);
		expect(kit.lines.map((l) => l.product)).toEqual(['lamp']);
	});

	it('that nobody held to the vehicle are a person’s choice, and want a signature', async () => {
		const kitCase = caseOf(pair, [assembly({ evidence: [] })]);
		expect((await kitOf(kitCase, {}, solver)).lines).toEqual([]);
		const choices = { 'stop-left': { kind: 'product', product: 'unit' } };
		const chosen = await kitOf(kitCase, order({ choices }), solver);
		expect(chosen.lines[0]).toMatchObject({ product: 'unit', verdict: 'unknown' });
		expect(chosen.lines[0]?.check).toContain('nobody has held it');
	});

	it('without their bracket on sale are not offered', async () => {
		expect((await kitOf(caseOf(pair, [assembly({ with: ['BR'] })]), {}, solver)).lines).toEqual([]);
	});

	it('draw what they say on a monitored output', async () => {
		const monitor = { kind: 'hot', minCurrent: 1 };
		const feeds = pair.map((s) => ({ socket: s.id, function: 'stop' }));
		const channels = [{ id: 'c', feeds, feed: { kind: 'steady' }, monitor }];
		expect((await kitOf(caseOf(pair, [assembly()], [], { channels }), {}, solver)).lines).toEqual([]);
	});
});

describe('consumables', () => {
	it('grease by the socket outside, cleaner by the kit, ties by the load', async () => {
		const use = (per: string, amount: number) => ({ kind: 'consumable', scope: 'vehicle', use: { per, amount } });
		const channels = [
			{
				id: 'c',
				feeds: [{ socket: 'a', function: 'stop' }],
				feed: { kind: 'steady' },
				monitor: { kind: 'hot', minCurrent: 1 }
			}
		];
		const parts = [
			makeAccessory({ id: 'grease', ...use('socket', 0.4) }),
			makeAccessory({ id: 'cleaner', ...use('kit', 1) }),
			makeAccessory({ id: 'ties', ...use('load', 2) }),
			makeAccessory({ id: 'R12', kind: 'resistor', resistance: 12, rating: 100 })
		];
		const inside = { ...whiteSocket('map', 'map'), zone: 'cabin' };
		const sockets = [stop('a'), stop('b', { index: 2 }), stop('d', { index: 3 }), inside];
		const kit = await kitOf(
			caseOf(sockets, [priced('lamp', 500), white('w', 4300, 300)], parts, { channels }),
			{},
			solver
		);
		const count = (id: string) => kit.lines.find((l) => l.accessory === id)?.packs;
		// Three sockets outside take 1.2 tubes, so two; one load takes two ties.
		expect(['grease', 'cleaner', 'ties', 'R12'].map(count)).toEqual([2, 1, 2, 1]);
	});
});

describe('an open socket', () => {
	it('says what would close it, and which lamp comes nearest', async () => {
		const long = priced('long', 500, { size: { frontLength: 60, frontDiameter: 24 } });
		const kit = await kitOf(caseOf([stop('a')], [long]), {}, solver);
		expect(kit.open[0]?.wanted).toContain('a red LED for P21W, at most 52 mm long, at most 30 mm wide, at least');
		expect(kit.open[0]?.wanted).toContain('Nearest on record: long, but');
	});
});

describe('what demands cost', () => {
	const sockets = [whiteSocket('drl', 'drl'), whiteSocket('position', 'front-position', { index: 2 })];
	const kitCase = caseOf(sockets, [white('cool', 6000, 400), white('mid', 4300, 600), white('warm', 3000, 300)]);

	it('4300 K throughout costs 6.00 over two warm lamps at 3.00', async () => {
		const answer = await kitOf(kitCase, {}, solver);
		const prices = await demandPrices({ kitCase, order: order(), answer }, { solver });
		expect(prices.find((p) => p.words === '4300 K throughout')).toEqual({
			words: '4300 K throughout',
			kind: 'wished',
			costs: 600,
			closes: 0,
			total: 1200
		});
	});

	it('a wish that was made costs what the kit is dearer than without it', async () => {
		const asked = order({ kelvin: 6000 });
		const prices = await demandPrices(
			{ kitCase, order: asked, answer: await kitOf(kitCase, asked, solver) },
			{ solver }
		);
		expect(prices).toContainEqual({ words: '6000 K throughout', kind: 'lifted', costs: 200, closes: 0, total: 600 });
	});

	it('a budget costs the socket it leaves open', async () => {
		const asked = order({ budget: 300, matched: false });
		const prices = await demandPrices(
			{ kitCase, order: asked, answer: await kitOf(kitCase, asked, solver) },
			{ solver }
		);
		expect(prices.find((p) => p.words === 'a budget of 3.00')).toMatchObject({ costs: -300, closes: 1 });
	});
});

describe('one line changed by hand', () => {
	const lamps = [
		priced('now', 500),
		priced('hot', 400, { builtInLoad: 20, evidence: [{ fact: 'power', source: 'in-hand' }] }),
		priced('other', 700, { flux: undefined })
	];
	const kitCase = caseOf([stop('a'), stop('b', { index: 2 })], lamps);

	it('says what the total and the gates move to, the rest left as it is', async () => {
		const answer = await kitOf(kitCase, order({ forbidden: [{ product: 'hot' }] }), solver);
		const changed = await changeLine({ kitCase, order: order(), answer }, { socket: 'a', product: 'other' }, solver);
		expect(
			changed.ok && [changed.value.difference, changed.value.gates.map((g) => `${g.gate} ${g.before} to ${g.after}`)]
		).toEqual([200, ['colour pass to unknown']]);
	});

	it('says what an assembly would move, over all that it replaces', async () => {
		const mounts = ['a', 'b'].map((id) => ({ configuration: 'v', sockets: [id], draws: { stop: 3 } }));
		const withUnit = caseOf(
			[stop('a'), stop('b', { index: 2 })],
			[...lamps, priced('unit', 4000, { kind: 'assembly', mounts })]
		);
		const answer = await kitOf(withUnit, order({ forbidden: [{ product: 'hot' }] }), solver);
		const changed = await changeLine(
			{ kitCase: withUnit, order: order(), answer },
			{ socket: 'a', product: 'unit' },
			solver
		);
		expect(changed.ok && changed.value.difference).toBe(7000);
	});

	it('refuses what Match refuses, in words', async () => {
		const answer = await kitOf(kitCase, {}, solver);
		expect(await changeLine({ kitCase, order: order(), answer }, { socket: 'a', product: 'hot' }, solver)).toEqual({
			ok: false,
			error: expect.stringContaining('hot is refused here')
		});
	});
});

describe('the life of a kit', () => {
	const products = [priced('lamp', 500), priced('other', 900)];
	const kitCase = caseOf([stop('a'), stop('b', { index: 2 })], products);

	it('compares two revisions by place, line and price', async () => {
		const [one, two] = [
			await kitOf(kitCase, {}, solver),
			await kitOf(kitCase, order({ forbidden: [{ product: 'lamp', socket: 'a' }] }), solver)
		];
		expect(compareKits(one, two, kitCase.configuration.sockets)).toEqual({
			places: ['Rear stop: other instead of lamp'],
			lines: [
				{ sku: 'lamp-1', name: 'lamp', before: 2, after: 1 },
				{ sku: 'other-1', name: 'other', before: 0, after: 1 }
			],
			closed: [],
			opened: [],
			price: 400
		});
	});

	const stood = async () => ({
		configuration: kitCase.configuration,
		order: order(),
		answer: await kitOf(kitCase, {}, solver),
		products,
		accessories: [],
		complaints: []
	});
	const now = (list: Product[], more: Loose = {}) => ({
		kitCase: { ...kitCase, catalogue: compileCatalogue(list) },
		products: new Map(list.map((p) => [p.id as string, p])),
		accessories: new Map(),
		complaints: [],
		currency: 'EUR',
		...more
	});

	it('is touched by nothing while nothing changes', async () =>
		expect(releaseImpacts(await stood(), now(products))).toEqual([]));

	it.each([
		['a fact of its product', [priced('lamp', 500, { power: { at13v5: 40 } })], ['holds', 'product']],
		['its price', [priced('lamp', 600)], ['price']],
		['its shelf', [priced('lamp', 500, { packs: [{ sku: 'lamp-1', count: 1, price: 500, stock: 1 }] })], ['stock']],
		['its product leaving', [], ['holds', 'holds', 'product', 'product']]
	] as [string, Product[], string[]][])('is touched by %s', async (_, list, kinds) => {
		const found = releaseImpacts(await stood(), now(list)).map((t) => t.kind as string);
		expect(found).toEqual(expect.arrayContaining([...new Set(kinds)]));
	});

	it('is touched by a complaint about what is in it, and by its vehicle', async () => {
		const complaints = [{ product: 'lamp', configuration: 'v', socket: 'a', symptom: 'flicker' }];
		expect(releaseImpacts(await stood(), now(products, { complaints }))).toEqual([
			{ kind: 'complaint', words: 'lamp: flicker, on this vehicle' }
		]);
		const other = makeConfiguration([stop('a', { lens: 'smoked' }), stop('b', { index: 2 })]);
		const found = releaseImpacts(await stood(), now(products, { kitCase: { ...kitCase, configuration: other } }));
		expect(found.map((t) => t.words)).toContain('Rear stop: lens changed');
	});

	it('does for another configuration with the same places, and says why not for one without', async () => {
		const answer = await kitOf(kitCase, {}, solver);
		const kit = { answer, order: order(), ...kitCase };
		const twin = makeConfiguration([stop('x'), stop('y', { index: 2 })]);
		expect(reasonsAgainst(kit, twin)).toEqual([]);
		expect(reasonsAgainst(kit, makeConfiguration([stop('x')]))).toEqual(['it has no Rear stop 2']);
		const tight = makeConfiguration([
			stop('x', { envelope: { frontLength: 20, frontDiameter: 30 } }),
			stop('y', { index: 2 })
		]);
		expect(reasonsAgainst(kit, tight)).toEqual(['lamp in x is refused']);
	});
});

describe('on forty made-up vehicles', () => {
	it.each(Array.from({ length: 4 }, (_, i) => i * 10))(
		'every gate and channel of the kit passes Match and Circuit, from seed %i',
		async (from) => {
			for (let seed = 1000 + from; seed < 1010 + from; seed++) {
				const kitCase = generateKitCase(seed, { pairs: 4 + (seed % 9), candidates: 6, loads: 10 });
				const asked = order({ balance: (['price', 'light', 'ease'] as const)[seed % 3] });
				const answer = await kitOf(kitCase, asked, solver);
				expect([answer.gap, answer.complaints], `seed ${seed}`).toEqual([0, []]);
				expect(checkKit({ answer, order: asked, ...kitCase }), `seed ${seed}`).toEqual([]);
			}
		}
	);
});
