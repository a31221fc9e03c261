import { describe, expect, it } from 'vitest';
import { clockAdvice, clockError, depthNeeded, festoonSeat, lightCentreError, fitsInside, holdOf } from '.';

describe('festoonSeat', () => {
	it.each([
		[37, 36, 'seats', '1 mm over'],
		[34, 36, 'seats', '2 mm under'],
		[37.5, 36, 'bent', '1.5 mm over'],
		[39, 36, 'bent', '3 mm over'],
		[33.5, 36, 'strained', '2.5 mm under'],
		[39.5, 36, 'too-long', '3.5 mm over'],
		[32, 36, 'too-short', '4 mm under']
	] as [number, number, string, string][])('%f mm in a %f mm holder %s: %s', (lamp, holder, seat) => {
		expect(festoonSeat(lamp, holder)).toBe(seat);
	});

	it.each([
		[37.5, 'strained'],
		[38.5, 'too-long']
	] as const)('%f mm in a rigid holder of 36 mm: %s', (lamp, seat) => {
		expect(festoonSeat(lamp, 36, 'rigid')).toBe(seat);
	});
});

describe('clockError', () => {
	it.each([
		[0, 90, 0, 'the plane is horizontal'],
		[30, 90, 30, 'the key locks 30 degrees clockwise'],
		[0, 270, 0, 'half a turn is the same plane'],
		[350, 90, -10, '10 degrees anticlockwise'],
		[0, 0, 90, "emitters at 12 and 6 o'clock"]
	])('key %i, emitter %i: %i degrees off, %s', (key, emitter, error) => {
		expect(Math.abs(clockError({ key, emitter }))).toBe(Math.abs(error));
		if (Math.abs(error) < 90) expect(clockError({ key, emitter })).toBeCloseTo(error, 9);
	});
});

describe('bodies and cavities', () => {
	it('a fan wants 10 mm of air behind it', () => {
		expect(depthNeeded(44, 'fan')).toBe(54);
		expect(depthNeeded(44, 'fins')).toBe(44);
	});

	it.each([
		[25.5, 'kept'],
		[26.5, 'doubtful'],
		[28, 'lost']
	])('a light centre at %f mm for 25 mm: focus %s', (lamp, focus) => {
		expect(lightCentreError(lamp, 25).focus).toBe(focus);
	});
});

describe('turning a lamp right', () => {
	it.each([
		[{ key: 0, emitter: 92 }, 'fixed', 'pass', null],
		[{ key: 30, emitter: 90 }, 'adjustable', 'needs', { degrees: 30, direction: 'anticlockwise' }],
		[{ key: -8, emitter: 90 }, 'fixed', 'unknown', { degrees: 8, direction: 'clockwise' }],
		[{ key: 45, emitter: 90 }, 'fixed', 'refuse', { degrees: 45, direction: 'anticlockwise' }]
	] as const)('%o with a collar that is %s: %s', (angles, collar, level, turn) => {
		expect(clockAdvice(angles, collar)).toMatchObject({ level, turn });
	});
});

describe('how a lamp is held', () => {
	it.each([
		['ring', 'removable', 'ring-first'],
		['ring', 'fixed', 'ring-stuck'],
		['ring', 'adjustable', 'ring-stuck'],
		['ring', undefined, 'ring-unknown'],
		['twist', 'fixed', 'twist'],
		['push', 'fixed', 'odd'],
		[undefined, 'fixed', 'unknown']
	] as const)('%s with a collar %s: %s', (retention, collar, hold) => expect(holdOf(retention, collar)).toBe(hold));
});

describe('where a driver goes', () => {
	const cavity = { depth: 60, diameter: 70, bodyDepth: 45, bodyDiameter: 40 };

	it.each([
		['beside: hypot(20 + 10, 12) = 32.3 of 35', [50, 24, 10], true],
		['too thick beside, too long behind', [50, 24, 16], false],
		['behind: 45 + 15 = 60, hypot(40, 30) = 50 of 70', [40, 30, 15], true],
		['longer than the room is deep, but flat enough behind', [62, 30, 12], true],
		['too large either way', [80, 40, 20], false]
	] as const)('%s', (_, box, fits) => expect(fitsInside(box, cavity)).toBe(fits));

	it('the order of the edges does not matter', () => {
		expect(fitsInside([10, 50, 24], cavity)).toBe(fitsInside([50, 24, 10], cavity));
	});
});
