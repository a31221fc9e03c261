import { describe, expect, it } from 'vitest';
import {
	judgeIn,
	makeAccessory,
	makeConfiguration,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../../tests/support/make';
import type { KitAnswer } from '../kit';
import { candidateView, factViews, kitView, socketViews } from '.';

const configuration = makeConfiguration([
	STOP_SOCKET,
	{ ...STOP_SOCKET, id: 'stop-R', side: 'right' },
	{ ...STOP_SOCKET, id: 'fog', side: 'centre', functions: ['rear-fog'] }
]);

describe('showCandidate', () => {
	it('says what else is needed, and names the parts on sale for it', () => {
		const monitored = makeConfiguration([STOP_SOCKET], {
			channels: [
				{
					id: 'c',
					feeds: [{ socket: 'stop-L', function: 'stop' }],
					feed: { kind: 'steady' },
					monitor: { kind: 'hot', minCurrent: 1 }
				}
			]
		});
		const shop = makeShop({}, [makeAccessory({ id: 'R', name: 'Load', kind: 'resistor', resistance: 12, rating: 50 })]);
		const shown = candidateView(judgeIn(monitored, makeProduct(), shop), {
			configuration: monitored,
			socket: monitored.sockets[0]!,
			shop
		});
		expect(shown).toMatchObject({
			verdict: 'parts',
			needs: ['load'],
			stock: 10,
			gates: { electrics: 'needs', base: 'pass' }
		});
		expect(shown.findings.find((f) => f.code === 'electrics.hot')?.parts).toEqual([{ id: 'R', name: 'Load' }]);
	});

	it('names the worst reason first', () => {
		const shown = candidateView(
			judgeIn(
				configuration,
				makeProduct({
					limit: 45,
					power: { at13v5: 3 },
					flux: undefined,
					evidence: [{ fact: 'power', source: 'in-hand' }]
				})
			),
			{
				configuration,
				socket: configuration.sockets[0]!,
				shop: makeShop()
			}
		);
		expect(shown.firstReason).toContain('at most 45 C');
	});
});

describe('showKit', () => {
	const answer: KitAnswer = {
		lines: [
			{
				sku: 'a',
				product: 'led',
				name: 'Red lamp',
				sockets: ['stop-L', 'stop-R'],
				packs: 2,
				count: 2,
				spare: 0,
				price: 2000,
				solves: 'lamp',
				verdict: 'unknown'
			},
			{
				sku: 'b',
				accessory: 'R',
				name: 'Load',
				sockets: [],
				packs: 1,
				count: 1,
				spare: 1,
				price: 500,
				solves: 'message'
			}
		],
		total: 2500,
		bound: 2500,
		gap: 0,
		open: [{ socket: 'fog', why: 'out of stock' }],
		mismatches: [],
		missing: [],
		complaints: [],
		runnersUp: []
	};

	it('names a pair once, parts apart, and wants a signature for a check by hand', () => {
		const shown = kitView(configuration, answer, {
			products: [makeProduct()],
			choices: {
				'stop-L': { kind: 'product', product: 'led' }
			} as never
		});
		expect(shown.lamps.map((l) => l.places)).toEqual([['Rear stop, both']]);
		expect(shown.parts).toHaveLength(1);
		expect(shown.byHand).toEqual([{ socket: 'stop-L', name: 'Rear stop, both', product: 'Red lamp' }]);
		expect(shown).toMatchObject({ spare: 1, wantsSignature: true, open: [{ name: 'Rear fog', why: 'out of stock' }] });
	});

	it('shows the rota in the light of the chosen lamps', () => {
		const blue = (hex: string | undefined) => parseInt(hex?.slice(5) ?? '', 16);
		const plate = makeConfiguration([{ ...STOP_SOCKET, category: 'W5W', functions: ['licence-plate'], lens: 'clear' }]);
		const white = makeProduct({ fits: ['W5W'], colour: { kind: 'white', cct: 6000 } });
		const lit = { ...answer, lines: [{ ...answer.lines[0]!, sockets: ['stop-L'] }], open: [] };
		expect(blue(kitView(plate, lit, { products: [white], choices: {} }).sockets[0]?.light?.colour)).toBeGreaterThan(
			blue(socketViews(plate)[0]?.light?.colour)
		);
	});
});

describe('showFacts', () => {
	it('gives each fact its source, and says what is not known', () => {
		const bare = makeConfiguration([
			{
				...STOP_SOCKET,
				category: undefined,
				lens: undefined,
				envelope: undefined,
				evidence: [{ fact: 'lens', source: 'manual' }]
			}
		]);
		const facts = Object.fromEntries(factViews(bare, bare.sockets[0]!).map((f) => [f.name, f]));
		expect(facts['Lamp category']?.value).toBe('not known');
		expect(facts['Clearance']?.value).toBe('not measured');
		expect(facts['Lens']).toMatchObject({ value: 'not known', source: 'manual' });
	});
});
