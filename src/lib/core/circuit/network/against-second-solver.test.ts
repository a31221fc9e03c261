import { describe, expect, it } from 'vitest';
import { randomFrom } from '../../../../../tests/support/random';
import { secondSolution } from '../../../../../tests/support/second-circuit';
import { generateCircuit } from '../../../../../tests/support/generate-circuit';
import { MODES, runMode, feedCurrent, vehicleCircuit, MODE_IDS } from '..';

/** Relative difference that two ways of working out one circuit may have, and what counts for nothing, A. */
const WITHIN = 0.02;
const NOTHING_A = 0.002;

describe('the network against a second solver', () => {
	// Twenty vehicles a test, each in every mode at a supply of its own, half of them with faults.
	it.each([0, 20])('agrees within 2 % on generated vehicles from %i', (from) => {
		const apart: string[] = [];
		for (let seed = from; seed < from + 20; seed++) {
			const random = randomFrom(seed * 7 + 1);
			const { configuration, fitted, volts } = generateCircuit(random);
			const circuit = vehicleCircuit(configuration, fitted);
			for (const mode of MODE_IDS) {
				const run = runMode(circuit, MODES[mode], volts);
				expect(run.point.residual, `vehicle ${seed}, ${mode}`).toBeLessThan(1e-3);
				const second = secondSolution({ configuration, fitted }, { volts, drives: run.drives, blown: run.blown });
				for (const { id } of configuration.channels) {
					const [one, two] = [feedCurrent(run, id), second.get(id) ?? 0];
					if (Math.abs(one - two) > Math.max(NOTHING_A, WITHIN * Math.abs(two)))
						apart.push(`vehicle ${seed}, ${mode}, ${id}: ${one.toFixed(4)} and ${two.toFixed(4)} A`);
				}
			}
		}
		expect(apart.slice(0, 10)).toEqual([]);
	});
});
