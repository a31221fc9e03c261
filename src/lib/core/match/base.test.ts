import { describe, expect, it } from 'vitest';
import {
	found,
	gate,
	judgeIn,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../tests/support/make';

const inSocket = (socket: Record<string, unknown>, product: Record<string, unknown>) =>
	judgeIn(makeConfiguration([{ ...STOP_SOCKET, ...socket }]), makeProduct(product));

describe('base: caps and interchange', () => {
	it.each([
		['P21W', ['P21W'], 'pass base.same', 'made for it'],
		['7506', ['P21W'], 'pass base.same', 'another number of the same lamp'],
		['P21W', ['1156'], 'pass base.other-electrics', 'the cap is the same, the power is not'],
		['R5W', ['P21W'], 'refuse base.wrong', 'four times the power in a small lamp'],
		['PY21W', ['P21W'], 'refuse base.cap', 'offset pins keep clear lamps out'],
		['P21/5W', ['P21W'], 'refuse base.no-fit', 'one contact against two'],
		['WY5W', ['W5W'], 'pass base.glass-only', 'only the glass differs, and an LED has none'],
		['W5W', ['W16W'], 'refuse base.wrong', 'enters and is too big'],
		['H11', ['H9'], 'refuse base.trim', 'a tab would have to be cut'],
		['H11', ['H8'], 'unknown base.check-ring', 'an LED ring that has to be seen to lock'],
		['P27W', ['3155'], 'pass base.one-base', 'cap, contacts and size agree, and no table forbids it'],
		['R5W', ['1141'], 'unknown base.untold', 'the caps agree, the glass does not'],
		['1156', ['P21W'], 'pass base.one-base', 'the table has it the other way round'],
		['912', ['W16W'], 'pass base.one-base', 'one base by way of 921'],
		['W16W', ['921'], 'pass base.other-electrics', 'an LED of the one stands in the other'],
		['194A', ['WY5W'], 'pass base.one-base', 'one base, colours aside'],
		['W5W', ['2825'], 'pass base.same', 'the same lamp'],
		['1157', ['P21/5W'], 'pass base.one-base', 'two contacts in both'],
		['7440', ['W21W'], 'pass base.same', 'the same lamp'],
		['WY21W', ['7440A'], 'needs base.key-look', 'made with two keys'],
		['WY21W', ['W21W'], 'refuse base.cap', 'another key'],
		['D2S', ['D2S'], 'refuse base.discharge', 'the ballast starts with 20 kV'],
		['H7', ['W5W'], 'refuse base.cap', 'another cap altogether'],
		['HB3', ['HB4'], 'refuse base.no-fit', '22 mm does not enter 20 mm'],
		['HB4', ['HB3'], 'refuse base.trim', 'the other direction has another reason']
	])('%s takes a lamp made for %s: %s, %s', (category, fits, expected) => {
		expect(gate(inSocket({ category }, { fits }), 'base')[0]).toBe(expected);
	});

	it('the best of several categories counts', () => {
		expect(gate(inSocket({}, { fits: ['PY21W', '1156', 'P21W'] }), 'base')[0]).toBe('pass base.same');
	});

	it('a category of low confidence is not known, however good the lamp', () => {
		const candidate = inSocket({ category: 'W1.2W' }, { fits: ['W1.2W'] });
		expect(gate(candidate, 'base')).toContain('unknown base.category-doubtful');
		expect(candidate.verdict).not.toBe('fits');
	});

	it('a category made on two caps has to be looked at', () => {
		expect(gate(inSocket({ category: '7440A' }, { fits: ['7440A'] }), 'base')).toContain('needs base.cap-uncertain');
	});

	it('an LED said to be made for the ballast wants a person', () => {
		const lamp = { fits: ['D2S'], name: 'Beam lamp, runs on the 35 W ballast' };
		expect(gate(inSocket({ category: 'D2S', functions: ['low-beam'] }, lamp), 'base')[0]).toBe('unknown base.ballast');
	});

	it('a filament lamp of the own category fits, whatever else is not known', () => {
		const bare = { id: 's', zone: 'rear', side: 'left', functions: ['stop', 'tail'], category: 'P21/5W' };
		const configuration = { ...makeConfiguration([bare], { market: 'XX' }), channels: [] };
		const lamp = makeProduct({
			kind: 'halogen',
			fits: ['P21/5W'],
			power: undefined,
			flux: undefined,
			colour: undefined,
			size: undefined,
			modes: undefined
		});
		expect(judgeIn(configuration, lamp).verdict).toBe('fits');
	});

	it('a holder that differs from housing to housing needs its adapter', () => {
		const socket = {
			...STOP_SOCKET,
			functions: ['low-beam'],
			zone: 'front',
			category: 'H7',
			optic: 'projector',
			lens: 'clear'
		};
		const candidate = judgeIn(makeConfiguration([socket]), makeHeadlampLed({ fits: ['H7'] }));
		expect(found(candidate, 'base.holder')?.need).toEqual({ kind: 'adapter' });
	});
});

describe('base: twin contacts', () => {
	const twin = (socket: string | undefined, lamp: string | undefined) =>
		gate(
			inSocket(
				{ category: 'W21/5W', functions: ['stop', 'tail'], wiring: socket },
				{ fits: ['W21/5W'], modes: ['dual'], wiring: lamp, power: { at13v5: 2.6, minor: 0.5 } }
			),
			'base'
		)[1];

	it.each([
		['standard', 'standard', 'pass base.wiring.same'],
		['crossed', 'crossed', 'pass base.wiring.same'],
		['crossed', 'standard', 'refuse base.wiring.differs'],
		['standard', 'crossed', 'refuse base.wiring.differs'],
		['standard', 'both', 'pass base.wiring.both'],
		[undefined, 'both', 'pass base.wiring.both'],
		[undefined, 'standard', 'unknown base.wiring.unknown'],
		['standard', undefined, 'unknown base.wiring.unknown']
	])('socket %s, lamp %s: %s', (socket, lamp, expected) => {
		expect(twin(socket, lamp)).toBe(expected);
	});
});

describe('base: functions', () => {
	const two = { category: 'P21/5W', functions: ['stop', 'tail'] };

	it.each([
		['one mode in two functions loses one', two, ['single'], 'refuse base.functions.lost'],
		['two modes serve both', two, ['dual'], 'pass base.functions.enough'],
		['two modes in one function may be fine', {}, ['dual'], 'pass base.functions.enough'],
		['modes not given are not known', two, undefined, 'unknown base.functions.unknown'],
		['a switchback has no place in stop and tail', two, ['switchback-a'], 'refuse base.functions.switchback']
	])('%s', (_, socket, modes, expected) => {
		const fits = [(socket as { category?: string }).category ?? 'P21W'];
		expect(gate(inSocket(socket, { fits, modes }), 'base')).toContain(expected);
	});

	it('one filament dimmed for two functions takes a lamp with one mode', () => {
		expect(gate(inSocket({ functions: ['stop', 'tail'] }, {}), 'base')).toContain('pass base.functions.enough');
	});

	it('a switchback that alternates white and amber is refused where it turns', () => {
		const socket = { category: 'P21/5W', functions: ['turn', 'front-position'], zone: 'front', lens: 'clear' };
		const lamp = { fits: ['P21/5W'], colour: { kind: 'amber', peak: 592 }, minorColour: { kind: 'white', cct: 6000 } };
		const level = (mode: string) => gate(inSocket(socket, { ...lamp, modes: [mode] }), 'law');
		expect(level('switchback-b')).toContain('refuse law.switchback-b');
		expect(level('switchback-a')).not.toContain('refuse law.switchback-b');
	});
});

describe('base: festoons', () => {
	const festoon = (holder: Record<string, unknown>, length: number | undefined, fits = ['C5W']) =>
		gate(
			judgeIn(
				makeConfiguration([{ ...STOP_SOCKET, zone: 'cabin', functions: ['dome'], lens: 'clear', ...holder }]),
				makeProduct({ fits, size: { length, frontDiameter: 10 }, colour: { kind: 'white', cct: 4300 } }),
				makeShop()
			),
			'base'
		);

	it.each([
		[{ category: 'festoon 36 mm' }, 37, 'pass base.festoon.seats'],
		[{ category: 'festoon 36 mm' }, 37.5, 'unknown base.festoon.bent'],
		[{ category: 'festoon 36 mm' }, 39, 'unknown base.festoon.bent'],
		[{ category: 'festoon 36 mm' }, 39.5, 'refuse base.festoon.too-long'],
		[{ category: 'festoon 36 mm', retention: 'push' }, 37.5, 'unknown base.festoon.strained'],
		[{ category: 'festoon 36 mm', retention: 'push' }, 38.5, 'refuse base.festoon.too-long'],
		[{ category: 'festoon 36 mm' }, 31, 'refuse base.festoon.too-short'],
		[{ category: 'festoon 36 mm' }, 41, 'refuse base.festoon.too-long'],
		[{ category: 'C5W', envelope: { holderLength: 39, frontDiameter: 12 } }, 39, 'pass base.festoon.seats'],
		[{ category: 'C5W' }, 36, 'unknown base.festoon.unknown'],
		[{ category: 'festoon 36 mm' }, undefined, 'unknown base.festoon.unknown'],
		[{ category: '561' }, 44, 'refuse base.festoon.ends']
	])('%o with %s mm: %s', (holder, length, expected) => {
		expect(festoon(holder, length)).toContain(expected);
	});
});
