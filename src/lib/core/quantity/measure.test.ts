import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { keptMeasure, MEASURE_SYSTEMS, MEASURES, measureText, shownMeasure } from '.';

describe('what people measure in', () => {
	// Measure, kept in metric units, shown in US units: by definition of foot and inch, 10.764 lx a foot-candle.
	it.each([
		['illuminance', 10.764, 1, '1 fc'],
		['distance', 7.62, 25, '25 ft'],
		['length', 53.34, 2.1, '2.1 in'],
		['temperature', 100, 212, '212 F'],
		['temperature', -40, -40, '-40 F']
	] as const)('%s: %d is %d', (measure, kept, shown, text) => {
		expect(shownMeasure(measure, 'us', kept)).toBeCloseTo(shown, 6);
		expect(keptMeasure(measure, 'us', shown)).toBeCloseTo(kept, 6);
		expect(measureText(measure, 'us', kept)).toBe(text);
	});

	it('is kept as it was, whichever way it is shown', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...MEASURES),
				fc.constantFrom(...MEASURE_SYSTEMS),
				fc.double({ min: -50, max: 5000, noNaN: true }),
				(measure, system, kept) =>
					Math.abs(keptMeasure(measure, system, shownMeasure(measure, system, kept)) - kept) < 1e-6
			)
		);
		expect(measureText('temperature', 'metric', 21.4)).toBe('21 C');
	});
});
