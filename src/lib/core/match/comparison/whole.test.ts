import { describe, expect, it } from 'vitest';
import {
	LOW_SOCKET,
	makeAccessory,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../../tests/support/make';
import { mired } from '../../quantity';
import {
	bestUnder,
	capOptions,
	colourMatrix,
	compileCatalogue,
	coverageByMaker,
	coverageByPart,
	coverageOf,
	matchConfiguration,
	matchSocket,
	NO_PREFERENCES,
	productCase,
	socketCase
} from '..';

const POSITION = {
	id: 'position',
	zone: 'front',
	side: 'centre',
	index: 1,
	functions: ['front-position'],
	category: 'W5W',
	lens: 'clear',
	optic: 'lens-only',
	envelope: { frontLength: 30, frontDiameter: 14 }
};
const pilot = (id: string, cct: number, more: object = {}) =>
	makeProduct({
		id,
		name: id,
		fits: ['W5W'],
		colour: { kind: 'white', cct },
		flux: { claimed: 60, per: 'lamp' },
		power: { at13v5: 0.9 },
		size: { frontLength: 25, frontDiameter: 11 },
		packs: [{ sku: `${id}-1`, count: 1, price: 500, stock: 4 }],
		...more
	});

describe('what a wish costs over a whole vehicle', () => {
	const products = [
		pilot('warm', 3000, { maker: 'One' }),
		pilot('middle', 4300, { maker: 'Two', packs: [{ sku: 'm', count: 1, price: 900, stock: 0 }] }),
		makeProduct({ maker: 'Two' })
	];
	const vehicle = makeConfiguration([POSITION, STOP_SOCKET]);
	const matches = matchConfiguration(vehicle, compileCatalogue(products), makeShop());
	const costs = (preferences: object) => {
		const { served, of, lost, changed } = coverageOf(matches, { ...NO_PREFERENCES, ...preferences });
		return { served, of, lost: lost.map((m) => m.socket), changed: changed.map((m) => m.socket) };
	};

	it.each([
		['nothing', {}, { served: 2, lost: [], changed: [] }],
		['only in stock', { inStock: true }, { served: 2, lost: [], changed: [] }],
		['4300 K throughout keeps coloured light', { kelvin: 4300 }, { served: 2, lost: [], changed: ['position'] }],
		['4300 K from the shelf', { kelvin: 4300, inStock: true }, { served: 1, lost: ['position'], changed: [] }],
		['one maker', { maker: 'One' }, { served: 1, lost: ['stop-L'], changed: [] }]
	])('%s', (_, preferences, expected) => expect(costs(preferences)).toMatchObject({ of: 2, ...expected }));

	it('each part by itself, then the whole wish', () => {
		const parts = coverageByPart(matches, { ...NO_PREFERENCES, kelvin: 4300, inStock: true });
		expect(parts.map((part) => [part.label, part.served])).toEqual([
			['only products in stock', 2],
			['4300 K throughout', 2],
			['only products in stock, 4300 K throughout', 1]
		]);
		expect(coverageByPart(matches, NO_PREFERENCES)).toEqual([]);
	});

	it('makers by what they could serve alone, and the best lamp a wish leaves', () => {
		expect(coverageByMaker(matches)).toEqual([
			{ maker: 'Two', served: 2 },
			{ maker: 'One', served: 1 }
		]);
		expect([...bestUnder(matches, { ...NO_PREFERENCES, maker: 'Two' }).values()].map((p) => p.id)).toEqual([
			'middle',
			'led'
		]);
	});

	it('a wish that leaves out parts keeps what fits as it is', () => {
		const fed = makeConfiguration([STOP_SOCKET], {
			channels: [
				{
					id: 'stop',
					feeds: [{ socket: 'stop-L', function: 'stop' }],
					feed: { kind: 'steady' },
					monitor: { kind: 'hot', minCurrent: 1 }
				}
			]
		});
		const own = matchConfiguration(fed, compileCatalogue(products), makeShop());
		expect(coverageOf(own, { ...NO_PREFERENCES, withoutParts: true })).toMatchObject({ of: 1, served: 0 });
	});
});

describe('whites seen together', () => {
	const vehicle = makeConfiguration([LOW_SOCKET, POSITION, STOP_SOCKET]);
	const { through } = compileCatalogue([]);

	it('filament beside filament: 3200 K and 2856 K are 37.6 mired apart, by hand', () => {
		const { places, pairs } = colourMatrix(vehicle, () => null, through);
		expect(places.map((p) => p.socket).sort()).toEqual(['low-L', 'position']);
		expect(pairs).toHaveLength(1);
		expect(pairs[0]?.mired).toBeCloseTo(mired(2856) - mired(3200), -1);
		expect(pairs[0]).toMatchObject({ sight: 'front, lights on', word: 'mismatch' });
	});

	it('the same LED in both looks alike; a cool one beside the filament lamp does not', () => {
		const white = (socket: { id: string }, cct: number) =>
			socket.id === 'low-L' ? makeHeadlampLed({ colour: { kind: 'white', cct } }) : pilot('p', cct);
		expect(colourMatrix(vehicle, (s) => white(s, 5000), through).pairs[0]?.word).toBe('alike');
		const mixed = colourMatrix(vehicle, (s) => (s.id === 'position' ? pilot('p', 6000) : null), through).pairs[0];
		expect(mixed?.word).toBe('mismatch');
		expect(mixed?.mired).toBeGreaterThan(120);
	});

	it('candidates carry it as a finding that never refuses, and the ranking counts it', () => {
		const catalogue = compileCatalogue([pilot('cool', 6000), pilot('warm', 3000)]);
		const list = matchSocket({ configuration: vehicle, catalogue, shop: makeShop() }, vehicle.sockets[1]!).candidates;
		expect(list.map((c) => c.product.id)).toEqual(['warm', 'cool']);
		expect(list.at(-1)?.findings.find((f) => f.code.startsWith('colour.beside'))).toMatchObject({
			level: 'pass',
			code: 'colour.beside.mismatch'
		});
	});
});

describe('ways to close the back of a lamp', () => {
	const sealed = { ...LOW_SOCKET, cap: { kind: 'stock-sealed' }, envelope: { ...LOW_SOCKET.envelope, rearDepth: 50 } };
	const caps = [
		makeAccessory({ id: 'deep', kind: 'cap', extraDepth: 25 }),
		makeAccessory({ id: 'shallow', kind: 'cap', extraDepth: 2 }),
		makeAccessory({ id: 'ported', kind: 'cap', extraDepth: 15, port: 24 }),
		makeAccessory({ id: 'other', kind: 'cap', extraDepth: 40, fits: { categories: ['H4'] } })
	];
	const compare = (socket: object, lamp: object = {}, shop = makeShop({}, caps)) => {
		const c = makeConfiguration([socket]);
		return capOptions(socketCase(c, c.sockets[0]!, { shop })!, productCase(makeHeadlampLed(lamp)));
	};

	it('tries each: the stock cap and a shallow one hit 54 mm of lamp and air, a deep one closes, none at all is no answer', () => {
		expect(compare(sealed).map((o) => [o.accessory ?? o.kind, o.depth, o.level])).toEqual([
			['stock', 50, 'refuse'],
			['deep', 75, 'pass'],
			['shallow', 52, 'refuse'],
			['ported', 65, 'pass'],
			['modified', null, 'unknown'],
			['none', null, 'refuse']
		]);
	});

	it('a modified cap costs work and material: 60.00 an hour x 25 min + 3.50 = 28.50', () => {
		expect(compare(sealed).find((o) => o.kind === 'modified')?.price).toBe(2850);
		const own = {
			...makeShop({}, caps),
			assumptions: { 'work.hour': { value: 12000, source: 'the shop' } }
		};
		expect(compare(sealed, {}, own).find((o) => o.kind === 'modified')?.price).toBe(5350);
	});

	it('heat differs by cap, in the middle 52 + 22 x 2 x 1.6 = 122 sealed, 1.3 extended 109, 1.1 ported 100', () => {
		const at = compare({ ...sealed, envelope: LOW_SOCKET.envelope }, { power: { at13v5: 22 } });
		expect(at.map((o) => Math.round(o.temperature ?? 0))).toEqual([122, 109, 109, 100, 100, 96]);
	});

	it('asks for nothing where nothing closes the back, and says what is not known', () => {
		expect(compare(LOW_SOCKET)).toEqual([]);
		const unknown = compare(sealed, { size: {}, limit: undefined });
		expect(unknown.find((o) => o.accessory === 'deep')).toMatchObject({ level: 'unknown' });
	});
});
