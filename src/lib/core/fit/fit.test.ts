import { describe, expect, it } from 'vitest';
import { clockAdvice, clockError, depthNeeded, festoonSeat, lightCentreError } from '.';

describe('festoonSeat', () => {
	it.each([
		[37, 36, 'seats', '1 mm over'],
		[34, 36, 'seats', '2 mm under'],
		[37.5, 36, 'strained', '1.5 mm over'],
		[33.5, 36, 'strained', '2.5 mm under'],
		[38.5, 36, 'too-long', '2.5 mm over'],
		[32, 36, 'too-short', '4 mm under']
	] as [number, number, string, string][])('%f mm in a %f mm holder %s: %s', (lamp, holder, seat) => {
		expect(festoonSeat(lamp, holder)).toBe(seat);
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
