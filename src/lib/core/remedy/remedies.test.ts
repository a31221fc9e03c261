import { describe, expect, it } from 'vitest';
import { makeAccessory, makeConfiguration, makeProduct, makeShop } from '../../../../tests/support/make';
import { solver } from '../../../../tests/support/solver';
import { demoDocument } from '../../../../tests/support/demo';
import { vehicleCircuit, type FittedLamp } from '../circuit';
import { type Accessory, type Configuration, type Product } from '../model';
import { shopOf } from '../exchange';
import { bestUnder, compileCatalogue, matchConfiguration, NO_PREFERENCES } from '../match';
import {
	bestSet,
	complaintsOf,
	remedyTable,
	remedyVolts,
	REMEDY_WEIGHTS,
	withRemedies,
	type JudgedRemedy,
	type RemedyTable
} from '.';

const turnLamp = makeProduct({ id: 'amber', fits: ['PY21W'], power: { at13v5: 4.2 } });
const sockets = ['L', 'R'].flatMap((s) =>
	['front', 'rear'].map((at) => ({
		id: `${at}-${s}`,
		zone: at,
		side: s === 'L' ? 'left' : 'right',
		index: 1,
		functions: ['turn'],
		category: 'PY21W',
		lens: 'clear'
	}))
);
const car = (flasher: object) =>
	makeConfiguration(sockets, {
		channels: ['L', 'R'].map((s) => ({
			id: `turn-${s}`,
			feeds: ['front', 'rear'].map((at) => ({ socket: `${at}-${s}`, function: 'turn' })),
			feed: { kind: 'steady' },
			fuse: 15,
			monitor: { kind: 'flasher' }
		})),
		flasher
	});
const PLUG_IN = { kind: 'plug-in', pins: 3, thresholdCurrent: 2.6 };
const BODY = { kind: 'body-computer', thresholdCurrent: 2.6 };

function fitted(vehicle: Configuration, lamps: Iterable<[string, Product]>) {
	const map = [...lamps].map(([socket, product]) => [socket, { kind: 'product', product } as FittedLamp] as const);
	return vehicleCircuit(vehicle, { lamps: new Map(map), parts: [], faults: [] });
}
const allAmber = (vehicle: Configuration) =>
	fitted(
		vehicle,
		vehicle.sockets.map((s) => [s.id, turnLamp])
	);

const flasher3 = makeAccessory({
	id: 'FL3',
	kind: 'flasher',
	scope: 'vehicle',
	fits: { pins: 3 },
	packs: [{ sku: 'FL3', count: 1, price: 1900, stock: 3 }]
});
const flasher2 = makeAccessory({ id: 'FL2', kind: 'flasher', scope: 'vehicle', fits: { pins: 2 } });
const load = (ohms: number, more: object = {}) =>
	makeAccessory({
		id: `R${ohms}`,
		kind: 'resistor',
		resistance: ohms,
		rating: 60,
		packs: [{ sku: `R${ohms}`, count: 2, price: 900, stock: 9 }],
		...more
	});

const solved = async (vehicle: Configuration, accessories: Accessory[], loaded: Product[] = []) => {
	const given = { circuit: allAmber(vehicle), shop: makeShop({}, accessories), loaded: () => loaded };
	const table = remedyTable(given);
	return { given, table, best: await bestSet(given, table, { solver }) };
};

