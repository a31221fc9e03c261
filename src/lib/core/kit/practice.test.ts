import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { kitOf } from '../../../../tests/support/generate-kit';
import {
	makeAccessory,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	LOW_SOCKET,
	STOP_SOCKET
} from '../../../../tests/support/make';
import { solver } from '../../../../tests/support/solver';
import { kitOrder, type Accessory, type Configuration, type KitOrder, type Product } from '../model';
import { readDocument } from '../exchange';
import { compileCatalogue } from '../match';
import { checkKit, type KitCase } from '.';

type Loose = Record<string, unknown>;

/** The kit of a case, looked at by the independent check. */
async function signed(kitCase: KitCase, order: Partial<KitOrder> = {}) {
	const answer = await kitOf(kitCase, order, solver);
	expect(checkKit({ answer, order: kitOrder.parse(order), ...kitCase })).toEqual([]);
	return answer;
}

const caseOf = (configuration: Configuration, products: Product[], accessories: Accessory[] = []): KitCase => ({
	configuration,
	catalogue: compileCatalogue(products),
	shop: makeShop({}, accessories)
});

/** A case kept as a file. */
function kept(name: string): KitCase {
	const read = readDocument(JSON.parse(readFileSync(`tests/cases/${name}.json`, 'utf8')));
	if (!read.ok) throw new Error(JSON.stringify(read.error[0]));
	const { configurations, products, accessories, policy } = read.value;
	return {
		configuration: configurations[0] as Configuration,
		catalogue: compileCatalogue(products),
		shop: { ...makeShop(policy, accessories) }
	};
}

const bought = ({ lines }: { lines: { sku: string; packs: number }[] }) => lines.map((l) => `${l.packs} x ${l.sku}`);

describe('cases that went wrong once', () => {
	it('two lamps for stop and tail that both fit: four sockets are served, and proven', async () => {
		const answer = await signed(kept('empty-yet-proven-1'));
		expect(answer.open).toEqual([]);
		expect(answer.gap).toBe(0);
	});

	it('a cheaper 9 W lamp that the module cannot hold does not keep the 3.6 W one out: 2 x 2500 + 2 x 500', async () => {
		const answer = await signed(kept('empty-yet-proven-2'));
		expect(bought(answer)).toEqual(['2 x dear-1', '2 x M-1']);
		expect(answer.total).toBe(6000);
	});

	it.each([
		['budget-crash-1', 2420],
		['budget-crash-1', 2700],
		['budget-crash-1', 2960],
		['budget-crash-2', 2261]
	])('%s with a budget of %i is answered, within the budget', async (name, budget) => {
		const answer = await signed(kept(name), { budget: budget as never });
		expect(answer.total).toBeLessThanOrEqual(budget);
		expect(answer.gap).toBe(0);
	});
});

describe('whites', () => {
	const pair = [LOW_SOCKET, { ...LOW_SOCKET, id: 'low-R', side: 'right' }];
	const beam = (id: string, cct: number, price: number) =>
		makeHeadlampLed({
			id,
			colour: { kind: 'white', cct },
			packs: [{ sku: `${id}-2`, count: 2, price, stock: 9 }]
		});

	it('a weather colour stays out of the headlamps, however cheap', async () => {
		const answer = await signed(caseOf(makeConfiguration(pair), [beam('mist', 3000, 900), beam('day', 5700, 4900)]));
		expect(bought(answer)).toEqual(['1 x day-2']);
	});

	it('and goes in where a customer asks for such a white', async () => {
		const kitCase = caseOf(makeConfiguration(pair), [beam('mist', 3000, 900), beam('day', 5700, 4900)]);
		expect(bought(await signed(kitCase, { kelvin: 3000 as never }))).toEqual(['1 x mist-2']);
	});

	it("the shop's white is worth 2000 a lamp: 4300 K for 3500 less stays behind, for 4500 less it goes in", async () => {
		const sold = async (price: number) =>
			bought(await signed(caseOf(makeConfiguration(pair), [beam('warm', 4300, price), beam('day', 5700, 8000)])));
		expect(await sold(4500)).toEqual(['1 x day-2']);
		expect(await sold(3500)).toEqual(['1 x warm-2']);
	});
});

