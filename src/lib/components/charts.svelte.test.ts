import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import {
	judgeIn,
	LOW_SOCKET,
	makeConfiguration,
	makeHeadlampLed,
	makeProduct,
	makeShop,
	STOP_SOCKET
} from '../../../tests/support/make';
import { simulate, vehicleCircuit } from '$lib/core/circuit';
import { INTERCHANGES } from '$lib/core/lamps';
import { candidateDetail, candidateView, type MatchCandidateView } from '$lib/core/views';
import ClockFace from './charts/ClockFace.svelte';
import { fitRows } from '../core/views';
import { fitExtent } from './charts/fit';
import FitDrawing from './charts/FitDrawing.svelte';
import HeatCurve from './charts/HeatCurve.svelte';
import ScoreBars from './charts/ScoreBars.svelte';
import ChannelBars from './circuit/ChannelBars.svelte';
import Wave from './circuit/Wave.svelte';
import ColourPanel from './match/ColourPanel.svelte';
import Compare from './match/Compare.svelte';
import { neighboursOf } from './reference/interchange-map';
import InterchangeMap from './reference/InterchangeMap.svelte';

function shown(socket: object, product: ReturnType<typeof makeProduct>): MatchCandidateView {
	const configuration = makeConfiguration([socket]);
	const shop = makeShop();
	const candidate = judgeIn(configuration, product, shop);
	const where = { configuration, socket: configuration.sockets[0]!, shop };
	return { ...candidateView(candidate, where), detail: candidateDetail(candidate) };
}
const beam = (more: object = {}, socket: object = {}) => shown({ ...LOW_SOCKET, ...socket }, makeHeadlampLed(more));
const stop = (more: object = {}) => shown(STOP_SOCKET, makeProduct(more));
const nothing = () => undefined;

describe('the drawing of a lamp in its cavity', () => {
	it('says every number in words, and stripes what does not go in', () => {
		const { body } = render(FitDrawing, { props: { fit: beam().detail.fit } });
		expect(body).toContain('front length 42 mm of 46 mm');
		expect(body).toContain('depth behind, with air 54 mm of 60 mm');
		expect(body).not.toContain('fill: url(');
		const tight = beam({}, { envelope: { ...LOW_SOCKET.envelope, rearDepth: 50 } });
		expect(render(FitDrawing, { props: { fit: tight.detail.fit } }).body).toMatch(/fill: url\(#[^)]*-over\)/);
	});

	it('one extent holds all lamps that are compared', () => {
		const fits = [beam(), beam({ size: { frontLength: 60, frontDiameter: 30, rearLength: 90, rearDiameter: 80 } })].map(
			(c) => c.detail.fit
		);
		expect(fitExtent(fits)).toEqual({ behind: 100, ahead: 60, tall: 80 });
		expect(fitRows(stop().detail.fit).map((row) => row.what)).toEqual(['front length', 'front diameter']);
	});

	it('a lamp nobody measured is drawn without one, and said to be not known', () => {
		const { body } = render(FitDrawing, { props: { fit: stop({ size: undefined }).detail.fit } });
		expect(body).toContain('front length not known of 52 mm');
	});
});

describe('the emitters from the front', () => {
	it.each([
		[0, "Emitters at 3 and 9 o'clock."],
		[30, 'Emitters 30 degrees off; turn the collar anticlockwise, seen from the front.']
	])('key at %d degrees', (keyAngle, words) => {
		const { clock } = beam({ collar: 'adjustable' }, { keyAngle }).detail;
		expect(render(ClockFace, { props: { clock: clock! } }).body).toContain(words);
	});

	it('not known where the key was never looked at, and no matter where no beam is formed', () => {
		const { clock } = beam({}, { keyAngle: undefined }).detail;
		expect(render(ClockFace, { props: { clock: clock! } }).body).toContain('not known');
		expect(stop().detail.clock).toBeNull();
	});
});

describe('charts of a candidate', () => {
	it('heat over time names its end and its limit', () => {
		const { heat } = stop().detail;
		const curve = { name: 'Red lamp', heat: heat!.heat, timeConstant: heat!.timeConstant, limit: heat!.limit };
		const { body } = render(HeatCurve, { props: { curves: [curve] } });
		expect(body).toContain('Red lamp: 71 C after a long time, limit 115 C'); // 40 + 2.6 x 12 = 71.2
	});

	it('the score in its parts adds up to what the table shows', () => {
		const candidate = stop();
		const { body } = render(ScoreBars, { props: { parts: candidate.detail.score, total: candidate.score } });
		expect(body).toContain('Surviving light');
		expect(body).toContain('no white neighbour');
		expect(body).toContain(`>${candidate.score}<`);
	});

	it('colour before and behind the lens, against what is asked', () => {
		const { detail, lightShare } = stop();
		const { body } = render(ColourPanel, { props: { light: detail.light, neighbours: [], lightShare } });
		expect(body).toContain('Stop asks for red: inside the boundary.');
		expect(body).toContain('Filament lamp, before the lens');
		expect(body).toMatch(/Chromaticity, CIE 1931, UN boundaries/);
	});

	it('candidates side by side have their rows and their drawings', () => {
		const { body } = render(Compare, {
			props: {
				candidates: [beam(), beam({ id: 'b', name: 'Other', cooling: 'fins' })],
				currency: 'EUR',
				onleave: nothing
			}
		});
		expect(body.match(/side view to scale/g)).toHaveLength(2);
		expect(body).toContain('From its neighbours');
	});
});

describe('the interchange map', () => {
	it('has what goes into a category on one side and where it goes on the other, best first', () => {
		const { into, from } = neighboursOf('P21W', INTERCHANGES);
		expect(into[0]).toMatchObject({ category: '7506', kind: 'same' });
		expect(into.find((n) => n.category === 'PY21W')).toMatchObject({ kind: 'no-fit', way: 'in' });
		expect(from.find((n) => n.category === 'R5W')).toMatchObject({ kind: 'wrong', way: 'out' });
	});

	it('names every line for those who do not see it', () => {
		const { body } = render(InterchangeMap, {
			props: { category: 'P21W', cap: 'BA15s', interchanges: INTERCHANGES, onwalk: nothing }
		});
		expect(body).toContain('PY21W in a P21W socket: does not go in, high confidence. Walk to PY21W');
	});
});

describe('the test bench', () => {
	const vehicle = makeConfiguration([STOP_SOCKET], {
		channels: [
			{
				id: 'stop',
				feeds: [{ socket: 'stop-L', function: 'stop' }],
				feed: { kind: 'steady' },
				fuse: 10,
				monitor: { kind: 'hot', minCurrent: 1 }
			}
		]
	});
	const circuit = vehicleCircuit(vehicle);
	const state = simulate(circuit, ['brake']);

	it('shows current against what is asked for and the fuse', () => {
		const { body } = render(ChannelBars, {
			props: {
				channels: state.channels,
				outputs: new Map([['stop', 'stop lamps']]),
				selected: 'stop',
				onselect: nothing
			}
		});
		expect(body).toContain('1.86 A, at least 1.00 A');
		expect(body).toContain('19 %');
	});

	it('draws a channel over time, and says how long its lamp is lit', () => {
		const { body } = render(Wave, {
			props: {
				circuit,
				state,
				channel: vehicle.channels[0]!,
				output: 'stop lamps',
				names: new Map([['stop-L', 'Rear stop, left']])
			}
		});
		expect(body).toMatch(/stop lamps over 1\.5 seconds: up to 1\.8\d A; Rear stop, left lit \d+ % of the time/);
	});
});
