import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	makeAccessory,
	makeConfiguration,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../../tests/support/make';
import { solver } from '../../../../../tests/support/solver';
import { FUNCTION_IDS } from '../../lamps';
import { compileCatalogue } from '../../match';
import { KIT_SCOPES, type KitOrder } from '../../model';
import { kitOf } from '../../../../../tests/support/generate-kit';
import { lpText } from '../../solver/lp-text';
import { choicesFor } from '../choices/choices';
import { kitProgram } from '.';
import { solveInParts } from '../../solver/split';
import { socketsInScope } from '../order/scope';
import type { Program } from '../../solver/solver';

const ORDER: KitOrder = { scope: 'vehicle', balance: 'price', choices: {} };

describe('lpText', () => {
	const program: Program = {
		variables: [
			{ name: 'x0', cost: 3, kind: 'binary' },
			{ name: 'y0', cost: 500, kind: 'integer', max: 4 }
		],
		constraints: [
			{
				name: 'c0',
				terms: [
					[1, 'x0'],
					[-2, 'y0']
				],
				sense: '<=',
				bound: 0
			}
		]
	};

	it('writes objective, constraints, bounds and kinds', () => {
		expect(lpText(program).split('\n')).toEqual([
			'Minimize',
			' cost: + 3 x0 + 500 y0',
			'Subject To',
			' c0: + 1 x0 - 2 y0 <= 0',
			'Bounds',
			' 0 <= y0 <= 4',
			'Binary',
			' x0',
			'General',
			' y0',
			'End'
		]);
	});

	it('breaks long sums, which the format limits', () => {
		const variables = Array.from({ length: 100 }, (_, i) => ({ name: `x${i}`, cost: 1, kind: 'binary' as const }));
		const longest = Math.max(
			...lpText({ variables, constraints: [] })
				.split('\n')
				.map((line) => line.length)
		);
		expect(longest).toBeLessThan(200);
	});
});

describe('the solver', () => {
	it('agrees with trying every value, on generated programs', async () => {
		const anyProgram = fc.record({
			costs: fc.array(fc.integer({ min: 1, max: 50 }), { minLength: 3, maxLength: 3 }),
			rows: fc.array(
				fc.tuple(
					fc.array(fc.integer({ min: -3, max: 3 }), { minLength: 3, maxLength: 3 }),
					fc.integer({ min: -2, max: 6 })
				),
				{ minLength: 1, maxLength: 3 }
			)
		});
		await fc.assert(
			fc.asyncProperty(anyProgram, async ({ costs, rows }) => {
				const names = ['a', 'b', 'c'];
				const program: Program = {
					variables: names.map((name, i) => ({ name, cost: costs[i]!, kind: 'integer' as const, max: 4 })),
					constraints: rows
						.filter(([coefficients]) => coefficients.some((c) => c !== 0))
						.map(([coefficients, bound], r) => ({
							name: `r${r}`,
							terms: coefficients.map((c, i) => [c, names[i]!] as const).filter(([c]) => c !== 0),
							sense: '>=' as const,
							bound
						}))
				};
				let best = Infinity;
				const values = [0, 1, 2, 3, 4];
				for (const a of values)
					for (const b of values)
						for (const c of values) {
							const at: Record<string, number> = { a, b, c };
							const holds = program.constraints.every(
								(row) => row.terms.reduce((sum, [k, n]) => sum + k * at[n]!, 0) >= row.bound
							);
							if (holds) best = Math.min(best, a * costs[0]! + b * costs[1]! + c * costs[2]!);
						}
				const solution = await solver(program);
				if (best === Infinity) expect(solution.status).toBe('infeasible');
				else expect(solution).toMatchObject({ status: 'optimal', objective: best, bound: best });
			}),
			{ numRuns: 80 }
		);
	});
});

