import { describe, expect, it } from 'vitest';
import { bruteForce } from '../../../../tests/support/brute-kit';
import { generateKitCase } from '../../../../tests/support/generate-kit';
import { randomFrom } from '../../../../tests/support/random';
import { solver } from '../../../../tests/support/solver';
import { kitOrder, type KitOrder } from '../model';
import { assembleKit, checkKit, type KitCase } from '.';

const solved = async (kitCase: KitCase, order: KitOrder) => {
	const kit = await assembleKit(kitCase, order, { solver });
	if (!kit.ok) throw new Error(kit.error.words);
	return kit.value;
};

describe('the best kit', () => {
	// Twenty seeds a test, so that a slow one shows which.
	it.each(Array.from({ length: 5 }, (_, i) => i * 20))(
		'equals brute force on generated kits from seed %i',
		async (from) => {
			for (let seed = from; seed < from + 20; seed++) {
				const random = randomFrom(seed * 7919);
				const kitCase = generateKitCase(seed, {
					pairs: 1 + Math.floor(random() * 3),
					candidates: 1 + Math.floor(random() * 3),
					loads: Math.floor(random() * 3)
				});
				const order = kitOrder.parse({
					balance: (['price', 'light', 'ease'] as const)[seed % 3],
					...(random() < 0.3 ? { budget: 1500 + Math.floor(random() * 6000) } : {})
				});
				const answer = await solved(kitCase, order);
				expect(answer.gap, `seed ${seed}`).toBe(0);
				expect(answer.bound, `seed ${seed}`).toBe(bruteForce(kitCase, order).cost);
				expect(checkKit({ answer, order, ...kitCase }), `seed ${seed}`).toEqual([]);
			}
		}
	);
});

describe('the best kit the circuit says nothing against', () => {
	it.each([28, 42])(
		'equals brute force with pulses, modules, loads of their own and turn-on voltages from seed %i',
		async (from) => {
			let ruledOut = 0;
			for (let seed = from; seed < from + 5; seed++) {
				const random = randomFrom(seed * 104_729);
				const kitCase = generateKitCase(seed, {
					pairs: 3 + Math.floor(random() * 6),
					candidates: 1 + Math.floor(random() * 2),
					loads: Math.floor(random() * 2),
					modules: 1 + Math.floor(random() * 2)
				});
				const order = kitOrder.parse({ balance: (['price', 'light', 'ease'] as const)[seed % 3] });
				const answer = await solved(kitCase, order);
				const tried = bruteForce(kitCase, order);
				ruledOut += tried.ruledOut;
				expect(answer.bound, `seed ${seed}`).toBe(tried.cost);
				expect(answer.gap, `seed ${seed}`).toBe(0);
				expect(answer.complaints, `seed ${seed}`).toEqual([]);
				expect(checkKit({ answer, order, ...kitCase }), `seed ${seed}`).toEqual([]);
			}
			// The circuit has a say: cheaper kits were ruled out by it.
			expect(ruledOut).toBeGreaterThan(0);
		}
	);
});
