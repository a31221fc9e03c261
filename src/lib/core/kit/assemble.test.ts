import { describe, expect, it } from 'vitest';
import { kitOf } from '../../../../tests/support/generate-kit';
import { makeAccessory, makeConfiguration, makeProduct, makeShop, STOP_SOCKET } from '../../../../tests/support/make';
import { demoDocument } from '../../../../tests/support/demo';
import { solver } from '../../../../tests/support/solver';
import type { KitOrder, Product } from '../model';
import { categoryOrNull } from '../lamps';
import { compileCatalogue, matchSocket } from '../match';
import { partsFor } from '../accessories';
import { assembleKit } from './assemble/assemble';
import { checkKit } from './check';

const ORDER: KitOrder = { scope: 'vehicle', balance: 'price', choices: {} };
type Loose = Record<string, unknown>;

const stops = (count: number, more: Loose = {}) =>
	Array.from({ length: count }, (_, i) => ({ ...STOP_SOCKET, id: `s${i}`, side: 'centre', index: i + 1, ...more }));

async function kitFor(
	sockets: Loose[],
	products: Product[],
	order: Partial<KitOrder> = {},
	accessories = [] as never[],
	more: Loose = {}
) {
	const configuration = makeConfiguration(sockets, more);
	const kitCase = { configuration, catalogue: compileCatalogue(products), shop: makeShop({}, accessories) };
	const answer = await kitOf(kitCase, order, solver);
	expect(checkKit({ answer, order: { ...ORDER, ...order }, ...kitCase })).toEqual([]);
	return answer;
}

const lines = (answer: { lines: { sku: string; packs: number; spare: number }[] }) =>
	answer.lines.map((l) => `${l.packs} x ${l.sku}, ${l.spare} spare`);

describe('packs', () => {
	const packs = [
		{ sku: 'one', count: 1, price: 500, stock: 9 },
		{ sku: 'four', count: 4, price: 1400, stock: 9 }
	];

	it('a pack of 4 is cheaper for 3 sockets than 3 singles at 500, and leaves 1 spare', async () => {
		expect(lines(await kitFor(stops(3), [makeProduct({ packs })]))).toEqual(['1 x four, 1 spare']);
	});

	it('2 sockets take 2 singles', async () => {
		expect((await kitFor(stops(2), [makeProduct({ packs })])).total).toBe(1000);
	});

	it('spares are spent on other sockets of the kit: 3 + 1 sockets share one pack of 4', async () => {
		const sockets = [...stops(3), { ...STOP_SOCKET, id: 'fog', functions: ['rear-fog'] }];
		expect(lines(await kitFor(sockets, [makeProduct({ packs })]))).toEqual(['1 x four, 0 spare']);
	});

	it('what is not on the shelf is not sold: out of stock is said', async () => {
		const answer = await kitFor(stops(1), [makeProduct({ packs: [{ sku: 'one', count: 1, price: 500, stock: 0 }] })]);
		expect(answer.open).toEqual([{ socket: 's0', why: 'out of stock' }]);
	});

	it('when the shelf holds 2 lamps for 3 sockets, 2 are served', async () => {
		const answer = await kitFor(stops(3), [makeProduct({ packs: [{ sku: 'one', count: 1, price: 500, stock: 2 }] })]);
		expect(answer.open).toHaveLength(1);
		expect(answer.total).toBe(1000);
	});
});

