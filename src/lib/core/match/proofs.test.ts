import { describe, expect, it } from 'vitest';
import {
	LOW_SOCKET,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../tests/support/make';
import { proof, type Configuration, type Product, type Proof } from '../model';
import { checkedThings, compileCatalogue, matchConfiguration, NO_FIELD, triedHere, type Candidate } from '.';

const judged = (
	configuration: Configuration,
	product: Product,
	proofs: object[],
	shop = makeShop({ headlamps: 'proved' })
) => {
	const read = proof.array().parse(proofs) as Proof[];
	const catalogue = compileCatalogue([product], [], { ...NO_FIELD, proofs: read });
	return matchConfiguration(configuration, catalogue, shop).map(({ candidates }) => candidates[0]!);
};
const codes = ({ findings }: Candidate, start: string) =>
	findings.filter(({ code }) => code.startsWith(start)).map(({ code, level }) => `${level} ${code}`);

describe('the beam check of the policy "proved"', () => {
	const led = makeHeadlampLed();
	const vehicle = (more: object = {}, id = 'v') =>
		makeConfiguration(
			[
				{ ...LOW_SOCKET, ...more },
				{ ...LOW_SOCKET, id: 'low-R', side: 'right' }
			],
			{ id }
		);
	const at = vehicle();
	const check = (more: object = {}, configuration = at) => ({
		kind: 'beam-check',
		id: 'c1',
		configuration: configuration.id,
		on: '2026-11-20',
		by: 'M. Fenn',
		socket: 'low-L',
		product: led.id,
		light: {
			before: { points: { below: 100, above: 2 }, distance: 10 },
			after: { points: { below: 120, above: 2.2 }, distance: 10 }
		},
		pictures: { comparable: true, tilt: 0.3, rise: 0 },
		aim: { rule: 'un-r48-low-beam', height: 650, distance: 10, drop: 120 },
		about: checkedThings(led, configuration.sockets[0]!),
		...more
	});
	const law = (proofs: object[], configuration = at, product = led) =>
		judged(configuration, product, proofs).map((candidate) => codes(candidate, 'law.policy')[0]);

	it('without one nobody knows; with one it passes here and in the twin, and says who found what', () => {
		expect(law([])).toEqual(['unknown law.policy.unproved', 'unknown law.policy.unproved']);
		expect(law([check()])).toEqual(['pass law.policy.proved', 'pass law.policy.proved']);
		const [candidate] = judged(at, led, [check()]);
		expect(candidate!.verdict).toBe('fits');
		expect(candidate!.findings.find(({ code }) => code === 'law.policy.proved')?.source).toEqual({
			kind: 'beam-check',
			on: '2026-11-20',
			by: 'M. Fenn'
		});
	});

	it('an honest no refuses, and the newest word counts', () => {
		const no = check({ id: 'c2', on: '2026-11-21', pictures: { comparable: true, tilt: 4, rise: 0 } });
		expect(law([check(), no])[0]).toBe('refuse law.policy.disproved');
		expect(law([no, check({ on: '2026-11-25' })])[0]).toBe('pass law.policy.proved');
	});

	it('one that was not finished or signed never passes', () => {
		expect(law([check({ by: undefined })])[0]).toBe('unknown law.policy.proof-open');
		expect(law([check({ pictures: undefined })])[0]).toBe('unknown law.policy.proof-open');
		expect(law([check({ light: undefined })])[0]).toBe('unknown law.policy.proof-open');
	});

	it('asks again when lamp type or lamp unit changed', () => {
		const longer = makeHeadlampLed({ size: { ...led.size, lightCentre: 27 } });
		expect(law([check()], at, longer)[0]).toBe('unknown law.policy.proof-outdated');
		expect(law([check()], vehicle({ optic: 'reflector' }))[0]).toBe('unknown law.policy.proof-outdated');
		const dearer = makeHeadlampLed({
			packs: [{ sku: 'h11-9', count: 1, price: 9999, stock: 1 }],
			name: 'Another name'
		});
		expect(law([check()], at, dearer)[0]).toBe('pass law.policy.proved');
	});

	it('says nothing of another vehicle, unless it has the same lamp unit', () => {
		const unit = { id: 'headlamp-a', place: 'low' };
		const bare = vehicle({}, 'other');
		const [own, ...rest] = bare.sockets;
		const other = { ...bare, sockets: [{ ...own!, unit: unit as never }, ...rest] };
		expect(law([check()], other)[0]).toBe('unknown law.policy.unproved');
		const shared = check({ unit: 'headlamp-a low', about: checkedThings(led, other.sockets[0]!) });
		expect(law([shared], other)[0]).toBe('pass law.policy.proved');
	});

	it('is not asked for under another policy', () => {
		const [candidate] = judged(at, led, [check()], makeShop({ headlamps: 'signals-only' }));
		expect(codes(candidate!, 'law.policy')).toEqual(['refuse law.policy.signals-only']);
	});
});

describe('tests of every mode', () => {
	const led = makeProduct();
	const at = (monitor: object) =>
		makeConfiguration([STOP_SOCKET, { ...STOP_SOCKET, id: 'stop-R', side: 'right' }], {
			channels: [
				{
					id: 'stop',
					feeds: ['stop-L', 'stop-R'].map((socket) => ({ socket, function: 'stop' })),
					feed: { kind: 'steady' },
					monitor,
					message: 'Check stop lamps'
				}
			]
		});
	const open = at({ kind: 'hot' });
	const both = { 'stop-L': led.id, 'stop-R': led.id };
	const line = (round: string, complained: string[] = [], mode = 'brake') => ({
		mode,
		round,
		isAsExpected: complained.length === 0,
		complained
	});
	const test = (id: string, lines: object[], more: object = {}) => ({
		kind: 'mode-test',
		id,
		configuration: 'v',
		on: '2026-11-20',
		lamps: both,
		lines,
		...more
	});
	const quiet = test('t1', [line('at-once'), line('after-ten-minutes')]);
	const electrics = (proofs: object[], configuration = open) =>
		codes(judged(configuration, led, proofs)[0]!, 'electrics.').filter(
			(c) => !c.includes('fuse') && !c.includes('feed')
		);

	it('no message, cold and warm, answers what nobody could reckon', () => {
		expect(electrics([])).toContain('unknown electrics.monitor-unknown');
		expect(electrics([quiet])).toContain('pass electrics.tried-quiet');
	});

	it.each([
		['only cold', test('t', [line('at-once')])],
		['another mode', test('t', [line('at-once', [], 'reverse'), line('after-ten-minutes', [], 'reverse')])],
		['one of two places', test('t', quiet.lines, { lamps: { 'stop-L': led.id } })],
		['with a load in the output', test('t', quiet.lines, { parts: [{ accessory: 'load', channel: 'stop' }] })],
		[
			'where a plain lamp taken out brought no message',
			test('t', quiet.lines, { control: { channel: 'stop', complained: false } })
		],
		['on another vehicle', test('t', quiet.lines, { configuration: 'w' })]
	])('%s answers nothing', (_, proof) => {
		expect(electrics([proof])).toContain('unknown electrics.monitor-unknown');
	});

	it('a message that came speaks against a pass that was reckoned, and two tests that disagree leave it open', () => {
		const low = at({ kind: 'hot', minCurrent: 0.1 });
		const noisy = test('t2', [line('at-once', ['stop'])]);
		expect(electrics([], low)).toContain('pass electrics.content');
		expect(electrics([noisy], low)).toContain('unknown electrics.tried-message');
		expect(electrics([quiet, noisy])).toContain('unknown electrics.monitor-unknown');
	});

	it('are counted beside the verdict and in the ranking', () => {
		const [candidate] = judged(open, led, [quiet, { ...quiet, id: 't2' }, { ...quiet, id: 't3' }]);
		const { socket, product } = candidate!.cases;
		expect(triedHere(socket, product)).toEqual({ quiet: 3, complained: 0 });
		expect(triedHere(socket, { ...product, field: [] })).toBeNull();
	});
});

describe('temperatures', () => {
	const hot = makeProduct({ power: { at13v5: 12 } });
	const at = makeConfiguration([STOP_SOCKET]);
	const reading = (body: number, minutes: number) => ({
		kind: 'temperature',
		id: 't',
		configuration: 'v',
		on: '2026-11-20',
		socket: 'stop-L',
		product: hot.id,
		body,
		ambient: 25,
		minutes
	});
	const heat = (body: number, minutes: number) =>
		judged(at, hot, [reading(body, minutes)])[0]!.findings.find(({ gate }) => gate === 'heat')!;

	it('give the pairing its own thermal resistance, and go before the estimate', () => {
		const found = heat(88, 30);
		expect(found).toMatchObject({ code: 'heat.measured', level: 'pass' });
		expect((found.data as { resistance: number }).resistance).toBeCloseTo(63 / 12, 2);
		expect(heat(92, 30)).toMatchObject({ code: 'heat.measured-hot', level: 'refuse' });
	});

	it('taken on the way up are carried to where they end, and taken too early they say nothing', () => {
		// A bayonet comes to rest with 180 s: after 6 minutes 86 % of its rise.
		expect(heat(80, 6)).toMatchObject({ code: 'heat.measured' });
		expect(heat(84, 6)).toMatchObject({ code: 'heat.measured-hot' });
		expect(heat(60, 4).code).not.toContain('measured');
	});
});
