import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import type { Configuration } from '../model';
import {
	cannotBeToldApart,
	checkDigitOf,
	differences,
	expectedLeft,
	lookQuestions,
	merge,
	narrow,
	readVin,
	split,
	vehicleWords
} from '.';

const make = (id: string, more: object = {}, sockets: object[] = [STOP_SOCKET]): Configuration =>
	makeConfiguration(sockets, { id, years: [2015, 2019], ...more });

describe('questions that a look answers', () => {
	const four = [
		make('a', { options: { headlamp: 'projector' }, market: 'UN', body: 'hatchback' }),
		make('b', { options: { headlamp: 'projector' }, market: 'UN', body: 'estate' }),
		make('c', { options: { headlamp: 'reflector' }, market: 'UN', body: 'hatchback' }),
		make('d', { options: { headlamp: 'reflector' }, market: 'US', body: 'hatchback' })
	];

	it('the one that halves the candidates is asked first', () => {
		expect(narrow(four, {}).next?.text).toBe('Is there a round lens in front of the low-beam lamp?');
		expect(narrow(four, { 'option:headlamp': 'reflector' }).next?.id).toBe('market');
		expect(narrow(four, { 'option:headlamp': 'reflector', market: 'US' })).toMatchObject({
			possible: [{ id: 'd' }],
			next: null
		});
	});

	it("don't know rules nothing out and is not asked again", () => {
		const { possible, next, answered } = narrow(four, { 'option:headlamp': 'unknown' });
		expect(possible).toHaveLength(4);
		expect(next?.id).not.toBe('option:headlamp');
		expect(answered).toEqual([expect.objectContaining({ answer: "don't know" })]);
	});

	it('a record that does not say stays possible', () => {
		const silent = [...four, make('e', { body: 'hatchback' })];
		expect(narrow(silent, { 'option:headlamp': 'projector' }).possible.map((c) => c.id)).toEqual(['a', 'b', 'e']);
	});

	it('lens colours, lamps that are there or not, years, and the steering wheel are looks', () => {
		const two = [
			make('a', { steering: 'left' }, [{ ...STOP_SOCKET, functions: ['turn'], lens: 'amber' }, LOW_SOCKET]),
			make('b', { steering: 'right', years: [2020, 2022], absent: ['front:low-beam'] }, [
				{ ...STOP_SOCKET, functions: ['turn'], lens: 'clear' }
			])
		];
		const texts = lookQuestions(two).map((q) => q.text);
		expect(texts).toContain('What colour is the lens over the rear turn lamp?');
		expect(texts).toContain('Does it have a front low beam lamp?');
		expect(texts).toContain('On which side is the steering wheel, seen from the driver’s seat?');
		expect(texts).toContain('Which model year is on the plate or in the papers?');
	});

	it('asking never leaves more than there were, and what is left answers to every answer given', () => {
		const any = fc.record({
			headlamp: fc.constantFrom('projector', 'reflector', undefined),
			market: fc.constantFrom('UN', 'US'),
			body: fc.constantFrom('hatchback', 'estate', undefined)
		});
		fc.assert(
			fc.property(fc.array(any, { minLength: 2, maxLength: 8 }), fc.nat(2), (list, pick) => {
				const all = list.map(({ headlamp, market, body }, i) =>
					make(`v${i}`, { market, ...(body ? { body } : {}), ...(headlamp ? { options: { headlamp } } : {}) })
				);
				const answers: Record<string, string> = {};
				let before = all.length;
				for (let at = narrow(all, answers); at.next; at = narrow(all, answers)) {
					expect(expectedLeft(at.next, at.possible)).toBeLessThan(at.possible.length);
					answers[at.next.id] = at.next.answers[pick % at.next.answers.length]?.id ?? 'unknown';
					expect(at.possible.length).toBeLessThanOrEqual(before);
					before = at.possible.length;
				}
				expect(narrow(all, answers).possible.length).toBeGreaterThan(0);
			})
		);
	});
});