describe('remedies for fast flashing', () => {
	it('one LED flasher beats a load on each side', async () => {
		const { best, table } = await solved(car(PLUG_IN), [flasher3, flasher2, load(6), load(8)]);
		expect(table.complaints.map((c) => c.id)).toEqual(['turn-L hyperflash', 'turn-R hyperflash']);
		expect(best).toMatchObject({ price: 1900, gap: 0, left: [] });
		expect(best.remedies.map((r) => r.kind)).toEqual(['led-flasher']);
	});

	it('in a body computer there is none to change, and it says so; loads it is, in one pack of two', async () => {
		const { best, table } = await solved(car(BODY), [flasher3, load(6)]);
		expect(table.refused.map((r) => r.remedy.why)).toContainEqual(expect.stringContaining('in the body computer'));
		expect(best.remedies.map((r) => r.label)).toEqual(['R6 on the left turn signals', 'R6 on the right turn signals']);
		expect(best.price).toBe(900);
	});

	it('other pins do not help, and a load too weak, or one of 4 ohm that comes to 206 C, is not offered', async () => {
		const { table } = await solved(car(PLUG_IN), [flasher2, load(39), load(6, { id: 'weak', rating: 10 }), load(4)]);
		expect(table.refused.map((r) => r.remedy.why)).toContainEqual('no LED flasher with 3 pins is on sale');
		expect(table.remedies.map((r) => r.kind)).toEqual(['filament', 'filament']);
	});

	it('a remedy holds with the engine off as well: 6 ohm give 2.25 A at 13.5 V, and 2.10 A at 12.6 V, 2.77 A in all of 2.8', async () => {
		const { table } = await solved(car({ ...BODY, thresholdCurrent: 2.8 }), [load(6)]);
		const offered = table.remedies.filter((r) => r.kind === 'load').map((r) => r.id);
		expect(offered).not.toContain('load R6 turn-L x1');
		expect(offered).toContain('load R6 turn-L x2');
	});

	it('lamps with a load of their own end it without a part, and their price counts beyond the ones they replace', async () => {
		const own = (price: number) =>
			makeProduct({
				...turnLamp,
				id: 'own',
				name: 'Own load',
				builtInLoad: 16,
				packs: [{ sku: 'own', count: 1, price, stock: 9 }]
			});
		const cheap = await solved(car(BODY), [load(6)], [own(1100)]);
		expect(cheap.best.remedies.map((r) => r.kind)).toEqual(['loaded-lamp', 'loaded-lamp']);
		expect(cheap.best.price).toBe(4 * (1100 - 1000));
		const dear = await solved(car(BODY), [load(6)], [own(9000)]);
		expect(dear.best.remedies.map((r) => r.kind)).toEqual(['load', 'load']);
	});

	it('with nothing on sale the filament lamps go back, which is always there', async () => {
		const { best } = await solved(car(BODY), []);
		expect(best.remedies.every((r) => r.kind === 'filament')).toBe(true);
	});

	it('a stock vehicle has nothing to complain of, and nothing to remedy', async () => {
		const vehicle = car(PLUG_IN);
		const given = { circuit: vehicleCircuit(vehicle), shop: makeShop({}, [flasher3]), loaded: () => [] };
		const table = remedyTable(given);
		expect(table).toEqual({ complaints: [], remedies: [], refused: [] });
		expect(await bestSet(given, table, { solver })).toEqual({ remedies: [], price: 0, gap: 0, left: [] });
	});
});

/** Every subset of the remedies that ends every complaint, priced by hand; the cheapest. */
function bruteForce({ complaints, remedies }: RemedyTable): number {
	const endable = complaints.filter(({ id }) => remedies.some((r) => r.solves.includes(id)));
	let best = Infinity;
	for (let bits = 0; bits < 2 ** remedies.length; bits++) {
		const chosen = remedies.filter((_, i) => bits & (2 ** i));
		if (!endable.every(({ id }) => chosen.some((r) => r.solves.includes(id)))) continue;
		best = Math.min(best, chosen.reduce((sum, r) => sum + beyond(r), 0) + packsFor(chosen));
	}
	return best;
}
const beyond = (r: JudgedRemedy) =>
	Math.round(
		REMEDY_WEIGHTS.heat * r.heatWatts + REMEDY_WEIGHTS.minute * r.minutes + REMEDY_WEIGHTS.back * r.back.length
	);
function packsFor(chosen: readonly JudgedRemedy[]): number {
	const pieces = new Map<Accessory, number>();
	for (const { accessory } of chosen.flatMap((r) => r.parts)) pieces.set(accessory, (pieces.get(accessory) ?? 0) + 1);
	return [...pieces].reduce((sum, [{ packs }, n]) => sum + Math.ceil(n / packs[0]!.count) * packs[0]!.price, 0);
}

describe('the best set', () => {
	it('is the cheapest of all subsets', async () => {
		for (const thresholdCurrent of [1.5, 2.2, 2.6])
			for (const kind of [PLUG_IN, BODY]) {
				const { table, best } = await solved(car({ ...kind, thresholdCurrent }), [flasher3, load(4), load(6), load(8)]);
				const cost = best.remedies.reduce((sum, r) => sum + beyond(r), 0) + best.price;
				expect(table.remedies.length).toBeLessThan(16);
				expect(cost).toBe(bruteForce(table));
			}
	});

	it('ends every complaint it says it ends, on every demo vehicle with its best lamps, at rest and while charging', async () => {
		const demo = demoDocument();
		const shop = shopOf(demo);
		const catalogue = compileCatalogue(demo.products);
		for (const vehicle of demo.configurations) {
			const circuit = fitted(vehicle, bestUnder(matchConfiguration(vehicle, catalogue, shop), NO_PREFERENCES));
			const given = { circuit, shop, loaded: () => [] };
			const best = await bestSet(given, remedyTable(given), { solver });
			expect(best.gap, vehicle.id).toBe(0);
			for (const volts of remedyVolts(vehicle))
				expect(
					complaintsOf(withRemedies(circuit, best.remedies), volts).map((c) => c.id),
					vehicle.id
				).toEqual(best.left);
		}
	}, 60_000);
});
