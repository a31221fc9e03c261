import { describe, expect, it } from 'vitest';
import { makeConfiguration, makeProduct, makeShop, STOP_SOCKET } from '../../../../../tests/support/make';
import { compileCatalogue, matchAcross, matchSocket, VERDICTS } from '..';

const pair = (more: object = {}) => [
	{ ...STOP_SOCKET, ...more },
	{ ...STOP_SOCKET, id: 'stop-R', side: 'right', ...more }
];
const products = [
	makeProduct(),
	makeProduct({ id: 'long', name: 'Long lamp', size: { frontLength: 60, frontDiameter: 24 }, packs: [] }),
	makeProduct({ id: 'amber', name: 'Amber', colour: { kind: 'amber', peak: 592 }, packs: [] })
];
const catalogue = compileCatalogue(products);
const shop = makeShop();

describe('what fits a vehicle that may be several', () => {
	const roomy = makeConfiguration(pair({ envelope: { frontLength: 80, frontDiameter: 40 } }), { id: 'a' });
	const tight = makeConfiguration(pair(), { id: 'b' });

	it('is what is refused in none of them, a pair as one place', () => {
		const [place, ...rest] = matchAcross([roomy, tight], catalogue, shop);
		expect(rest).toEqual([]);
		expect(place).toMatchObject({ name: 'Rear stop, both', categories: ['P21W', 'P21W'] });
		expect(place?.candidates.map((c) => c.product.id)).toEqual(['led']);
		expect(matchAcross([roomy], catalogue, shop)[0]?.candidates.map((c) => c.product.id)).toEqual(['led', 'long']);
	});

	it('the verdict is never better than in any one of them', () => {
		const both = [roomy, tight];
		for (const place of matchAcross(both, catalogue, shop))
			for (const { product, verdict } of place.candidates)
				for (const c of both) {
					const alone = matchSocket({ configuration: c, catalogue, shop }, c.sockets[0]!).candidates.find(
						(x) => x.product.id === product.id
					);
					expect(VERDICTS.indexOf(verdict)).toBeGreaterThanOrEqual(VERDICTS.indexOf(alone?.verdict ?? 'refused'));
				}
	});

	it('a place that one of them has not, or has as factory LED, is served by nothing sure', () => {
		const without = makeConfiguration([], { id: 'c' });
		expect(matchAcross([tight, without], catalogue, shop)[0]).toMatchObject({
			categories: ['P21W', null],
			candidates: []
		});
		const led = makeConfiguration(pair({ state: 'factory-led', category: undefined }), { id: 'd' });
		expect(matchAcross([tight, led], catalogue, shop)[0]?.candidates).toEqual([]);
		expect(matchAcross([], catalogue, shop)).toEqual([]);
	});
});