describe('the vehicle identification number', () => {
	it('is taken apart, check digit and model year by the standard', () => {
		// The number of seventeen ones is the usual example of the rule: its weighted sum is 89, and 89 mod 11 is 1.
		expect(checkDigitOf('11111111111111111')).toBe('1');
		expect(readVin('0fh sk2p07j0000001', 2027)).toEqual({
			ok: true,
			value: { vin: '0FHSK2P07J0000001', maker: '0FH', descriptor: 'SK2P0', years: [2018, 1988], checkDigit: 'right' }
		});
	});

	it('one digit misread is noticed', () => {
		const digit = fc.constantFrom(...'0123456789');
		fc.assert(
			fc.property(fc.array(digit, { minLength: 17, maxLength: 17 }), fc.nat(16), digit, (digits, at, other) => {
				const vin = [...digits];
				vin[8] = checkDigitOf(vin.join(''));
				fc.pre(at !== 8 && vin[at] !== other);
				const misread = [...vin];
				misread[at] = other;
				expect(checkDigitOf(misread.join(''))).not.toBe(vin[8]);
			})
		);
	});

	it.each([
		['ABC', 'has 17 characters; this has 3'],
		['0FHSK2P07I0000001', 'Character 10, “I”']
	])('%s is said to be wrong', (vin, message) => {
		const read = readVin(vin, 2027);
		expect(!read.ok && read.error).toContain(message);
	});
});

describe('side by side', () => {
	it('lists what differs, a pair as one line', () => {
		const pair = (lens: string) => [
			{ ...STOP_SOCKET, lens },
			{ ...STOP_SOCKET, id: 'stop-R', side: 'right', lens }
		];
		const [a, b] = [make('a', {}, pair('red')), make('b', {}, [...pair('smoked'), LOW_SOCKET])];
		expect(differences([a, b])).toEqual([
			{ place: 'Low beam, left', fact: 'Socket', values: ['not listed', 'H11'] },
			{ place: 'Rear stop, both', fact: 'Lens', values: ['red', 'smoked'] },
			{ place: 'Left low beam', fact: 'Feeds', values: ['no such channel', 'Low beam, left'] }
		]);
		expect(differences([a, a])).toEqual([]);
	});
});

describe('splitting and merging', () => {
	const whole = make('a', { options: { headlamp: 'projector' } });

	it('a split by year covers the same years, and merges back to what it was', () => {
		fc.assert(
			fc.property(fc.integer({ min: 2016, max: 2019 }), (from) => {
				const parts = split(whole, { by: 'year', from }, 'b' as never);
				if (!parts.ok) throw new Error(parts.error);
				const [first, second] = parts.value;
				expect([first.years, second.years]).toEqual([
					[2015, from - 1],
					[from, 2019]
				]);
				expect(cannotBeToldApart(first, second)).toBe(false);
				const again = merge(first, second);
				expect(again.ok && again.value).toEqual(whole);
			})
		);
	});

	it('a split by an option differs in it only', () => {
		const cut = { by: 'option', option: 'fog', stays: 'halogen', becomes: 'none' } as const;
		const parts = split(whole, cut, 'b' as never);
		expect(parts.ok && parts.value.map((c) => c.options?.fog)).toEqual(['halogen', 'none']);
		expect(split(whole, { ...cut, becomes: 'halogen' }, 'b' as never).ok).toBe(false);
		expect(split(whole, { by: 'year', from: 2015 }, 'b' as never).ok).toBe(false);
	});

	it('two that differ stay two, and so do two with years between them', () => {
		const other = make('b', { years: [2020, 2022] }, [{ ...STOP_SOCKET, lens: 'smoked' }]);
		const unlike = merge(whole, other);
		expect(!unlike.ok && unlike.error.differences).toHaveLength(1);
		const far = merge(whole, make('b', { years: [2022, 2023] }));
		expect(!far.ok && far.error.message).toContain('Nothing is known of 2020 to 2021');
	});

	it('years in common and nothing else to see cannot be told apart', () => {
		expect(cannotBeToldApart(whole, make('b', { options: { headlamp: 'projector' } }))).toBe(true);
		expect(cannotBeToldApart(whole, make('b', { options: { headlamp: 'reflector' } }))).toBe(false);
		expect(cannotBeToldApart(whole, make('b', { options: { headlamp: 'projector' }, years: [2020, 2022] }))).toBe(
			false
		);
	});
});

describe('the words a vehicle is found by', () => {
	it('are its names, its years, and what its body is called elsewhere', () => {
		const words = vehicleWords(
			make('a', { make: 'Fenholm', model: 'Skerry', names: ['Skerry Hatch'], body: 'estate' })
		);
		for (const word of ['Fenholm', 'Skerry Hatch', 'wagon', '2015', '2019']) expect(words).toContain(word);
		expect(words).not.toContain('2020');
	});
});