describe('loads', () => {
	const sides = ['left', 'right'] as const;
	const turns = sides.map((side) => ({
		...STOP_SOCKET,
		id: `turn-${side}`,
		side,
		functions: ['turn'],
		category: 'PY21W',
		lens: 'clear'
	}));
	const outputs = (more: Loose = {}) => ({
		channels: sides.map((side) => ({
			id: side,
			feeds: [{ socket: `turn-${side}`, function: 'turn' }],
			feed: { kind: 'steady' },
			fuse: 15,
			monitor: { kind: 'flasher', minCurrent: 1.2 }
		})),
		flasher: { kind: 'body-computer', checksInHazard: false },
		...more
	});
	const amber = (more: Loose = {}) =>
		makeProduct({
			fits: ['PY21W'],
			colour: { kind: 'amber', peak: 592 },
			flux: { claimed: 300, per: 'lamp' },
			size: { frontLength: 40, frontDiameter: 18 },
			...more
		});
	const resistor = (id: string, ohms: number, price: number, more: Loose = {}) =>
		makeAccessory({
			id,
			kind: 'resistor',
			resistance: ohms,
			rating: 50,
			packs: [{ sku: `${id}-1`, count: 1, price, stock: 9 }],
			...more
		});

	it('the cooler of two at one price: 10 ohm give 12.6 V / 10 = 1.26 A, 6 ohm give 2.1 A and 7 W more', async () => {
		const kitCase = caseOf(
			makeConfiguration(turns, outputs()),
			[amber()],
			[resistor('A6', 6, 500), resistor('B10', 10, 500)]
		);
		expect(bought(await signed(kitCase))).toContain('2 x B10-1');
	});

	it('left and right get the same, even where one of each would be cheaper', async () => {
		const last = { packs: [{ sku: 'A-1', count: 1, price: 100, stock: 1 }] };
		const kitCase = caseOf(
			makeConfiguration(turns, outputs()),
			[amber()],
			[resistor('A', 10, 0, last), resistor('B', 10, 900)]
		);
		expect(bought(await signed(kitCase))).toContain('2 x B-1');
	});

	it('none beyond its limit: 10 ohm on a stop lamp all day is 25 + 7 x 14.4^2 / 10 = 170 C, 39 ohm are 62 C', async () => {
		const stop = (wanted: number) =>
			makeConfiguration([STOP_SOCKET], {
				channels: [
					{
						id: 'stop',
						feeds: [{ socket: 'stop-L', function: 'stop' }],
						feed: { kind: 'steady' },
						fuse: 15,
						monitor: { kind: 'hot', minCurrent: wanted }
					}
				]
			});
		const on = [resistor('R10', 10, 100), resistor('R39', 39, 900)];
		expect(bought(await signed(caseOf(stop(0.4), [makeProduct()], on)))).toContain('1 x R39-1');
		const without = await signed(caseOf(stop(1.2), [makeProduct()], on));
		expect(without.lines).toEqual([]);
		expect(without.open[0]?.why).toMatch(/no load or flasher/);
	});

	it('a decoder from the box does for one: 12.6 V / 10 ohm + 0.2 A pass 1.2 A, and nothing is bought beside it', async () => {
		const boxed = amber({ includes: [{ kind: 'decoder', resistance: 10 }] });
		expect(
			bought(await signed(caseOf(makeConfiguration(turns, outputs()), [boxed], [resistor('R', 10, 500)])))
		).toEqual(['2 x led-1']);
	});

	it('one flasher goes before four loads', async () => {
		const four = [...turns, ...turns.map((t) => ({ ...t, id: `front-${t.side}`, zone: 'front' }))];
		const channels = sides.map((side) => ({
			id: side,
			feeds: [
				{ socket: `turn-${side}`, function: 'turn' },
				{ socket: `front-${side}`, function: 'turn' }
			],
			feed: { kind: 'steady' },
			fuse: 15,
			monitor: { kind: 'flasher' }
		}));
		const flasher = { kind: 'plug-in', pins: 3, thresholdCurrent: 2.6, reach: 'under the dash' };
		const unit = makeAccessory({ id: 'F', kind: 'flasher', scope: 'vehicle', fits: { pins: 3 } });
		const kitCase = caseOf(makeConfiguration(four, { channels, flasher }), [amber()], [resistor('R', 6, 500), unit]);
		expect(bought(await signed(kitCase))).toEqual(['4 x led-1', '1 x F-1']);
	});

	it('a sealed housing lets no load out: the socket stays open and says so', async () => {
		const sealed = turns.map((t) => ({ ...t, cap: { kind: 'stock-sealed', depth: 8 } }));
		const kitCase = caseOf(makeConfiguration(sealed, outputs()), [amber()], [resistor('R', 10, 500)]);
		expect((await kitOf(kitCase, {}, solver)).lines).toEqual([]);
	});
});

describe('a lamp that stays dark', () => {
	it('goes into no kit: 14 V to light are never there with the engine off', async () => {
		const answer = await signed(caseOf(makeConfiguration([STOP_SOCKET]), [makeProduct({ turnOn: 14 })]));
		expect(answer.lines).toEqual([]);
	});
});

describe('a bulb over the counter', () => {
	const walked = (socket: object) => ({ ...makeConfiguration([socket]), channels: [] });

	it('is sold with a signature though nobody recorded its output', async () => {
		const kitCase = caseOf(walked(STOP_SOCKET), [makeProduct()]);
		const answer = await kitOf(kitCase, { scope: 'sockets', sockets: ['stop-L'] as never }, solver);
		expect(answer.lines[0]).toMatchObject({ product: 'led', verdict: 'unknown' });
		expect((await kitOf(kitCase, {}, solver)).open[0]?.why).toMatch(/check by hand/);
	});

	it('is sold without one for the cabin, where nothing is monitored', async () => {
		const dome = { ...STOP_SOCKET, zone: 'cabin', functions: ['dome'], category: 'W5W', lens: 'clear' };
		const lamp = makeProduct({
			fits: ['W5W'],
			colour: { kind: 'white', cct: 4300 },
			flux: { claimed: 60, per: 'lamp' },
			power: { at13v5: 0.8 },
			size: { frontLength: 25, frontDiameter: 9 }
		});
		expect((await signed(caseOf(walked(dome), [lamp]))).lines[0]).toMatchObject({ product: 'led', verdict: 'fits' });
	});
});
