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
import { demoDocument } from '../../../../tests/support/demo';
import { Candidate } from './candidates/candidate';
import { productCase, socketCase } from './cases';
import { GATES, LEVELS, type Level } from './findings/finding';
import { describe as inWords } from './findings/describe';
import { compileCatalogue, matchConfiguration, matchSocket } from './candidates/match';
import { CRITERIA, weightId } from './ranking';
import { verdictOf, VERDICTS, type Verdict } from './findings/verdict';

const demo = demoDocument();
const shop = { policy: demo.policy!, accessories: demo.accessories, currency: 'EUR' };
const catalogue = compileCatalogue(demo.products, demo.complaints);
const skerry = demo.configurations.find((c) => c.id === 'fenholm-skerry-ii-2017')!;
const everySocket = demo.configurations.flatMap((c) => c.sockets.map((socket) => ({ c, socket })));
const anyProduct = fc.constantFrom(...demo.products);
const anySocket = fc.constantFrom(...everySocket.filter(({ socket }) => socket.state === 'filament'));

describe('every candidate', () => {
	it('has a finding for every gate, in words that never say something is legal, and its verdict is the worst of them', () => {
		for (const { candidates } of demo.configurations.flatMap((c) => matchConfiguration(c, catalogue, shop)))
			for (const candidate of candidates) {
				expect(new Set(candidate.findings.map((f) => f.gate))).toEqual(new Set(GATES));
				expect(candidate.verdict).toBe(verdictOf(candidate.findings));
				for (const words of candidate.findings.map((f) => inWords(f)))
					expect([words.measured, words.required, words.why, words.source].join('\n')).not.toMatch(
						/undefined|NaN|\[object|\b([iI]l)?legal|[lL]awful\b/
					);
			}
	});

	it('is judged the same quickly and in full', () => {
		fc.assert(
			fc.property(anySocket, anyProduct, ({ c, socket }, product) => {
				const prepared = socketCase(c, socket, { shop })!;
				const candidate = new Candidate(prepared, productCase(product));
				expect(candidate.verdict).toBe(verdictOf(candidate.findings));
			}),
			{ numRuns: 400 }
		);
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
				const apart = matchSocket({ configuration, catalogue, shop }, together.socket);
				expect(together.candidates.map((c) => [c.product.id, c.verdict])).toEqual(
					apart.candidates.map((c) => [c.product.id, c.verdict])
				);
			}
	});

	it('the order of sockets and channels', () => {
		for (const configuration of demo.configurations) {
			const turned = {
				...configuration,
				sockets: [...configuration.sockets].reverse(),
				channels: [...configuration.channels].reverse().map((ch) => ({ ...ch, feeds: [...ch.feeds].reverse() }))
			};
			const verdicts = (c: typeof configuration) =>
				new Map(
					matchConfiguration(c, catalogue, shop).map((m) => [
						m.socket.id,
						m.candidates.map((x) => `${x.product.id} ${x.verdict} ${x.score.toFixed(6)}`)
					])
				);
			expect(verdicts(turned)).toEqual(verdicts(configuration));
		}
	});

	it('the side of the vehicle, the key angles mirrored with it', () => {
		const mirror = { left: 'right', right: 'left', centre: 'centre' } as const;
		for (const configuration of demo.configurations) {
			const mirrored = {
				...configuration,
				sockets: configuration.sockets.map((s) => ({
					...s,
					side: mirror[s.side],
					...(s.keyAngle === undefined ? {} : { keyAngle: -s.keyAngle as typeof s.keyAngle })
				}))
			};
			const verdicts = (c: typeof configuration) =>
				matchConfiguration(c, catalogue, shop).map((m) => m.candidates.map((x) => x.verdict));
			expect(verdicts(mirrored)).toEqual(verdicts(configuration));
		}
	});
});

