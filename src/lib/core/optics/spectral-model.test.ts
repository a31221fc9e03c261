import { describe, expect, it } from 'vitest';
import type { Lens } from '../model';
import { regionOf } from './boundaries';
import { colourTemperature } from './cct';
import { chromaticity } from './chromaticity';
import { sample } from './grid';
import { spectrumOf, type Source } from './sources';
import { throughLens } from './through-lens';

const halogen = (kelvin: number): Source => ({ kind: 'halogen', kelvin });
const white = (kelvin: number): Source => ({ kind: 'led-white', kelvin });
const amber: Source = { kind: 'led-amber' };
const phosphor: Source = { kind: 'led-amber-phosphor' };
const red: Source = { kind: 'led-red' };

/** Reference results of the spectral model: x, y, share of the luminous flux, signal colour in both rule families. */
const REFERENCE: [string, Source, Lens, number, number, number, string][] = [
	['halogen 2856 K, bare', halogen(2856), 'none', 0.4475, 0.4074, 1, 'white'],
	['halogen 2856 K', halogen(2856), 'clear', 0.4476, 0.4075, 0.9, 'white'],
	['halogen 2856 K', halogen(2856), 'amber', 0.5963, 0.4021, 0.4548, 'amber'],
	['halogen 2856 K', halogen(2856), 'red', 0.6886, 0.3107, 0.198, 'red'],
	['halogen 3200 K, bare', halogen(3200), 'none', 0.4234, 0.399, 1, 'white'],
	['halogen 3200 K', halogen(3200), 'clear', 0.4234, 0.399, 0.9, 'white'],
	['halogen 3200 K', halogen(3200), 'amber', 0.591, 0.407, 0.437, 'amber'],
	['halogen 3200 K', halogen(3200), 'red', 0.6874, 0.3116, 0.1819, 'red'],
	['white LED 3000 K, bare', white(3000), 'none', 0.4369, 0.404, 1, 'white'],
	['white LED 3000 K', white(3000), 'clear', 0.4369, 0.404, 0.9, 'white'],
	['white LED 3000 K', white(3000), 'amber', 0.5679, 0.4303, 0.4866, 'amber'],
	['white LED 3000 K', white(3000), 'red', 0.6754, 0.3235, 0.1535, 'red'],
	['white LED 6000 K, bare', white(6000), 'none', 0.3217, 0.3373, 1, 'white'],
	['white LED 6000 K', white(6000), 'clear', 0.3217, 0.3373, 0.9, 'white'],
	['white LED 6000 K', white(6000), 'amber', 0.5357, 0.4603, 0.3894, 'selective-yellow'],
	['white LED 6000 K', white(6000), 'red', 0.6673, 0.3287, 0.0895, 'red'],
	['amber LED, bare', amber, 'none', 0.5833, 0.4161, 1, 'amber'],
	['amber LED', amber, 'clear', 0.5833, 0.4161, 0.9, 'amber'],
	['amber LED', amber, 'amber', 0.584, 0.4154, 0.7019, 'amber'],
	['amber LED', amber, 'red', 0.6111, 0.3884, 0.1297, 'none'],
	['amber phosphor LED, bare', phosphor, 'none', 0.5731, 0.4253, 1, 'amber'],
	['amber phosphor LED', phosphor, 'clear', 0.5731, 0.4253, 0.9, 'amber'],
	['amber phosphor LED', phosphor, 'amber', 0.5954, 0.404, 0.6195, 'amber'],
	['amber phosphor LED', phosphor, 'red', 0.6753, 0.3245, 0.2437, 'red'],
	['red LED, bare', red, 'none', 0.6996, 0.3003, 1, 'red'],
	['red LED', red, 'clear', 0.6996, 0.3003, 0.9, 'red'],
	['red LED', red, 'amber', 0.6996, 0.3003, 0.7214, 'red'],
	['red LED', red, 'red', 0.7008, 0.2991, 0.8023, 'red']
];

describe('the spectral model', () => {
	it.each(REFERENCE)(
		'%s behind %#: within 0.003 in x and y, 2 %% in transmittance',
		(_, source, lens, x, y, t, colour) => {
			const seen = throughLens(source, lens);
			expect(Math.abs(seen.x - x)).toBeLessThan(0.003);
			expect(Math.abs(seen.y - y)).toBeLessThan(0.003);
			expect(Math.abs(seen.transmittance / t - 1)).toBeLessThan(0.02);
			expect(regionOf(seen, 'UN')).toBe(colour);
			// The reference gives selective yellow for the UN family only.
			if (colour !== 'selective-yellow') expect(regionOf(seen, 'US')).toBe(colour);
		}
	);

	it('puts equal energy at a third each', () => {
		const { x, y } = chromaticity(sample(() => 1));
		expect(x).toBeCloseTo(1 / 3, 4);
		expect(y).toBeCloseTo(1 / 3, 4);
	});

	it.each([
		[3000, 2999],
		[4300, 4299],
		[5000, 4998],
		[6000, 6003],
		[6500, 6494],
		[8000, 7994]
	])('a white LED of %i K has the correlated colour temperature of the reference', (asked, reference) => {
		const { cct, duv } = colourTemperature(chromaticity(spectrumOf(white(asked))))!;
		expect(Math.abs(cct - reference)).toBeLessThan(12);
		expect(duv).toBeGreaterThan(-0.0005);
		expect(duv).toBeLessThan(0.0035);
	});

	it.each([2700, 3500, 4000, 4600, 5500, 7000])('between the rows, %i K is met within 2 %%', (asked) => {
		const { cct } = colourTemperature(chromaticity(spectrumOf(white(asked))))!;
		expect(Math.abs(cct / asked - 1)).toBeLessThan(0.02);
	});

	it('a white LED of 8000 K is outside white, one of 6500 K just inside', () => {
		expect(regionOf(chromaticity(spectrumOf(white(8000))), 'UN')).toBe('none');
		expect(regionOf(chromaticity(spectrumOf(white(6500))), 'UN')).toBe('white');
	});

	it('a spectrum without light has no colour, and says so', () => {
		expect(() => chromaticity(sample(() => 0))).toThrow('no chromaticity');
	});
});
