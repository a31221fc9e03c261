import { describe, expect, it } from 'vitest';
import { generateWalked } from '../../../../tests/support/generate-walked';
import { makeShop } from '../../../../tests/support/make';
import { randomFrom } from '../../../../tests/support/random';
import { compileCatalogue, matchConfiguration } from '.';

const isSellable = ({ verdict }: { verdict: string }) => verdict === 'fits' || verdict === 'parts';

describe('cars that somebody walked in a hurry', () => {
	it.each([1, 2, 3, 4])('with two looks every socket has its lamp, and no trap is ever sold, seed %i', (seed) => {
		const random = randomFrom(seed * 7919);
		for (let n = 0; n < 8; n++) {
			const { configuration, products, isTrap, accessories } = generateWalked(random);
			const wrong: string[] = [];
			const matches = matchConfiguration(configuration, compileCatalogue(products), makeShop({}, accessories));
			for (const { socket, candidates } of matches) {
				const sold = candidates.filter(isSellable).map((c) => c.product.id as string);
				const where = `${socket.category} ${socket.functions.join()}`;
				wrong.push(...sold.filter((id) => isTrap(id, socket.id)).map((id) => `${where}: ${id} is sold`));
				if (sold.length > 0) continue;
				const why = candidates[0]?.findings.filter((f) => f.level === 'unknown' || f.level === 'refuse');
				wrong.push(`${where}: nothing to sell, ${why?.map((f) => f.code).join()}`);
			}
			expect(wrong).toEqual([]);
		}
	});
});
