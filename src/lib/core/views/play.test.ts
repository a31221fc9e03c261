import { describe, expect, it } from 'vitest';
import { makeConfiguration, makeProduct } from '../../../../tests/support/make';
import { simulate, vehicleCircuit, type FittedLamp, type SwitchId } from '../circuit';
import { givenUp, playMode, hotPartsIn } from '.';

const socket = (id: string, functions: string[], category: string, more: object = {}) => ({
	id,
	zone: 'front',
	side: 'left',
	index: 1,
	functions,
	category,
	lens: 'clear',
	...more
});
const vehicle = makeConfiguration(
	[
		socket('tp', ['turn', 'front-position'], '3157A', { wiring: 'standard' }),
		socket('rep', ['turn'], 'W5W', { zone: 'side' }),
		socket('cab', ['dome'], 'W5W', { zone: 'cabin', state: 'sealed' })
	],
	{
		market: 'US',
		channels: [
			{
				id: 'turn',
				feeds: ['tp', 'rep'].map((s) => ({ socket: s, function: 'turn' })),
				feed: { kind: 'steady' },
				monitor: { kind: 'flasher', minCurrent: 0.5 },
				message: 'Turn'
			},
			{
				id: 'park',
				feeds: [{ socket: 'tp', function: 'front-position' }],
				feed: { kind: 'steady' },
				monitor: { kind: 'none' }
			}
		],
		flasher: { kind: 'plug-in', normalPerMinute: 85 }
	}
);
const lamp = makeProduct({
	id: 'sb',
	fits: ['3157A'],
	modes: ['switchback-a'],
	wiring: 'standard',
	colour: { kind: 'amber', peak: 592 },
	minorColour: { kind: 'white', cct: 6000 },
	power: { at13v5: 4, minor: 2 }
});
const cooked = makeProduct({
	id: 'cook',
	fits: ['W5W'],
	power: { at13v5: 0.6 },
	builtInLoad: 6,
	limit: 100,
	colour: { kind: 'amber', peak: 592 }
});
const circuit = (lamps: Record<string, FittedLamp>) =>
	vehicleCircuit(vehicle, { lamps: new Map(Object.entries(lamps)), parts: [], faults: [] });
const play = (lamps: Record<string, FittedLamp>, ...switches: SwitchId[]) =>
	playMode(vehicle, simulate(circuit(lamps), switches));
const with_ = (product: typeof lamp): FittedLamp => ({ kind: 'product', product });

describe('what a socket shows in a mode', () => {
	it('is the light that leaves its lens, in words as well', () => {
		expect(play({}).get('tp')).toMatchObject({ light: 0, words: 'dark' });
		expect(play({}, 'left').get('tp')).toMatchObject({
			period: 60 / 85,
			words: 'turn lit amber, flashing 85 a minute'
		});
		expect(play({ tp: with_(lamp) }, 'position').get('tp')?.words).toContain('front position lit white');
		expect(play({ tp: with_(lamp) }, 'left').get('tp')?.words).toContain('turn lit amber');
	});

	it('hyperflash is drawn at its double rate', () => {
		const small = makeProduct({
			id: 'w5',
			fits: ['W5W'],
			power: { at13v5: 0.6 },
			colour: { kind: 'amber', peak: 592 }
		});
		expect(play({ tp: with_(lamp), rep: with_(small) }, 'left').get('tp')?.period).toBeCloseTo(60 / 170, 9);
	});

	it('a lamp of unknown power is said to be not known', () => {
		expect(play({ tp: with_({ ...lamp, power: {} } as typeof lamp) }, 'left').get('tp')?.words).toContain('not known');
	});
});

describe('heat while a mode lasts', () => {
	it('a built-in load of 6 W in a wedge, 35 + 6.6 x 0.5 x 25 = 117 C in the end, passes 100 C within three minutes and is gone', () => {
		const now = circuit({ rep: with_(cooked) });
		const [hot] = hotPartsIn(now, simulate(now, ['left']), 600);
		expect(hot).toMatchObject({ socket: 'rep', limit: 100 });
		expect(hot?.temperature).toBeCloseTo(117.4, 1);
		// 90 s x -ln(1 - 65 / 82.5)
		expect(hot?.seconds).toBeCloseTo(139.6, 0);
		expect(givenUp(now, simulate(now, ['left']), 600)).toEqual(['rep']);
		expect(givenUp(now, simulate(now, ['left']), 20)).toEqual([]);
	});
});