describe('scopes', () => {
	const sockets = makeConfiguration(
		FUNCTION_IDS.map((id, i) => ({
			...STOP_SOCKET,
			id,
			functions: [id],
			index: i + 1,
			zone: id.includes('backlight')
				? 'cluster'
				: ['dome', 'map', 'vanity', 'footwell', 'door', 'glovebox', 'luggage'].includes(id)
					? 'cabin'
					: i < 5
						? 'front'
						: 'rear'
		}))
	).sockets;
	const ids = (scope: (typeof KIT_SCOPES)[number]) => socketsInScope(sockets, { scope }).map((s) => s.id as string);

	it('the whole vehicle is everything, and every other scope a part of it', () => {
		expect(ids('vehicle')).toHaveLength(sockets.length);
		for (const scope of KIT_SCOPES) expect(ids('vehicle')).toEqual(expect.arrayContaining(ids(scope)));
	});

	it('headlamps, signals, cabin and cluster share no socket', () => {
		const all = (['headlamps', 'signals', 'cabin', 'cluster'] as const).flatMap(ids);
		expect(new Set(all).size).toBe(all.length);
		expect(ids('headlamps')).toEqual(['fog', 'low-beam', 'high-beam']);
		expect(ids('cluster')).toEqual(['cluster-backlight', 'tell-tale', 'switch-backlight']);
	});

	it('one function, and one lamp only', () => {
		const of = (order: Partial<KitOrder>) => socketsInScope(sockets, { ...ORDER, ...order }).map((s) => s.id as string);
		expect(of({ scope: 'function', function: 'stop' })).toEqual(['stop']);
		expect(of({ scope: 'sockets', sockets: ['tail' as never] })).toEqual(['tail']);
		expect(of({ scope: 'sockets' })).toEqual([]);
	});

	it('leaves out what the customer already has', () => {
		const has = { lamps: { stop: 'led' }, parts: {} } as unknown as NonNullable<KitOrder['has']>;
		expect(socketsInScope(sockets, { scope: 'vehicle', has })).toHaveLength(sockets.length - 1);
	});
});

describe('pruneOptions', () => {
	const stops = (count: number) =>
		Array.from({ length: count }, (_, i) => ({ ...STOP_SOCKET, id: `s${i}`, side: 'centre', index: i + 1 }));
	const lamp = (id: string, price: number, more: object = {}) =>
		makeProduct({ id, packs: [{ sku: `${id}-1`, count: 1, price, stock: 9 }], ...more });
	const kept = (products: ReturnType<typeof lamp>[], order: Partial<KitOrder> = {}, more: object = {}) => {
		const kitCase = {
			configuration: makeConfiguration(stops(2), more),
			catalogue: compileCatalogue(products),
			shop: makeShop()
		};
		const [group] = choicesFor(kitCase, { ...ORDER, ...order }).groups;
		return group?.options.map((o) => o.product.id as string).sort();
	};

	it('drops the dearer of two that are alike', () => {
		expect(kept([lamp('cheap', 500), lamp('dear', 900)])).toEqual(['cheap']);
	});

	it('keeps the dearer one when the cheap shelf does not reach for all', () => {
		expect(
			kept([lamp('cheap', 500, { packs: [{ sku: 'c', count: 1, price: 500, stock: 1 }] }), lamp('dear', 900)])
		).toEqual(['cheap', 'dear']);
	});

	it('keeps the dearer one when it gives more of the light that is missing', () => {
		const products = [lamp('cheap', 500, { flux: { claimed: 100 } }), lamp('dear', 900)];
		expect(kept(products, { balance: 'light' })).toEqual(['cheap', 'dear']);
		expect(kept(products, { balance: 'price' })).toEqual(['cheap']);
	});

	it('keeps the dearer one when it loads the output more', () => {
		const products = [lamp('cheap', 500), lamp('dear', 900, { power: { at13v5: 2.9 } })];
		const feeds = ['s0', 's1'].map((socket) => ({ socket, function: 'stop' }));
		const monitor = { kind: 'hot', minCurrent: 0.3 };
		expect(kept(products, {}, { channels: [{ id: 'c', feeds, feed: { kind: 'steady' }, monitor }] })).toEqual([
			'cheap',
			'dear'
		]);
		expect(kept(products)).toEqual(['cheap']);
	});

	it('never drops what a person chose', () => {
		const choices = { s0: { kind: 'product', product: 'dear' } } as unknown as KitOrder['choices'];
		const kitCase = {
			configuration: makeConfiguration(stops(2)),
			catalogue: compileCatalogue([lamp('cheap', 500), lamp('dear', 900)]),
			shop: makeShop()
		};
		const { groups } = choicesFor(kitCase, { ...ORDER, choices });
		expect(groups[0]?.options.map((o) => o.product.id)).toEqual(['dear']);
	});

	it('leaves the best answer as it is, on generated shelves', async () => {
		const anyLamp = fc.record({
			price1: fc.integer({ min: 100, max: 2000 }),
			price4: fc.integer({ min: 300, max: 6000 }),
			stock1: fc.integer({ min: 0, max: 3 }),
			stock4: fc.integer({ min: 0, max: 2 })
		});
		await fc.assert(
			fc.asyncProperty(
				fc.array(anyLamp, { minLength: 2, maxLength: 4 }),
				fc.integer({ min: 1, max: 5 }),
				async (shelf, count) => {
					const products = shelf.map((s, i) =>
						lamp(`p${i}`, 0, {
							packs: [
								{ sku: `p${i}-1`, count: 1, price: s.price1, stock: s.stock1 },
								{ sku: `p${i}-4`, count: 4, price: s.price4, stock: s.stock4 }
							]
						})
					);
					const configuration = makeConfiguration(stops(count));
					const kitCase = { configuration, catalogue: compileCatalogue(products), shop: makeShop() };
					const choices = choicesFor(kitCase, ORDER);
					const solve = (given: typeof choices) => solveInParts(kitProgram(given).program, solver);
					const [all, few] = [await solve({ ...choices, groups: choices.everyGroup }), await solve(choices)];
					expect(few.status).toBe(all.status);
					if (all.status !== 'infeasible' && few.status !== 'infeasible') expect(few.objective).toBe(all.objective);
				}
			),
			{ numRuns: 60 }
		);
	});
});