describe('pairs and choices', () => {
	const pair = [STOP_SOCKET, { ...STOP_SOCKET, id: 'stop-R', side: 'right' }];

	it('left and right get the same product even where two singles would be cheaper apart', async () => {
		const only = (id: string) => makeProduct({ id, packs: [{ sku: `${id}-1`, count: 1, price: 100, stock: 1 }] });
		const two = makeProduct({ id: 'two', packs: [{ sku: 'two-2', count: 2, price: 900, stock: 1 }] });
		expect(lines(await kitFor(pair, [only('a'), only('b'), two]))).toEqual(['1 x two-2, 0 spare']);
	});

	it('a choice by hand stands, and the rest is worked out around it', async () => {
		const cheap = makeProduct({ id: 'cheap', packs: [{ sku: 'cheap-1', count: 1, price: 100, stock: 9 }] });
		const dear = makeProduct({ id: 'dear', packs: [{ sku: 'dear-1', count: 1, price: 900, stock: 9 }] });
		const choices = { s0: { kind: 'product' as const, product: dear.id } } as KitOrder['choices'];
		expect((await kitFor(stops(2), [cheap, dear], { choices })).total).toBe(1000);
	});

	it('a socket left stock is open with its reason', async () => {
		const choices = { s0: { kind: 'stock' as const, reason: 'as the customer wishes' } } as KitOrder['choices'];
		const answer = await kitFor(stops(1), [makeProduct()], { choices });
		expect(answer.open).toEqual([{ socket: 's0', why: 'stays stock: as the customer wishes' }]);
	});

	it('nothing that wants a check by hand is chosen unless a person chooses it', async () => {
		const unsure = makeProduct({ flux: undefined });
		expect((await kitFor(stops(1), [unsure])).open[0]?.why).toContain('check by hand');
		const choices = { s0: { kind: 'product' as const, product: unsure.id } } as KitOrder['choices'];
		expect((await kitFor(stops(1), [unsure], { choices })).lines[0]?.verdict).toBe('unknown');
	});

	it('a refused product is not taken even when a person asks', async () => {
		const wrong = makeProduct({ fits: ['H7'] });
		const choices = { s0: { kind: 'product' as const, product: wrong.id } } as KitOrder['choices'];
		expect((await kitFor(stops(1), [wrong], { choices })).open[0]?.why).toContain('is refused here');
	});
});

describe('parts', () => {
	const monitored = (minCurrent: number, ids: string[]) => ({
		channels: [
			{
				id: 'stop',
				feeds: ids.map((socket) => ({ socket, function: 'stop' })),
				feed: { kind: 'steady' },
				monitor: { kind: 'hot', minCurrent }
			}
		]
	});
	const resistor = makeAccessory({ id: 'R12', kind: 'resistor', resistance: 12, rating: 100 });

	it('one load serves two lamps on an output that wants 1.2 A: 2 x 0.21 A + 1.05 A with the engine off', async () => {
		const answer = await kitFor(stops(2), [makeProduct()], {}, [resistor] as never[], monitored(1.2, ['s0', 's1']));
		expect(lines(answer)).toEqual(['2 x led-1, 0 spare', '1 x R12-1, 0 spare']);
	});

	it('without a load on sale the sockets stay open, and the reason is said', async () => {
		const answer = await kitFor(stops(1), [makeProduct()], {}, [], monitored(1.2, ['s0']));
		expect(answer.open[0]?.why).toContain('needs a part that nobody sells here');
	});

	it('a load rated too low for its heat is no remedy', async () => {
		const weak = makeAccessory({ id: 'R12w', kind: 'resistor', resistance: 10, rating: 25 });
		const answer = await kitFor(stops(1), [makeProduct()], {}, [weak] as never[], monitored(1.2, ['s0']));
		expect(answer.lines).toEqual([]);
	});

	it('a pulsed feed brings a smoothing module for each lamp', async () => {
		const module = makeAccessory({ id: 'PM', kind: 'pwm-module', fits: { categories: ['P21W'] } });
		const pulsed = {
			channels: [
				{
					id: 'p',
					feeds: [
						{ socket: 's0', function: 'stop' },
						{ socket: 's1', function: 'stop' }
					],
					feed: { kind: 'pwm', frequency: 100, duty: { stop: 0.9 } },
					monitor: { kind: 'none' }
				}
			]
		};
		const answer = await kitFor(stops(2), [makeProduct()], {}, [module] as never[], pulsed);
		expect(lines(answer)).toContain('2 x PM-1, 0 spare');
	});

	it('one LED flasher with the right pins may stand for four resistors, and is chosen for ease', async () => {
		const turn = ['left', 'right'].flatMap((side) =>
			['front', 'rear'].map((zone) => ({
				...STOP_SOCKET,
				id: `${zone}-${side}`,
				side,
				zone,
				functions: ['turn'],
				lens: 'amber'
			}))
		);
		const channels = ['left', 'right'].map((side) => ({
			id: side,
			feeds: turn.filter((t) => t.side === side).map((t) => ({ socket: t.id, function: 'turn' })),
			feed: { kind: 'steady' },
			monitor: { kind: 'flasher' }
		}));
		const lamp = makeProduct({ colour: { kind: 'amber', peak: 592 }, flux: { claimed: 300 }, power: { at13v5: 4 } });
		const flasher = makeAccessory({
			id: 'FL',
			kind: 'flasher',
			scope: 'vehicle',
			fits: { pins: 3 },
			packs: [{ sku: 'FL-1', count: 1, price: 1800, stock: 2 }]
		});
		const more = { channels, flasher: { kind: 'plug-in', pins: 3, thresholdCurrent: 2.6 } };
		const skus = async (order: Partial<KitOrder>, pins: number) =>
			(
				await kitFor(turn, [lamp], order, [resistor, flasher] as never[], {
					...more,
					flasher: { ...more.flasher, pins }
				})
			).lines.map((l) => l.sku);
		expect(await skus({ balance: 'ease' }, 3)).toContain('FL-1');
		expect(await skus({ balance: 'ease' }, 2)).not.toContain('FL-1');
	});
});