describe('a missing fact', () => {
	/** Facts that may be missing; each is a path into the socket, the product, or the channel. */
	const SOCKET = ['lens', 'optic', 'envelope', 'cap', 'wiring', 'category', 'keyAngle', 'retention'];
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
		'startUp',
		'driver'
	];
	const sellable = (verdict: string) => verdict === 'fits' || verdict === 'parts';
	const without = (from: object, keys: readonly string[]) =>
		Object.fromEntries(Object.entries(from).filter(([key]) => !keys.includes(key)));

	/** Verdicts of any product in any socket, with all its facts and with some taken away, for a rule that must hold between them. */
	const holds = (runs: number, rule: (full: Verdict, poorer: Verdict, what: string) => void) =>
		fc.assert(
			fc.property(
				anySocket,
				anyProduct,
				fc.subarray(SOCKET),
				fc.subarray(PRODUCT),
				({ c, socket }, product, noSocket, noProduct) => {
					const less = socketCase(c, without(socket, noSocket) as typeof socket, { shop });
					if (!less) return;
					const full = new Candidate(socketCase(c, socket, { shop })!, productCase(product));
					const poorer = new Candidate(less, productCase(without(product, noProduct) as typeof product));
					rule(full.verdict, poorer.verdict, `${socket.id} ${product.id} ${noSocket} ${noProduct}`);
				}
			),
			{ numRuns: runs }
		);

	it('never turns a lamp that may not be sold into one that may', () => {
		holds(1500, (full, poorer, what) => {
			if (!sellable(full)) expect(sellable(poorer), what).toBe(false);
		});
	});

	it('never takes a part out of what a lamp needs: “with parts” never becomes “fits”', () => {
		holds(3000, (full, poorer, what) => {
			if (full === 'parts') expect(poorer, what).not.toBe('fits');
		});
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

describe('a finding more', () => {
	const anyFindings = fc.array(fc.record({ level: fc.constantFrom(...LEVELS) }), { minLength: 1, maxLength: 12 });

	it('never makes a verdict better, and one that refuses settles it', () => {
		fc.assert(
			fc.property(anyFindings, fc.constantFrom(...LEVELS), (findings, level) => {
				const rank = (list: { level: Level }[]) => VERDICTS.indexOf(verdictOf(list));
				expect(rank([...findings, { level }])).toBeGreaterThanOrEqual(rank(findings));
				expect(verdictOf([...findings, { level: 'refuse' }])).toBe('refused');
			})
		);
	});
});

describe('ranking', () => {
	it('the parts of a score add up to it, and every criterion has its weight', () => {
		for (const { candidates } of matchConfiguration(demo.configurations[0]!, catalogue, shop))
			for (const candidate of candidates) {
				const counted = candidate.scoreParts.filter((part) => part.points !== null);
				const weights = counted.reduce((sum, part) => sum + part.weight, 0);
				const points = counted.reduce((sum, part) => sum + part.weight * (part.points ?? 0), 0);
				expect(candidate.score).toBeCloseTo((100 * points) / weights, 9);
				expect(candidate.scoreParts.map((part) => part.shown).join()).not.toMatch(/NaN|undefined|Infinity/);
			}
	});

	it('a weight of its own turns the order, but never lifts a worse verdict over a better one', () => {
		const set = (value: number) => ({ value, source: 'a test' });
		const onlyPrice = Object.fromEntries(CRITERIA.map(({ id }) => [weightId(id), set(id === 'price' ? 10 : 0)]));
		for (const configuration of demo.configurations)
			for (const { candidates } of matchConfiguration(configuration, catalogue, { ...shop, assumptions: onlyPrice })) {
				const fits = candidates.filter((c) => c.verdict === 'fits' && c.product.kind === 'led');
				const prices = fits.map(({ product }) => Math.min(...product.packs.map((pack) => pack.price / pack.count)));
				expect(prices).toEqual([...prices].sort((a, b) => a - b));
				const ranks = candidates.filter((c) => c.product.kind === 'led').map((c) => VERDICTS.indexOf(c.verdict));
				expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
			}
	});

	it('puts LEDs that fit before filament lamps, and the refused last', () => {
		const { candidates } = matchSocket(
			{ configuration: skerry, catalogue, shop },
			skerry.sockets.find((s) => s.id === 'low-L')!
		);
		const order = candidates.map((c) => `${c.product.kind} ${c.verdict}`);
		expect(order.indexOf('led parts')).toBeLessThan(order.indexOf('halogen fits'));
		expect(order.at(-1)).toBe('led refused');
	});
});