describe('a kit, when its circumstances change', () => {
	const sockets = [0, 1, 2].map((i) => ({ ...STOP_SOCKET, id: `s${i}`, side: 'centre', index: i + 1 }));
	const total = async (stock: number, budget?: number) => {
		const product = makeProduct({
			packs: [
				{ sku: 'a', count: 1, price: 700, stock },
				{ sku: 'b', count: 2, price: 1100, stock }
			]
		});
		const kitCase = {
			configuration: makeConfiguration(sockets),
			catalogue: compileCatalogue([product]),
			shop: makeShop()
		};
		const answer = await kitOf(kitCase, budget === undefined ? {} : { budget: budget as never }, solver);
		return { total: answer.total, open: answer.open.length };
	};

	it('gets no dearer with more on the shelf once all are served', async () => {
		const [two, nine] = [await total(2), await total(9)];
		expect(two.open).toBe(0);
		expect(nine.total).toBeLessThanOrEqual(two.total);
	});

	it('never passes its budget, and serves no less with more of it', async () => {
		let before = Infinity;
		for (const budget of [0, 700, 1100, 1800, 5000]) {
			const answer = await total(9, budget);
			expect(answer.total).toBeLessThanOrEqual(budget);
			expect(answer.open).toBeLessThanOrEqual(before);
			before = answer.open;
		}
		expect(before).toBe(0);
	});
});

