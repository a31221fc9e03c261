import { describe, expect, it } from 'vitest';
import { compileCatalogue, matchConfiguration, NO_FIELD, type Field } from '.';
import {
	found,
	gate,
	judgeIn,
	LOW_SOCKET,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../tests/support/make';

const stop = (socket: Record<string, unknown> = {}, product: Record<string, unknown> = {}, more = {}) =>
	judgeIn(
		makeConfiguration([{ ...STOP_SOCKET, ...socket }], more),
		makeProduct({ colour: { kind: 'red', peak: 631 }, ...product })
	);
const low = (socket: Record<string, unknown> = {}, product: Record<string, unknown> = {}, shop = makeShop()) =>
	judgeIn(makeConfiguration([{ ...LOW_SOCKET, ...socket }]), makeHeadlampLed(product), shop);

describe('size', () => {
	const size = { frontLength: 42, frontDiameter: 18, lightCentre: 25, rearLength: 44, rearDiameter: 42 };
	const cap = { id: 'CP', kind: 'cap', scope: 'lamp', extraDepth: 25, packs: [] } as never;

	it.each([
		['clears', {}, {}, []],
		['too long in front', {}, { size: { ...size, frontLength: 50 } }, ['refuse size.front.hits']],
		['too wide for the hole', {}, { size: { ...size, frontDiameter: 20.5 } }, ['refuse size.front.hits']],
		['length not given', {}, { size: { ...size, frontLength: undefined } }, ['unknown size.front.unknown']],
		[
			'room not measured, and wider than the H11 it replaces',
			{ envelope: undefined },
			{},
			['unknown size.front.unknown', 'unknown size.rear.unknown']
		],
		['too wide behind', {}, { size: { ...size, rearDiameter: 70 } }, ['refuse size.rear.hits']],
		['light centre 1.5 mm off', {}, { size: { ...size, lightCentre: 26.5 } }, ['unknown size.focus.doubtful']],
		['light centre 4 mm off', {}, { size: { ...size, lightCentre: 29 } }, ['refuse size.focus.lost']]
	])('%s', (_, socket, product, trouble) => {
		const notPassed = [...new Set(gate(low(socket, product), 'size').filter((text) => !text.startsWith('pass')))];
		expect(notPassed).toEqual(trouble);
	});

	it('a fan wants 10 mm more than its length: 44 + 10 mm in 50 mm needs a cap that adds 4 mm', () => {
		const shallow = { envelope: { ...LOW_SOCKET.envelope, rearDepth: 50 } };
		expect(gate(low(shallow), 'size')).toContain('refuse size.rear.hits');
		const withCap = low(shallow, {}, makeShop({}, [cap]));
		expect(found(withCap, 'size.rear.cap')?.need).toEqual({ kind: 'cap', extraDepth: 4 });
	});

	it.each([
		['right as it locks', 0, 'fixed', 'pass size.clock.right'],
		['30 degrees off, collar turns', 30, 'adjustable', 'needs size.clock.turn'],
		['8 degrees off, fixed', 8, 'fixed', 'unknown size.clock.near'],
		['30 degrees off, fixed', 30, 'fixed', 'refuse size.clock.wrong'],
		['key not known, collar turns', undefined, 'adjustable', 'needs size.clock.set'],
		['key not known, fixed', undefined, 'fixed', 'unknown size.clock.unknown']
	])('emitters: %s', (_, keyAngle, collar, expected) => {
		const lamp = { emission: 'sided', collar, emitterAngle: 90 };
		expect(gate(low({ keyAngle }, lamp), 'size')).toContain(expected);
	});

	it('a lamp in a holder has no body behind it to judge', () => {
		expect(gate(stop(), 'size').filter((text) => text.includes('rear'))).toEqual([]);
	});
});

describe('colour', () => {
	const white = { kind: 'white', cct: 6000 };

	it.each([
		['red behind red', {}, {}, 'pass colour.inside'],
		['amber behind red is never red', {}, { colour: { kind: 'amber', peak: 592 } }, 'refuse colour.outside'],
		[
			'cool white behind red leans on a deep red lens',
			{},
			{ colour: white, flux: { claimed: 900, per: 'lamp' } },
			'unknown colour.leans-on-lens'
		],
		['a lens nobody has measured', { lens: 'violet' }, {}, 'unknown colour.lens-unknown'],
		['lens not known', { lens: undefined }, {}, 'unknown colour.lens-unknown'],
		['colour not given', {}, { colour: undefined }, 'unknown colour.source-unknown'],
		['white without a temperature', {}, { colour: { kind: 'white' } }, 'unknown colour.source-unknown'],
		['market without rules', {}, {}, 'unknown colour.no-rules', { market: 'XX' }]
	])('%s', (_, socket, product, expected, more: object = {}) => {
		expect(gate(stop(socket, product, more), 'colour')).toContain(expected);
	});

	it('cool white behind an amber lens leaves amber', () => {
		const turn = { functions: ['turn'], lens: 'amber' };
		expect(gate(stop(turn, { colour: white, flux: { claimed: 500, per: 'lamp' } }), 'colour')).toContain(
			'refuse colour.outside'
		);
		expect(gate(stop(turn, { colour: { kind: 'amber', peak: 592 } }), 'colour')).toContain('pass colour.inside');
	});

	it('a red turn lamp at the rear is for the US family only', () => {
		const turn = { functions: ['turn'], lens: 'red' };
		expect(gate(stop(turn), 'colour')).toContain('refuse colour.outside');
		expect(gate(stop(turn, {}, { market: 'US' }), 'colour')).toContain('pass colour.inside');
	});

	it('compares what survives the lens with the filament lamp: 130 lm red x 0.80 against 460 lm x 0.198', () => {
		const data = found(stop(), 'colour.light.enough')?.data as { lumens: number; stock: number; ratio: number };
		expect(data.stock).toBeCloseTo(460 * 0.198, 0);
		expect(data.lumens).toBeCloseTo(130 * 0.802, 0);
		expect(data.ratio).toBeCloseTo(1.145, 1);
	});

	it.each([
		[30, 'refuse colour.light.lost'],
		[60, 'unknown colour.light.doubtful'],
		[100, 'pass colour.light.enough']
	])('%i lm of red for a P21W: %s', (claimed, expected) => {
		expect(gate(stop({}, { flux: { claimed, per: 'lamp' } }), 'colour')).toContain(expected);
	});

	it('a claim is cut to 100 lm per watt, and halved when it is for a pair', () => {
		const cut = found(stop({}, { flux: { claimed: 5000, per: 'lamp' } }), 'colour.light.enough');
		expect((cut?.data as { basis: string }).basis).toBe('capped');
		expect(gate(stop({}, { flux: { claimed: 60, per: 'pair' } }), 'colour')).toContain('refuse colour.light.lost');
	});

	it('over 6500 K is refused for anything meant to be seen by', () => {
		const plate = { functions: ['licence-plate'], lens: 'clear', category: 'W5W' };
		const lamp = { fits: ['W5W'], colour: { kind: 'white', cct: 6600 }, flux: { claimed: 60, per: 'lamp' } };
		expect(gate(stop(plate, lamp), 'colour')).toContain('refuse colour.too-cool');
	});

	it('inside the vehicle another colour than before is for the customer to ask for', () => {
		const map = { zone: 'cabin', functions: ['map'], lens: 'clear', category: 'W5W' };
		expect(gate(stop(map, { fits: ['W5W'] }), 'colour')).toContain('unknown colour.cabin.other');
		expect(gate(stop(map, { fits: ['W5W'], colour: { kind: 'white', cct: 3000 } }), 'colour')).toContain(
			'pass colour.cabin.alike'
		);
	});
});

describe('electrics', () => {
	const channel = (
		monitor: Record<string, unknown>,
		feed: Record<string, unknown> = { kind: 'steady' },
		sockets = ['stop-L']
	) => ({
		channels: [
			{
				id: 'stop',
				feeds: sockets.map((socket) => ({ socket, function: 'stop' })),
				feed,
				monitor,
				message: 'Check stop lamp'
			}
		]
	});

	it('a hot monitor wants 1.1 A, the LED draws 2.6 W / 14.4 V = 0.18 A while charging: needs a load', () => {
		const candidate = stop({}, {}, channel({ kind: 'hot', minCurrent: 1.1 }));
		const data = found(candidate, 'electrics.hot')?.data as { present: number };
		expect(data.present).toBeCloseTo(2.6 / 14.4, 6);
		expect(candidate.verdict).toBe('parts');
	});

	it('two lamps share the threshold: 1.2 A passes with one of them stock, not with both changed', () => {
		const pair = [STOP_SOCKET, { ...STOP_SOCKET, id: 'stop-R', side: 'right' }];
		const both = judgeIn(
			makeConfiguration(pair, channel({ kind: 'hot', minCurrent: 1.2 }, undefined, ['stop-L', 'stop-R'])),
			makeProduct()
		);
		expect((found(both, 'electrics.hot')?.data as { present: number; lamps: number }).lamps).toBe(2);
		const other = [STOP_SOCKET, { ...STOP_SOCKET, id: 'stop-R', side: 'right', category: 'W21W' }];
		const alone = judgeIn(
			makeConfiguration(other, channel({ kind: 'hot', minCurrent: 1.2 }, undefined, ['stop-L', 'stop-R'])),
			makeProduct()
		);
		expect((found(alone, 'electrics.content')?.data as { present: number }).present).toBeCloseTo(
			2.6 / 12.6 + 1.75 * 1.05 ** 0.55,
			4
		);
	});

	it.each([
		['hot without its number', {}, channel({ kind: 'hot' }), 'unknown electrics.monitor-unknown'],
		[
			'cold check: an LED looks like a broken filament',
			{},
			channel({ kind: 'cold', maxOhm: 80 }),
			'needs electrics.cold'
		],
		[
			'cold check with a built-in load of 4 W, 46 ohm',
			{ builtInLoad: 4 },
			channel({ kind: 'cold', maxOhm: 80 }),
			'pass electrics.cold-content'
		],
		['power not given', { power: {} }, channel({ kind: 'hot', minCurrent: 1 }), 'unknown electrics.power-unknown'],
		[
			'pulsed to limit voltage',
			{},
			channel({ kind: 'none' }, { kind: 'pwm', frequency: 100, duty: { stop: 0.9 } }),
			'needs electrics.pwm'
		],
		[
			'pulses that carry brightness',
			{},
			channel({ kind: 'none' }, { kind: 'pwm', frequency: 100, duty: { stop: 0.2 } }),
			'unknown electrics.pwm-meaning'
		],
		[
			'pulsed, nobody knows how',
			{},
			channel({ kind: 'none' }, { kind: 'pwm', frequency: 100 }),
			'unknown electrics.pwm-unknown'
		]
	])('%s', (_, product, more, expected) => {
		expect(gate(stop({}, product, more), 'electrics')).toContain(expected);
	});

	it('a socket on no channel is not known', () => {
		const configuration = makeConfiguration([STOP_SOCKET]);
		const bare = { ...configuration, channels: [] };
		expect(gate(judgeIn(bare, makeProduct()), 'electrics')).toEqual(['unknown electrics.no-channel']);
	});

	it('front and rear LED on a flasher that wants 2.6 A a side: 2 x 0.31 A + 0.44 A is too little', () => {
		const turn = (id: string, zone: string, category: string) => ({
			...STOP_SOCKET,
			id,
			zone,
			category,
			functions: ['turn'],
			lens: 'clear'
		});
		const sockets = [turn('f', 'front', 'PY21W'), turn('r', 'rear', 'PY21W'), turn('s', 'side', 'WY5W')];
		const side = {
			id: 'turn-left',
			feeds: sockets.map((s) => ({ socket: s.id, function: 'turn' })),
			feed: { kind: 'steady' },
			monitor: { kind: 'flasher' }
		};
		const configuration = makeConfiguration(sockets, {
			channels: [side],
			flasher: { kind: 'plug-in', thresholdCurrent: 2.6 }
		});
		const lamp = makeProduct({
			fits: ['PY21W'],
			colour: { kind: 'amber', peak: 592 },
			flux: { claimed: 250 },
			power: { at13v5: 4.2 }
		});
		const data = found(judgeIn(configuration, lamp), 'electrics.flasher')?.data as { present: number };
		expect(data.present).toBeCloseTo(2 * (4.2 / 14.4) + (5 / 12) * 1.2 ** 0.55, 6);
	});
});

describe('heat', () => {
	const measured = [{ fact: 'power.at13v5', source: 'in-hand', on: '2026-03-02', by: 'N. Aske' }];

	// A P21W body is 8 to 16 K/W, the air of a rear lamp 30 to 50 C; its limit 115 C.
	it.each([
		['2.6 W: at most 50 + 2.6 x 16 = 92 C', {}, 'pass heat.cool'],
		['4 W: at most 114 C', { power: { at13v5: 4 } }, 'pass heat.cool'],
		['5 W: 70 to 130 C', { power: { at13v5: 5 } }, 'unknown heat.near'],
		['a built-in load of 6 W: 30 + 8.6 x 8 = 99 to 188 C', { builtInLoad: 6 }, 'unknown heat.near'],
		['12 W by its maker: 126 C at the least, but a claim', { power: { at13v5: 12 } }, 'unknown heat.claimed-hot'],
		['12 W measured: it cooks', { power: { at13v5: 12 }, evidence: measured }, 'refuse heat.hot'],
		[
			'no limit named, 2 W: 82 C of the 85 every LED bears',
			{ limit: undefined, power: { at13v5: 2 } },
			'pass heat.cool'
		],
		['no limit named, 2.6 W: 92 C', { limit: undefined }, 'unknown heat.near'],
		['no power given', { power: {} }, 'unknown heat.unknown']
	])('%s', (_, product, expected) => {
		expect(gate(stop({}, product), 'heat')).toEqual([expected]);
	});

	it('a dim mode that burns all night counts under the bright one: (3 x 1 + 1 x 1) W x 16 + 50 = 114 C of 115', () => {
		const two = { functions: ['stop', 'tail'], category: 'P21/5W' };
		const lamp = { fits: ['P21/5W'], modes: ['dual'], flux: { claimed: 160, minor: 20 } };
		const heat = (major: number, minor: number) =>
			gate(stop(two, { ...lamp, power: { at13v5: major, minor } }), 'heat');
		expect(heat(3, 1)).toEqual(['pass heat.cool']);
		expect(heat(3, 1.1)).toEqual(['unknown heat.near']);
	});

	it('a cap lets heat out: 16 W sealed 65 + 16 x 3 x 1.6 = 142 C of 130, extended 127; 18 W want a ported one, 124', () => {
		const sealed = (watts: number) => low({ cap: { kind: 'stock-sealed' } }, { power: { at13v5: watts } });
		expect(found(sealed(16), 'heat.cap')?.need).toEqual({ kind: 'cap', extraDepth: 0 });
		expect(found(sealed(18), 'heat.cap')?.need).toEqual({ kind: 'cap', extraDepth: 0, port: 1 });
	});

	it('what was measured or proved on this vehicle goes before the estimate', () => {
		const configuration = makeConfiguration([STOP_SOCKET]);
		const hot = makeProduct({ power: { at13v5: 12 }, evidence: measured });
		const at = { product: hot.id, configuration: configuration.id, socket: 'stop-L' };
		const judged = (field: Partial<Field>) => {
			const catalogue = compileCatalogue([hot], [], { ...NO_FIELD, ...field });
			const [match] = matchConfiguration(configuration, catalogue, makeShop());
			return gate(match!.candidates[0]!, 'heat');
		};
		// 88 C in air of 25 C is 88 + 50 - 25 = 113 C on a hot day.
		expect(judged({ readings: [{ ...at, body: 88, ambient: 25, minutes: 30 } as never] })).toEqual([
			'pass heat.measured'
		]);
		expect(judged({ readings: [{ ...at, body: 92, ambient: 25, minutes: 30 } as never] })).toEqual([
			'refuse heat.measured-hot'
		]);
		expect(judged({ readings: [{ ...at, body: 60, ambient: 25, minutes: 5 } as never] })).toEqual(['refuse heat.hot']);
		expect(judged({ followUps: [{ ...at, months: 12, answer: 'fine' }] })).toEqual(['pass heat.proved']);
		expect(judged({ followUps: [{ ...at, months: 12, answer: 'dim' }] })).toEqual(['refuse heat.hot']);
	});
});

describe('law and policy', () => {
	it.each([
		['signals-only', 'projector', 'refuse law.policy.signals-only'],
		['projectors', 'projector', 'pass law.policy.projector'],
		['projectors', 'reflector', 'refuse law.policy.reflector'],
		['projectors', undefined, 'unknown law.optic-unknown'],
		['proved', 'reflector', 'unknown law.policy.unproved']
	] as const)('policy %s, %s: %s', (headlamps, optic, expected) => {
		expect(gate(low({ optic }, {}, makeShop({ headlamps })), 'law')).toContain(expected);
	});

	it('fog lamps and markets may have a policy of their own', () => {
		const fog = { functions: ['fog'] };
		expect(gate(low(fog, {}, makeShop({ fog: 'signals-only' })), 'law')).toContain('refuse law.policy.signals-only');
		expect(gate(low({}, {}, makeShop({ markets: { UN: 'signals-only' } })), 'law')).toContain(
			'refuse law.policy.signals-only'
		);
	});

	it('a filament lamp is never held against a policy on LED', () => {
		const halogen = makeHeadlampLed({ kind: 'halogen', colour: undefined, flux: undefined, power: { at13v5: 60 } });
		const candidate = judgeIn(makeConfiguration([LOW_SOCKET]), halogen, makeShop({ headlamps: 'signals-only' }));
		expect(candidate.verdict).toBe('fits');
	});
});
