import { describe, expect, it } from 'vitest';
import { isInside, regionOf } from './boundaries';
import { colourTemperature } from './cct';
import { chromaticity } from './chromaticity';
import { displayColour } from './display-colour';
import { halogen } from './sources/halogen';

describe('boundaries', () => {
	it.each([
		['daylight white, which a convex reading would lose', 0.313, 0.329, 'white'],
		['just left of the blue edge', 0.309, 0.32, 'none'],
		['below the purple edge', 0.4, 0.34, 'none'],
		['right of the corner the flat edge holds', 0.48, 0.385, 'white'],
		['below the flat edge', 0.48, 0.379, 'none'],
		['selective yellow', 0.5, 0.48, 'selective-yellow'],
		['amber', 0.575, 0.42, 'amber'],
		['between amber and red', 0.62, 0.37, 'none'],
		['red', 0.69, 0.3, 'red']
	])('%s', (_, x, y, colour) => {
		expect(regionOf({ x, y }, 'UN')).toBe(colour);
	});

	it('the yellow edge of red differs between the families', () => {
		const at = { x: 0.66, y: 0.333 };
		expect(isInside(at, 'red', 'UN')).toBe(true);
		expect(isInside(at, 'red', 'US')).toBe(false);
	});

	it('the Planckian locus is white from about 2260 to 6735 K', () => {
		const region = (kelvin: number) => regionOf(chromaticity(halogen(kelvin)), 'UN');
		expect([2240, 2290, 4000, 6700, 6780].map(region)).toEqual(['none', 'white', 'white', 'white', 'none']);
	});
});

describe('colourTemperature', () => {
	it.each([1800, 2856, 4300, 6500, 12000])('finds %i K again on the locus', (kelvin) => {
		const { cct, duv } = colourTemperature(chromaticity(halogen(kelvin)))!;
		expect(cct / kelvin).toBeCloseTo(1, 3);
		expect(duv).toBeCloseTo(0, 4);
	});

	it('has no answer far from the locus', () => {
		expect(colourTemperature({ x: 0.2, y: 0.7 })).toBeNull();
	});
});

describe('displayColour', () => {
	it('keeps the order of tints: halogen warm, 6000 K cool, red red', () => {
		const channels = (hex: string) =>
			[1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];
		const [warmRed, , warmBlue] = channels(displayColour({ x: 0.4475, y: 0.4074 }));
		const [coolRed, , coolBlue] = channels(displayColour({ x: 0.3217, y: 0.3373 }));
		expect(warmRed).toBeGreaterThan(warmBlue);
		expect(coolBlue).toBeGreaterThan(coolRed);
		expect(displayColour({ x: 0.7, y: 0.3 })).toMatch(/^#ff0/);
	});
});
