import { describe, expect, it } from 'vitest';
import { clearance, depthNeeded, festoonSeat, lightCentreError } from '.';

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

describe('bodies and cavities', () => {
	it('a fan wants 10 mm of air behind it', () => {
		expect(depthNeeded(44, 'fan')).toBe(54);
		expect(depthNeeded(44, 'fins')).toBe(44);
	});

	it('clearance is what is left over', () => {
		expect(clearance(42, 46)).toBe(4);
		expect(clearance(48, 46)).toBe(-2);
	});

	it.each([
		[25.5, 'kept'],
		[26.5, 'doubtful'],
		[28, 'lost']
	])('a light centre at %f mm for 25 mm: focus %s', (lamp, focus) => {
		expect(lightCentreError(lamp, 25).focus).toBe(focus);
	});
});