describe('a budget', () => {
	it('is spent where the light is used most: the high stop waits for the stop lamps', async () => {
		const sockets = [...stops(1), { ...STOP_SOCKET, id: 'marker', side: 'centre', functions: ['tail'] }];
		const answer = await kitFor(sockets, [makeProduct()], { budget: 1000 as never });
		expect(answer.open).toEqual([{ socket: 'marker', why: 'the budget does not reach' }]);
	});
});

describe('the answer', () => {
	// Each vehicle in one scope and balance, each of those in turn; the bench goes through them all.
	it('holds for every demo vehicle, and for every scope and balance', async () => {
		const demo = demoDocument();
		const kitCase = {
			catalogue: compileCatalogue(demo.products),
			shop: { policy: demo.policy!, accessories: demo.accessories, currency: 'EUR' }
		};
		for (const [i, configuration] of demo.configurations.entries()) {
			const scope = (['vehicle', 'signals', 'cabin'] as const)[i % 3]!;
			const balance = (['price', 'ease'] as const)[i % 2]!;
			const order = { scope, balance, choices: {} };
			const answer = await kitOf({ configuration, ...kitCase }, order, solver);
			expect(checkKit({ answer, order, configuration, ...kitCase })).toEqual([]);
			expect([answer.gap, answer.complaints]).toEqual([0, []]);
		}
	});

	it('leaves every monitored output of every demo vehicle content, added up by hand', async () => {
		const demo = demoDocument();
		const shop = { policy: demo.policy!, accessories: demo.accessories, currency: 'EUR' };
		const catalogue = compileCatalogue(demo.products);
		for (const configuration of demo.configurations)
			for (const balance of ['price', 'ease'] as const) {
				const { lines } = await kitOf({ configuration, catalogue, shop }, { balance }, solver);
				const lampAt = (id: string) =>
					demo.products.find((p) => p.id === lines.find((l) => l.product && l.sockets.includes(id))?.product);
				const nominal = configuration.voltage ?? 12;
				const volts = (13.5 * nominal) / 12;
				const flasher = lines.some((l) => demo.accessories.find((a) => a.id === l.accessory)?.kind === 'flasher');
				for (const channel of configuration.channels) {
					const threshold =
						channel.monitor?.minCurrent ??
						(channel.monitor?.kind === 'flasher' ? configuration.flasher?.thresholdCurrent : undefined);
					if (threshold === undefined || (flasher && channel.monitor?.kind === 'flasher')) continue;
					let amperes = 0;
					for (const feed of channel.feeds) {
						const socket = configuration.sockets.find((s) => s.id === feed.socket)!;
						const minor = socket.functions.length > 1 && ['tail', 'front-position'].includes(feed.function);
						const led = lampAt(feed.socket);
						const category = categoryOrNull(socket.category);
						const stock = minor ? category?.wattsMinor : category?.watts;
						if (led)
							amperes +=
								((minor ? led.power?.minor : led.power?.at13v5) ?? 0) / volts +
								(minor ? 0 : (led.builtInLoad ?? 0) / 13.5);
						else if (stock) amperes += (stock / nominal) * (volts / nominal) ** 0.55;
					}
					for (const load of lines)
						for (const { pieces } of load.fitted?.filter((f) => f.channel === channel.id) ?? [])
							amperes += (volts * pieces) / demo.accessories.find((a) => a.id === load.accessory)!.resistance!;
					expect(amperes, `${configuration.id} ${channel.id} ${balance}`).toBeGreaterThanOrEqual(threshold - 1e-6);
				}
			}
	});

	it('has a part in the box for every need of every lamp in it', async () => {
		const demo = demoDocument();
		const shop = { policy: demo.policy!, accessories: demo.accessories, currency: 'EUR' };
		const catalogue = compileCatalogue(demo.products);
		for (const configuration of demo.configurations) {
			const { lines } = await kitOf({ configuration, catalogue, shop }, {}, solver);
			for (const line of lines.filter((l) => l.product))
				for (const id of line.sockets) {
					const socket = configuration.sockets.find((s) => s.id === id)!;
					const candidate = matchSocket({ configuration, catalogue, shop }, socket).candidates.find(
						(c) => c.product.id === line.product
					)!;
					expect(['fits', 'parts']).toContain(candidate.verdict);
					for (const { need } of candidate.findings) {
						if (!need || need.kind === 'load') continue;
						const category = categoryOrNull(socket.category)!;
						const helps = partsFor(need, { category, configuration }, demo.accessories).map((a) => a.id as string);
						const inBox = lines.some((l) => l.accessory && helps.includes(l.accessory) && l.sockets.includes(id));
						expect(inBox, `${configuration.id} ${id} ${need.kind}`).toBe(true);
					}
				}
		}
	});

	it('names runners-up that differ, none of them better', async () => {
		const other = makeProduct({
			id: 'dear',
			name: 'Dear lamp',
			maker: 'Another maker',
			packs: [{ sku: 'dear-1', count: 1, price: 1700, stock: 9 }]
		});
		const kitCase = {
			configuration: makeConfiguration(stops(1)),
			catalogue: compileCatalogue([makeProduct(), other]),
			shop: makeShop()
		};
		const kit = await assembleKit(kitCase, ORDER, { solver, runnersUp: 2 });
		expect(kit.ok && kit.value.runnersUp).toEqual([
			{ total: 1700, differs: ['Rear stop: Dear lamp instead of Red lamp'] }
		]);
	});
});

describe('checkKit', () => {
	it('finds what is planted in a good kit', async () => {
		const kitCase = {
			configuration: makeConfiguration(stops(2)),
			catalogue: compileCatalogue([makeProduct()]),
			shop: makeShop()
		};
		const good = await kitOf(kitCase, {}, solver);
		const check = (answer: typeof good) => checkKit({ answer, order: ORDER, ...kitCase });
		const [line] = good.lines as [(typeof good.lines)[number]];
		const wrongs = [
			{ ...good, total: good.total + 1 },
			{ ...good, lines: [{ ...line, spare: 1 }] },
			{ ...good, lines: [{ ...line, packs: 11, count: 11, price: 11000 }] },
			{ ...good, lines: [{ ...line, sockets: ['s0'] }] },
			{ ...good, lines: [line, line] },
			{ ...good, lines: [{ ...line, sku: 'nobody' }] }
		];
		expect(check(good)).toEqual([]);
		for (const wrong of wrongs) expect(check(wrong)).not.toEqual([]);
	});
});
