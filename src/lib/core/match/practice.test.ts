import { describe, expect, it } from 'vitest';
import type { Configuration, Product } from '../model';
import { compileCatalogue, factPath, matchConfiguration, nextFacts } from '.';
import {
	found,
	gate,
	judgeIn,
	LOW_SOCKET,
	makeAccessory,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../tests/support/make';

type Loose = Record<string, unknown>;

/** A car walked in a hurry: lamp, function and lens, and not a word about outputs or room. */
const bare = (id: string, zone: string, functions: string[], category: string, more: Loose = {}) => ({
	id,
	zone,
	side: 'left',
	index: 1,
	functions,
	category,
	lens: 'clear',
	...more
});
/** A vehicle nobody recorded an output of. */
const walked = (sockets: object[], more: object = {}) => ({
	...makeConfiguration(sockets, more),
	channels: []
});
const LOOKS = { looks: { lampOutMessage: 'none', headlampFeed: 'steady' } };

/** A small wedge LED of 5 W lamps, 26 x 9.5 mm; the W5W glass is 26.8 x 10.3 mm. */
const wedge = (more: Loose = {}) =>
	makeProduct({
		id: 'wedge',
		name: 'White wedge',
		fits: ['W5W'],
		colour: { kind: 'white', cct: 4300 },
		flux: { claimed: 60, per: 'lamp' },
		power: { at13v5: 0.8 },
		size: { frontLength: 26, frontDiameter: 9.5 },
		...more
	});

describe('a record with lamp, function and lens, and two looks', () => {
	const places = [
		bare('plate', 'rear', ['licence-plate'], 'W5W'),
		bare('reverse', 'rear', ['reverse'], 'W16W'),
		bare('stop', 'rear', ['stop'], 'P21W', { lens: 'red' }),
		bare('turn', 'rear', ['turn'], 'PY21W'),
		bare('dome', 'cabin', ['dome'], 'W5W')
	];
	const no = { size: { frontLength: 24, frontDiameter: 9.5 } };
	const products = [
		wedge(),
		wedge({ id: 'reverse-led', fits: ['W16W'], flux: { claimed: 400, per: 'lamp' }, power: { at13v5: 4 }, limit: 130 }),
		makeProduct({ id: 'stop-led', size: { frontLength: 40, frontDiameter: 18 } }),
		makeProduct({
			id: 'turn-led',
			fits: ['PY21W'],
			colour: { kind: 'amber', peak: 592 },
			flux: { claimed: 300, per: 'lamp' },
			...no
		})
	];
	const best = (more: object) =>
		Object.fromEntries(
			matchConfiguration(walked(places, more), compileCatalogue(products), makeShop()).map(({ socket, candidates }) => [
				socket.id,
				candidates[0]?.verdict
			])
		);

	it('sells every LED no bigger than the lamp it replaces', () => {
		const flasher = { flasher: { kind: 'body-computer', thresholdCurrent: 0.1 } };
		expect(best({ ...LOOKS, ...flasher })).toEqual({
			plate: 'fits',
			reverse: 'fits',
			stop: 'fits',
			turn: 'fits',
			dome: 'fits'
		});
	});

	it('before the looks sells none outside the cabin, and names the looks as what to find out next', () => {
		const { dome, ...outside } = best({});
		expect(dome).toBe('fits');
		expect(Object.values(outside)).toEqual(['unknown', 'unknown', 'unknown', 'unknown']);
		const [first] = nextFacts(walked(places), compileCatalogue(products), makeShop());
		expect(first && factPath(first)).toBe('looks.lampOutMessage');
		expect(first?.sockets).toEqual(expect.arrayContaining(['plate', 'reverse', 'stop']));
	});

	it('nothing is worth finding out once everything can be sold', () => {
		const sold = walked(places.slice(0, 3), LOOKS);
		expect(nextFacts(sold, compileCatalogue(products), makeShop())).toEqual([]);
	});
});

describe('the lamp that came out is the ruler', () => {
	const stop = (size: Loose, socket: Loose = {}) =>
		gate(
			judgeIn(makeConfiguration([{ ...STOP_SOCKET, envelope: undefined, ...socket }]), makeProduct({ size })),
			'size'
		);

	it('40 x 18 mm go where 52.5 x 26.5 mm of a P21W went, unmeasured', () => {
		expect(stop({ frontLength: 40, frontDiameter: 18 })).toContain('pass size.front.no-bigger');
	});

	it('60 mm are longer than the P21W: room is asked for', () => {
		expect(stop({ frontLength: 60, frontDiameter: 18 })).toContain('unknown size.front.unknown');
	});

	it('a room that was measured is the stricter ruler', () => {
		expect(
			stop({ frontLength: 40, frontDiameter: 18 }, { envelope: { frontLength: 35, frontDiameter: 30 } })
		).toContain('refuse size.front.hits');
	});

	it('a twist holder goes through its hole with the lamp: 24 mm do not pass 20 mm', () => {
		const holder = { retention: 'twist', envelope: { ...STOP_SOCKET.envelope, opening: 20 } };
		expect(stop({ frontLength: 40, frontDiameter: 24 }, holder)).toContain('refuse size.front.hits');
	});

	it('42 mm in a festoon holder of 39 mm bends the arms; 43 mm do not go', () => {
		const festoon = (length: number) =>
			gate(
				judgeIn(
					makeConfiguration([
						{ ...bare('plate', 'rear', ['licence-plate'], 'C5W'), envelope: { holderLength: 39, frontDiameter: 14 } }
					]),
					wedge({ fits: ['C5W'], size: { length, frontDiameter: 11 } })
				),
				'base'
			).filter((text) => !text.startsWith('pass'));
		expect(festoon(42)[0]).toMatch(/^unknown/);
		expect(festoon(43.5)[0]).toMatch(/^refuse/);
	});

	it('a lamp that shines from its end lights nothing of a beam, and may not of a reflector for signals', () => {
		const end = { emission: 'end' };
		expect(gate(judgeIn(makeConfiguration([LOW_SOCKET]), makeHeadlampLed(end)), 'size').join()).toContain(
			'refuse size.emission'
		);
		const signal = judgeIn(makeConfiguration([{ ...STOP_SOCKET, optic: 'reflector' }]), makeProduct(end));
		expect(gate(signal, 'size').join()).toContain('unknown size.emission');
	});

	it('an inline driver of a small lamp needs its place as well', () => {
		const driver = { driver: { where: 'inline', size: [60, 30, 12] } };
		const sealed = { ...STOP_SOCKET, cap: { kind: 'stock-sealed', depth: 10 } };
		expect(judgeIn(makeConfiguration([sealed]), makeProduct(driver)).verdict).not.toBe('fits');
	});

	it('fog lamps 20 degrees off want the wall, low beams are refused', () => {
		const off = { keyAngle: 20 };
		const fog = { ...LOW_SOCKET, functions: ['fog'], ...off };
		expect(gate(judgeIn(makeConfiguration([fog]), makeHeadlampLed()), 'size').join()).toMatch(/unknown size\.clock/);
		expect(gate(judgeIn(makeConfiguration([{ ...LOW_SOCKET, ...off }]), makeHeadlampLed()), 'size')).toContain(
			'refuse size.clock.wrong'
		);
	});
});

describe('heat as a range', () => {
	const plate = (power: Loose, product: Loose = {}, more: Loose = {}) =>
		judgeIn(
			makeConfiguration([bare('plate', 'rear', ['licence-plate'], 'W5W')], more),
			wedge({ power, limit: 85, ...product })
		);

	it('0.8 W in a small wedge: 45 + 0.8 x 35 = 73 C at the hottest passes 85 C', () => {
		expect(gate(plate({ at13v5: 0.8 }), 'heat').join()).toMatch(/pass/);
	});

	it('1.5 W: 25 + 1.5 x 18 = 52 C to 45 + 1.5 x 35 = 98 C is a reading, not a refusal', () => {
		expect(gate(plate({ at13v5: 1.5 }), 'heat').join()).toMatch(/unknown/);
	});

	it('claimed watts ask, watts measured in hand refuse: 25 + 4 x 18 = 97 C of 85 C even in the cold', () => {
		expect(plate({ at13v5: 4 }).verdict).toBe('unknown');
		const evidence = [{ fact: 'power.at13v5', value: 4, source: 'in-hand', on: '2026-03-02' }];
		expect(gate(plate({ at13v5: 4 }, { evidence }), 'heat').join()).toMatch(/refuse/);
	});
});

describe('contested facts', () => {
	const questioned = (first: string, second: string) => ({
		...STOP_SOCKET,
		functions: ['side-marker'],
		category: 'W5W',
		lens: first,
		evidence: [
			{ fact: 'lens', value: first, source: 'in-hand', on: '2026-03-02' },
			{ fact: 'lens', value: second, source: 'manual', on: '2026-03-01' }
		]
	});
	const marker = makeProduct({
		fits: ['W5W'],
		colour: { kind: 'amber', peak: 592 },
		flux: { claimed: 60, per: 'lamp' },
		power: { at13v5: 0.8 },
		size: { frontLength: 25, frontDiameter: 9 }
	});

	it('clear or red decides about an amber lamp behind it, so that nobody knows', () => {
		expect(judgeIn(makeConfiguration([questioned('clear', 'clear')]), marker).verdict).toBe('fits');
		const candidate = judgeIn(makeConfiguration([questioned('clear', 'red')]), marker);
		expect(found(candidate, 'colour.contested')?.level).toBe('unknown');
		expect(candidate.verdict).toBe('unknown');
	});

	it('amber or clear: either way the amber lamp fits, and that is no doubt', () => {
		const candidate = judgeIn(makeConfiguration([questioned('amber', 'clear')]), marker);
		expect(found(candidate, 'colour.contested')).toBeUndefined();
		expect(candidate.verdict).toBe('fits');
	});
});

describe('the order of the list', () => {
	const order = (configuration: Configuration, ...products: Product[]) =>
		matchConfiguration(configuration, compileCatalogue(products), makeShop())[0]?.candidates.map(
			(c) => `${c.product.id} ${c.verdict}`
		);

	it('right whites whose output nobody knows stand above ambers that are in doubt for their colour', () => {
		const cargo = walked([bare('cargo', 'luggage', ['cargo'], 'W5W', { lens: undefined })]);
		const amber = (id: string) => wedge({ id, colour: { kind: 'amber', peak: 592 } });
		expect(order(cargo, amber('a1'), amber('a2'), wedge(), amber('a3'))?.[0]).toMatch(/^wedge/);
	});

	it('of the refused, what fails by a hair stands before what does not enter', () => {
		const long = makeProduct({ id: 'long', size: { frontLength: 53, frontDiameter: 24 } });
		const other = makeProduct({ id: 'other', fits: ['PY21W'] });
		const listed = order(makeConfiguration([STOP_SOCKET]), other, long);
		expect(listed?.[0]).toBe('long refused');
	});

	it('a lamp sold for the cabin stands behind one sold for signals at the plate', () => {
		const plate = makeConfiguration([bare('plate', 'rear', ['licence-plate'], 'W5W')]);
		expect(
			order(plate, wedge({ id: 'cabin', purpose: ['cabin'] }), wedge({ id: 'signal', purpose: ['signal'] }))
		).toEqual(['signal fits', 'cabin fits']);
	});
});

describe('outputs and supplies', () => {
	const tailAndStop = (more: object) => ({ ...STOP_SOCKET, functions: ['stop', 'tail'], category: 'P21/5W', ...more });

	it('one feed of two recorded leaves the other contact unknown', () => {
		const vehicle = makeConfiguration([tailAndStop({ wiring: 'standard' })], {
			channels: [
				{
					id: 'stop',
					feeds: [{ socket: 'stop-L', function: 'stop' }],
					feed: { kind: 'steady' },
					monitor: { kind: 'none' }
				}
			]
		});
		const twin = makeProduct({ fits: ['P21/5W'], modes: ['dual'], power: { at13v5: 2.6, minor: 0.4 } });
		expect(judgeIn(vehicle, twin).verdict).toBe('unknown');
	});

	it('a lamp for 12 V is refused on 24 V, and on a lorry nobody asked about not known', () => {
		const at = (more: object) =>
			gate(judgeIn(makeConfiguration([STOP_SOCKET], more), makeProduct({ volts: [10, 16] })), 'electrics');
		expect(at({ voltage: 24 }).join()).toMatch(/refuse electrics\.supply|refuse electrics/);
		expect(at({ kind: 'lorry' }).join()).toMatch(/unknown/);
		expect(at({ voltage: 12 }).join()).not.toMatch(/refuse|unknown/);
	});

	it('a lamp that lights from 13 V is dark at 12.6 V with the engine off', () => {
		expect(judgeIn(makeConfiguration([STOP_SOCKET]), makeProduct({ turnOn: 13 })).verdict).not.toBe('fits');
	});

	it('a module from the box answers pulses that hold the voltage down; two brightnesses it would make one', () => {
		const pulsed = (functions: string[], duty: Loose) => ({
			channels: [
				{
					id: 'out',
					feeds: functions.map((f) => ({ socket: 'stop-L', function: f })),
					feed: { kind: 'pwm', frequency: 200, duty },
					monitor: { kind: 'none' }
				}
			]
		});
		const boxed = makeProduct({ includes: [{ kind: 'pwm-module', capacitance: 0.0022 }] });
		const steady = judgeIn(makeConfiguration([STOP_SOCKET], pulsed(['stop'], { stop: 0.92 })), boxed);
		expect(gate(steady, 'electrics')).toContain('pass electrics.pwm-in-box');
		const two = { ...STOP_SOCKET, functions: ['stop', 'tail'] };
		for (const functions of [
			['stop', 'tail'],
			['tail', 'stop']
		])
			expect(
				gate(judgeIn(makeConfiguration([two], pulsed(functions, { stop: 1, tail: 0.2 })), boxed), 'electrics')
			).toContain('refuse electrics.pwm-two-duties');
	});

	it('a load has to come out of a sealed housing', () => {
		const vehicle = makeConfiguration([{ ...STOP_SOCKET, cap: { kind: 'stock-sealed', depth: 10 } }], {
			channels: [
				{
					id: 'out',
					feeds: [{ socket: 'stop-L', function: 'stop' }],
					feed: { kind: 'steady' },
					monitor: { kind: 'hot', minCurrent: 1.1 }
				}
			]
		});
		const load = makeAccessory({ id: 'L', kind: 'resistor', resistance: 10, rating: 50 });
		expect(gate(judgeIn(vehicle, makeProduct(), makeShop({}, [load])), 'electrics').join()).toContain(
			'electrics.way-out'
		);
	});
});
