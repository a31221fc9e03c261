import { describe, expect, it } from 'vitest';
import {
	LOW_SOCKET,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../tests/support/make';
import { randomFrom } from '../../../../tests/support/random';
import type { KitAnswer } from '../kit';
import { checkedThings, compileCatalogue, NO_FIELD, type Shop } from '../match';
import { proof, type Configuration, type Product, type Proof } from '../model';
import { gatheredCheck, modeTestRows, proofsAt, provePlaces, proveRows, unprovedLines } from './prove';

const LED = makeHeadlampLed();
const STOP_LED = makeProduct();
const HIGH = { ...LOW_SOCKET, id: 'high-L', functions: ['high-beam'], category: 'HB3' };
const VEHICLE = makeConfiguration(
	[
		LOW_SOCKET,
		{ ...LOW_SOCKET, id: 'low-R', side: 'right' },
		HIGH,
		STOP_SOCKET,
		{ ...STOP_SOCKET, id: 'stop-R', side: 'right' },
		{ ...STOP_SOCKET, id: 'works-led', side: 'centre', state: 'factory-led', category: undefined }
	],
	{ id: 'v' }
);
const PROVED = makeShop({ headlamps: 'proved' });

const BEFORE = { points: { below: 100, above: 2 }, distance: 10 };
const AFTER = { points: { below: 120, above: 2.2 }, distance: 10 };
const AIM = { rule: 'un-r48-low-beam', height: 650, distance: 10, drop: 120 };

/** A beam check that holds, with differences. */
const check = (more: object = {}) => ({
	kind: 'beam-check',
	id: 'c1',
	configuration: 'v',
	on: '2026-11-20',
	by: 'M. Fenn',
	socket: 'low-L',
	product: LED.id,
	light: { before: BEFORE, after: AFTER },
	pictures: { comparable: true, tilt: 0.3, rise: 0 },
	aim: AIM,
	about: checkedThings(LED, VEHICLE.sockets[0]!),
	...more
});

const proofs = (given: readonly object[]): Proof[] => proof.array().parse(given) as Proof[];

/** How the lamps of a vehicle stand with some proofs, by the name of the place. */
function rows(given: readonly object[], { shop = PROVED, fitted = { 'low-L': LED.id, 'stop-R': STOP_LED.id } } = {}) {
	const read = proofs(given);
	const catalogue = compileCatalogue([LED, STOP_LED], [], { ...NO_FIELD, proofs: read });
	const cases = new Map([LED, STOP_LED].map(({ id }) => [id as string, catalogue.find(id)!]));
	return new Map(
		proveRows(VEHICLE, { shop, proofs: read, fitted, cases }).map((row) => [row.sockets[0], row] as const)
	);
}

describe('places where a lamp is proved', () => {
	it('are those with a lamp that can be changed, left and right as one; beams are asked for light, cut-offs for pictures', () => {
		const places = provePlaces(VEHICLE, PROVED);
		expect(places.map(({ sockets }) => sockets)).toEqual([['low-L', 'low-R'], ['high-L'], ['stop-L', 'stop-R']]);
		expect(places.map(({ isBeam, hasCutOff, wantsCheck }) => [isBeam, hasCutOff, wantsCheck])).toEqual([
			[true, true, true],
			[true, false, true],
			[false, false, false]
		]);
	});

	it('want a check where the policy of their market and kind of lamp says so, and nowhere else', () => {
		const wants = (policy: Partial<Shop['policy']>, configuration: Configuration = VEHICLE) =>
			provePlaces(configuration, makeShop(policy)).some(({ wantsCheck }) => wantsCheck);
		expect(wants({ headlamps: 'projectors' })).toBe(false);
		expect(wants({ headlamps: 'projectors', markets: { UN: 'proved' } })).toBe(true);
		expect(wants({ headlamps: 'proved', markets: { UN: 'signals-only' } })).toBe(false);
		const fog = makeConfiguration([{ ...LOW_SOCKET, id: 'fog-L', functions: ['fog'], category: 'H8' }]);
		expect([wants({ headlamps: 'projectors', fog: 'proved' }, fog), wants({ headlamps: 'proved' }, fog)]).toEqual([
			true,
			true
		]);
		expect(wants({ headlamps: 'proved', fog: 'signals-only' }, fog)).toBe(false);
	});
});

describe('how a lamp stands', () => {
	it('is open until somebody measured, whichever side it was; a signal lamp is asked for nothing', () => {
		const states = (given: readonly object[]) => {
			const { light, pictures, aim, heat, check: checked } = rows(given).get('low-L')!;
			return [light, pictures, aim, heat, checked];
		};
		expect(states([])).toEqual(['open', 'open', 'open', 'open', 'open']);
		const common = { configuration: 'v', on: '2026-11-20', product: LED.id };
		const light = { ...common, kind: 'light', id: 'l', socket: 'low-R', ...AFTER };
		const aim = { ...common, kind: 'aim', id: 'a', socket: 'low-L', ...AIM, traffic: 'right' };
		const heat = { ...common, kind: 'temperature', id: 't', socket: 'low-L', body: 80, ambient: 21, minutes: 20 };
		expect(states([light, aim, heat])).toEqual(['good', 'open', 'good', 'good', 'open']);
		// What was measured of another lamp says nothing of this one.
		expect(
			states([
				{ ...light, product: 'other' },
				{ ...aim, product: undefined }
			])
		).toEqual(Array(5).fill('open'));
		const stop = rows([light, aim, heat]).get('stop-L')!;
		expect([stop.light, stop.pictures, stop.aim, stop.heat, stop.check]).toEqual(Array(5).fill('not-wanted'));
		expect(rows([], { fitted: {} as never }).size).toBe(0);
	});

	it('is good by a check that holds, bad by one that does not, and open by one that is unfinished or of other things', () => {
		const state = (given: readonly object[]) => rows(given).get('low-L')!.check;
		expect(state([check()])).toBe('good');
		expect(state([check({ pictures: { comparable: true, tilt: 4, rise: 0 } })])).toBe('bad');
		expect(state([check({ aim: undefined })])).toBe('open');
		expect(state([check({ by: undefined })])).toBe('open');
		const changed = rows([check({ about: { ...check().about, unit: { optic: 'reflector' } } })]).get('low-L')!;
		expect(changed.check).toBe('open');
		expect(changed.words).toContain('changed since');
	});
});

describe('lamps of a kit that the policy wants proved', () => {
	const answer = (sockets: string[], product: Product = LED): Pick<KitAnswer, 'lines'> => ({
		lines: [
			{
				sku: `${product.id}-1`,
				name: product.name,
				product: product.id,
				sockets
			} as unknown as KitAnswer['lines'][number]
		]
	});
	const unproved = (given: readonly object[], sockets: string[], { shop = PROVED, product = LED } = {}) => {
		const catalogue = compileCatalogue([LED, STOP_LED], [], { ...NO_FIELD, proofs: proofs(given) });
		return unprovedLines(VEHICLE, answer(sockets, product), { shop, find: catalogue.find }).map(({ socket }) => socket);
	};

	it('are named place by place until a check holds; a signal lamp never is', () => {
		expect(unproved([], ['low-L', 'low-R', 'high-L'])).toEqual(['low-L', 'high-L']);
		expect(unproved([check()], ['low-L', 'low-R'])).toEqual([]);
		expect(unproved([check()], ['low-L', 'low-R', 'high-L'])).toEqual(['high-L']);
		expect(unproved([check({ socket: 'low-R' })], ['low-R'])).toEqual([]);
		expect(unproved([], ['stop-L'], { product: STOP_LED })).toEqual([]);
	});

	it('are not asked for under a signed exception, nor under another policy', () => {
		const exception = { words: 'On the owner’s own ground.', by: 'M. Fenn', on: '2026-11-20' } as never;
		expect(unproved([], ['low-L'], { shop: { ...PROVED, exception } })).toEqual([]);
		expect(unproved([], ['low-L'], { shop: makeShop({ headlamps: 'projectors' }) })).toEqual([]);
	});

	it('whatever is missing, changed or against it in a check, it is not proved', () => {
		const random = randomFrom(31);
		const flaws: ((c: ReturnType<typeof check>) => object)[] = [
			(c) => ({ ...c, by: undefined }),
			(c) => ({ ...c, aim: undefined }),
			(c) => ({ ...c, light: undefined }),
			(c) => ({ ...c, pictures: undefined }),
			(c) => ({ ...c, pictures: { comparable: false, tilt: null, rise: null } }),
			(c) => ({ ...c, pictures: { comparable: true, tilt: 2 + 9 * random(), rise: 0 } }),
			(c) => ({ ...c, aim: { ...AIM, drop: -50 - 300 * random() } }),
			(c) => ({ ...c, light: { before: BEFORE, after: { points: { below: 120, above: 40 }, distance: 10 } } }),
			(c) => ({ ...c, about: { ...c.about, product: { ...c.about.product, collar: 'turned' } } }),
			(c) => ({ ...c, product: 'another' }),
			(c) => ({ ...c, configuration: 'another' }),
			(c) => ({ ...c, socket: 'high-L' })
		];
		for (const flaw of flaws) expect(unproved([flaw(check())], ['low-L', 'low-R'])).toEqual(['low-L']);
	});
});

describe('what a check is gathered from', () => {
	const place = provePlaces(VEHICLE, PROVED)[0]!;
	const light = (socket: string, id: string, more: object = {}) => ({
		kind: 'light',
		id,
		configuration: 'v',
		on: '2026-11-20',
		socket,
		...BEFORE,
		...more
	});
	const gather = (given: readonly object[]) =>
		gatheredCheck(VEHICLE, { proofs: proofs(given), place, product: LED.id, shop: PROVED, by: 'M. Fenn' }).parts.light;

	it('holds a lamp against the one that was in the same housing, never against that of the other side', () => {
		const after = light('low-R', 'after', { product: LED.id, ...AFTER });
		expect(gather([light('low-L', 'left'), after])).toBeUndefined();
		expect(gather([light('low-L', 'left', { points: { below: 9 } }), light('low-R', 'right'), after])).toEqual({
			before: BEFORE,
			after: AFTER
		});
		expect(proofsAt(proofs([light('low-L', 'left'), after]), 'light', { sockets: ['low-L'] })).toHaveLength(1);
	});

	it('is open without anything, whatever the shop assumes', () => {
		const { check: standing } = gatheredCheck(VEHICLE, { proofs: [], place, product: LED.id, shop: PROVED, by: null });
		expect(standing.outcome).toBe('open');
	});
});

it('a test of every mode is whole when it was tried cold and warm, and names each mode once that went otherwise', () => {
	const line = (mode: string, round: string, isAsExpected: boolean) => ({ mode, round, isAsExpected });
	const test = (lines: object[]) => ({
		kind: 'mode-test',
		id: 'm',
		configuration: 'v',
		on: '2026-11-20',
		lamps: {},
		lines
	});
	const [row] = modeTestRows(
		proofs([
			test([line('stop', 'at-once', false), line('stop', 'after-ten-minutes', false), line('tail', 'at-once', true)]),
			check()
		])
	);
	expect(row).toMatchObject({ answered: 3, otherwise: ['stop'], isWhole: true });
	expect(modeTestRows(proofs([test([line('stop', 'at-once', true)])]))[0]?.isWhole).toBe(false);
});
