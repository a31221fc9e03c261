import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	judgeIn,
	LOW_SOCKET,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../tests/support/make';
import { demoDocument } from '../../server/demo/load';
import { Candidate, quickVerdict } from './candidate';
import { productCase, socketCase } from './case';
import { describe as inWords, GATES } from './finding';
import { compileCatalogue, matchConfiguration, matchSocket } from './match';
import { verdictOf } from './verdict';

const demo = demoDocument();
const shop = { policy: demo.policy!, accessories: demo.accessories };
const catalogue = compileCatalogue(demo.products);
const everySocket = demo.configurations.flatMap((c) => c.sockets.map((socket) => ({ c, socket })));
const anyProduct = fc.constantFrom(...demo.products);
const anySocket = fc.constantFrom(...everySocket.filter(({ socket }) => socket.state === 'filament'));

describe('every candidate', () => {
	it('has a finding for every gate, in words, and its verdict is the worst of them', () => {
		for (const { candidates } of demo.configurations.flatMap((c) => matchConfiguration(c, catalogue, shop)))
			for (const candidate of candidates) {
				expect(new Set(candidate.findings.map((f) => f.gate))).toEqual(new Set(GATES));
				expect(candidate.verdict).toBe(verdictOf(candidate.findings));
				for (const words of candidate.findings.map(inWords))
					for (const text of [words.measured, words.required, words.why, words.source])
						expect(text).not.toMatch(/undefined|NaN|\[object/);
			}
	});

	it('is judged the same quickly and in full', () => {
		fc.assert(
			fc.property(anySocket, anyProduct, ({ c, socket }, product) => {
				const prepared = socketCase(c, socket, shop)!;
				const judged = productCase(product);
				expect(quickVerdict(prepared, judged)).toBe(verdictOf(new Candidate(prepared, judged).findings));
			}),
			{ numRuns: 400 }
		);
	});

	it('never says that something is legal', () => {
		for (const { candidates } of matchConfiguration(demo.configurations[1]!, catalogue, shop))
			for (const f of candidates.flatMap((c) => c.findings.map(inWords)))
				expect(f.why).not.toMatch(/\blegal|lawful\b/i);
	});
});

describe('verdicts do not depend on', () => {
	it('the order of products', () => {
		const verdicts = (products: typeof demo.products) =>
			matchConfiguration(demo.configurations[0]!, compileCatalogue(products), shop).map((m) =>
				m.candidates.map((c) => `${c.product.id} ${c.verdict}`)
			);
		expect(verdicts([...demo.products].reverse())).toEqual(verdicts(demo.products));
	});

	it('whether sockets that are alike were judged once or apart', () => {
		for (const configuration of demo.configurations)
			for (const together of matchConfiguration(configuration, catalogue, shop)) {
				const apart = matchSocket(configuration, together.socket, catalogue, shop);
				expect(together.candidates.map((c) => [c.product.id, c.verdict])).toEqual(
					apart.candidates.map((c) => [c.product.id, c.verdict])
				);
			}
	});

	it('the side of the vehicle', () => {
		const mirror = { left: 'right', right: 'left', centre: 'centre' } as const;
		for (const configuration of demo.configurations) {
			const mirrored = {
				...configuration,
				sockets: configuration.sockets.map((s) => ({ ...s, side: mirror[s.side] }))
			};
			const verdicts = (c: typeof configuration) =>
				matchConfiguration(c, catalogue, shop).map((m) => m.candidates.map((x) => x.verdict));
			expect(verdicts(mirrored)).toEqual(verdicts(configuration));
		}
	});
});

describe('a missing fact', () => {
	/** Facts that may be missing; each is a path into the socket, the product, or the channel. */
	const SOCKET = ['lens', 'optic', 'envelope', 'cap', 'wiring', 'category', 'keyAngle'];
	const PRODUCT = [
		'colour',
		'flux',
		'power',
		'size',
		'limit',
		'cooling',
		'modes',
		'wiring',
		'collar',
		'emission',
		'emitterAngle',
		'startUp'
	];
	const sellable = (verdict: string) => verdict === 'fits' || verdict === 'parts';
	const without = (from: object, keys: readonly string[]) =>
		Object.fromEntries(Object.entries(from).filter(([key]) => !keys.includes(key)));

	it('never turns a lamp that may not be sold into one that may', () => {
		fc.assert(
			fc.property(
				anySocket,
				anyProduct,
				fc.subarray(SOCKET),
				fc.subarray(PRODUCT),
				({ c, socket }, product, noSocket, noProduct) => {
					const full = new Candidate(socketCase(c, socket, shop)!, productCase(product));
					const less = socketCase(c, without(socket, noSocket) as typeof socket, shop);
					if (!less || sellable(full.verdict)) return;
					const poorer = without(product, noProduct) as typeof product;
					expect(
						sellable(new Candidate(less, productCase(poorer)).verdict),
						`${socket.id} ${product.id} ${noSocket} ${noProduct}`
					).toBe(false);
				}
			),
			{ numRuns: 1500 }
		);
	});

	it.each(['colour', 'flux', 'power', 'size', 'limit', 'modes'])(
		'without %s a good lamp is checked by hand',
		(fact) => {
			expect(judgeIn(makeConfiguration([STOP_SOCKET]), makeProduct()).verdict).toBe('fits');
			expect(judgeIn(makeConfiguration([STOP_SOCKET]), makeProduct({ [fact]: undefined })).verdict).toBe('unknown');
		}
	);

	it.each(['lens', 'envelope', 'optic'])('without %s of the socket a good headlamp LED is checked by hand', (fact) => {
		expect(judgeIn(makeConfiguration([LOW_SOCKET]), makeHeadlampLed(), makeShop()).verdict).toBe('fits');
		const poorer = makeConfiguration([{ ...LOW_SOCKET, [fact]: undefined }]);
		expect(judgeIn(poorer, makeHeadlampLed(), makeShop()).verdict).toBe('unknown');
	});
});

describe('ranking', () => {
	it('puts LEDs that fit before filament lamps, and the refused last', () => {
		const { candidates } = matchSocket(
			demo.configurations[2]!,
			demo.configurations[2]!.sockets.find((s) => s.id === 'low-L')!,
			catalogue,
			shop
		);
		const order = candidates.map((c) => `${c.product.kind} ${c.verdict}`);
		expect(order.indexOf('led parts')).toBeLessThan(order.indexOf('halogen fits'));
		expect(order.at(-1)).toBe('led refused');
	});
});