describe('balances', () => {
	const monitored = {
		channels: [
			{
				id: 'c',
				feeds: [{ socket: 's0', function: 'stop' }],
				feed: { kind: 'steady' },
				monitor: { kind: 'hot', minCurrent: 0.9 }
			}
		]
	};
	const socket = { ...STOP_SOCKET, id: 's0', side: 'centre' };
	const resistor = makeAccessory({ id: 'R12', kind: 'resistor', resistance: 12, rating: 50 });
	const dim = makeProduct({
		id: 'dim',
		flux: { claimed: 95 },
		packs: [{ sku: 'dim', count: 1, price: 500, stock: 9 }]
	});
	const bright = makeProduct({ id: 'bright', packs: [{ sku: 'bright', count: 1, price: 900, stock: 9 }] });
	const loaded = makeProduct({
		id: 'loaded',
		builtInLoad: 11,
		limit: 300,
		packs: [{ sku: 'loaded', count: 1, price: 2600, stock: 9 }]
	});

	const chosen = async (balance: KitOrder['balance'], products: ReturnType<typeof makeProduct>[], more: object) => {
		const kitCase = {
			configuration: makeConfiguration([socket], more),
			catalogue: compileCatalogue(products),
			shop: makeShop({}, [resistor])
		};
		return (await kitOf(kitCase, { balance }, solver)).lines.map((l) => l.sku);
	};

	it('price takes the cheap lamp, light the one that gives the full light', async () => {
		expect(await chosen('price', [dim, bright], {})).toEqual(['dim']);
		expect(await chosen('light', [dim, bright], {})).toEqual(['bright']);
	});

	it('price takes lamp and load, ease the lamp that needs no part', async () => {
		expect(await chosen('price', [bright, loaded], monitored)).toEqual(['bright', 'R12-1']);
		expect(await chosen('ease', [bright, loaded], monitored)).toEqual(['loaded']);
	});

	it('of two loads that cure, a cooler one may be a little dearer', async () => {
		const pair = (id: string, resistance: number, price: number) =>
			makeAccessory({ id, kind: 'resistor', resistance, rating: 200, packs: [{ sku: id, count: 1, price, stock: 9 }] });
		const kitCase = (accessories: ReturnType<typeof pair>[]) => ({
			configuration: makeConfiguration([socket], monitored),
			catalogue: compileCatalogue([bright]),
			shop: makeShop({}, accessories)
		});
		const skus = async (accessories: ReturnType<typeof pair>[]) =>
			(await kitOf(kitCase(accessories), { balance: 'ease' }, solver)).lines.map((l) => l.sku);
		expect(await skus([pair('hot', 12, 500), pair('cool', 15, 520)])).toContain('cool');
		expect(await skus([pair('hot', 12, 500), pair('cool', 20, 2500)])).toContain('hot');
	});
});

describe('what the circuit complained of', () => {
	const sockets = ['a', 'b'].map((id, i) => ({ ...STOP_SOCKET, id, side: 'centre', index: i + 1 }));
	const feeds = sockets.map(({ id }) => ({ socket: id, function: 'stop' }));
	const channels = [{ id: 'c', feeds, feed: { kind: 'steady' }, monitor: { kind: 'hot', minCurrent: 1.2 } }];
	const kitCase = {
		configuration: makeConfiguration(sockets, { channels }),
		catalogue: compileCatalogue([makeProduct()]),
		shop: makeShop({}, [makeAccessory({ id: 'R12', kind: 'resistor', resistance: 12, rating: 100 })])
	};
	const choices = choicesFor(kitCase, ORDER);
	/** Loads the best kit hangs on the output, when some combinations are ruled out. */
	const loads = async (...cuts: { keys: string[]; value: number }[][]) => {
		const { program, parts } = kitProgram(choices, { cuts });
		const solution = await solveInParts(program, solver);
		return solution.status === 'infeasible' ? null : Math.round(solution.values.get(parts[0]?.name ?? '') ?? 0);
	};
	const cut = (pieces: number) => [
		{ keys: ['a>led'], value: 2 },
		{ keys: ['R12@c'], value: pieces }
	];

	it('is not chosen again: one load less or more is something else', async () => {
		expect(await loads()).toBe(1);
		expect(await loads(cut(1))).toBe(2);
	});

	it('at the end of a count, too: then a lamp is left out', async () => {
		const { program, lamps } = kitProgram(choices, { cuts: [cut(1), cut(2)] });
		const solution = await solveInParts(program, solver);
		expect(solution.status !== 'infeasible' && Math.round(solution.values.get(lamps[0]?.name ?? '') ?? 0)).toBeLessThan(
			2
		);
	});

	it('that speaks of a lamp no longer on offer rules nothing out', async () => {
		expect(await loads([{ keys: ['a>gone'], value: 1 }])).toBe(1);
	});
});
