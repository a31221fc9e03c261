import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { aim, fearedBeam } from '$lib/core/beam';
import { wallView } from '$lib/core/views';
import AimWall from '../charts/AimWall.svelte';
import LightChart from '../charts/LightChart.svelte';
import FearedBeamPanel from '../match/FearedBeamPanel.svelte';
import MeasureField from '../ui/MeasureField.svelte';
import { askedAs, askedIn } from './asked';
import ControlLamp from './ControlLamp.svelte';
import MarkHandles from './MarkHandles.svelte';
import Otherwise from './Otherwise.svelte';
import ProveMark from './ProveMark.svelte';

const html = (component: unknown, props: object) => render(component as never, { props: props as never }).body;
const plain = (text: string) => text.replaceAll(/<!--.*?-->/g, '').replaceAll(/\s+/g, ' ');

describe('the wall', () => {
	const wallAt = (rule: string, more: object = {}) => {
		const found = aim({ rule, height: 650, distance: 10, traffic: 'right' });
		if (!found.ok) throw new Error(found.error);
		return wallView(found.value, { height: 650, distance: 10, traffic: 'right', ...more });
	};

	it('is to scale: a drop of 125 mm at 10 m stands 125 mm under lamp height, its range about it', () => {
		const [left, right] = wallAt('un-r48-low-beam').lamps;
		expect(left).toMatchObject({ x: -600, height: 650, mark: 525, least: 550, most: 500, now: null });
		expect(right!.arm!.x).toBeGreaterThan(right!.x);
		expect(left!.arm!.y).toBeGreaterThan(left!.mark);
	});

	it('mirrors with the traffic, has no arm for a fog lamp, and shows where the cut-off stands now', () => {
		const found = aim({ rule: 'un-r48-low-beam', height: 650, distance: 10, traffic: 'left' });
		const mirrored = found.ok ? wallView(found.value, { height: 650, distance: 10, traffic: 'left' }) : null;
		expect(mirrored!.lamps[0]!.arm!.x).toBeLessThan(mirrored!.lamps[0]!.x);
		expect(wallAt('un-r48-fog').lamps[0]!.arm).toBeNull();
		expect(wallAt('un-r48-low-beam', { now: 60 }).lamps[0]!.now).toBe(590);
	});

	it('is drawn with its measures in the words of the shop, and the points to hold a meter at', () => {
		const wall = wallAt('un-r48-low-beam', { points: true });
		const body = html(AimWall, { wall, length: (mm: number) => `${mm / 25.4} in`, label: 'The wall' });
		expect(body).toContain('aria-label="The wall"');
		expect(body).toContain('under the cut-off');
		expect(body.match(/class="mark[ "]/g)).toHaveLength(2);
		expect(wall.points.map(({ point }) => point)).toEqual(['below', 'above', 'left', 'right']);
	});
});

describe('light on one chart', () => {
	it('says in words what its bars show, and leaves out what was not measured', () => {
		const body = html(LightChart, {
			series: [
				{ id: 'a', name: 'the lamp it came with', candela: { 'hot-spot': 18104, above: 255 } },
				{ id: 'b', name: 'another', candela: { 'hot-spot': 20427 } }
			]
		});
		expect(body).toContain(
			'the lamp it came with: hot spot 18104 cd, above the cut-off 255 cd; another: hot spot 20427 cd'
		);
		expect(body.match(/class="bar[ "]/g)).toHaveLength(3);
	});
});

describe('what to fear of a beam', () => {
	it('is marked as a sketch, with what was not known and taken as right', () => {
		const beam = fearedBeam({
			optic: 'reflector',
			lightCentre: 1.2,
			clocking: null,
			emission: 'sided',
			rises: 'right'
		});
		const body = plain(html(FearedBeamPanel, { beam }));
		expect(body.match(/\(sketch\)/g)).toHaveLength(2);
		expect(body).toContain('Light centre 1.2 mm off');
		expect(body).toContain('how its emitters stand when it is locked');
		expect(body).toContain('no measurement: the wall decides');
	});
});

describe('fields and marks', () => {
	it('a measure is shown in its unit, with what makes it doubtful beside it', () => {
		const body = html(MeasureField, {
			label: 'Body',
			measure: 'temperature',
			value: 78,
			doubt: 'Was 7.8 meant?',
			onchange: () => null
		});
		expect(body).toContain('Body, C');
		expect(body).toContain('value="78"');
		expect(body).toMatch(/aria-describedby="[^"]+-words"/);
		expect(body).toContain('Was 7.8 meant?');
	});

	it('states have a shape and a word; what is not asked for is a dash that says so', () => {
		expect(
			(['good', 'open', 'bad'] as const).map(
				(state) => plain(html(ProveMark, { state })).match(/>(done|open|not met)</)?.[1]
			)
		).toEqual(['done', 'open', 'not met']);
		expect(html(ProveMark, { state: 'not-wanted' })).toContain('aria-label="not asked for"');
	});

	it('four handles on a picture can be reached and say where they stand', () => {
		const marks = [
			{ x: 0.2, y: 0.3 },
			{ x: 0.8, y: 0.3 },
			{ x: 0.8, y: 0.7 },
			{ x: 0.2, y: 0.7 }
		];
		const body = html(MarkHandles, { marks, label: 'Marks', onmove: () => null, ondone: () => null });
		expect(body.match(/<button/g)).toHaveLength(4);
		expect(body).toContain('Mark top left: 20 % across, 30 % down. Arrow keys move it.');
	});

	it('racing is offered only where something flashes, and a control only where something is monitored', () => {
		const props = { lamps: [], channels: [], onsay: () => null, onback: () => null };
		expect(html(Otherwise, { ...props, flashes: true })).toContain('races');
		expect(html(Otherwise, { ...props, flashes: false })).not.toContain('races');
		expect(html(ControlLamp, { channels: [], busy: false, onsay: () => null })).toContain(
			'No output of this vehicle is monitored'
		);
		const dead = html(ControlLamp, {
			channels: [{ id: 'stop', message: 'Check stop lamps' }],
			control: { channel: 'stop', complained: false },
			busy: false,
			onsay: () => null
		});
		expect(dead).toContain('a quiet dash proves nothing here');
	});
});

describe('what an address asks for', () => {
	const place = (socket: string, isBeam: boolean) => ({
		socket,
		sockets: [socket],
		name: socket,
		isBeam,
		hasCutOff: isBeam,
		wantsCheck: false
	});
	const given = {
		places: [place('stop', false), place('low', true), place('high', true)],
		lamps: { low: [{ id: 'A', name: 'a', maker: 'm' }] },
		only: ({ isBeam }: { isBeam: boolean }) => isBeam
	};
	const asked = (query: string) => {
		const { place: at, lamp } = askedIn(new URL(`http://x/${query}`), given);
		return [at?.socket, lamp];
	};

	it('is the place it names, else the first that may be asked for, with its first lamp', () => {
		expect(asked('')).toEqual(['low', 'A']);
		expect(asked('?place=high')).toEqual(['high', null]);
		expect(asked('?place=stop')).toEqual(['low', 'A']);
		expect(asked('?place=low&lamp=stock')).toEqual(['low', null]);
		expect(asked('?place=low&lamp=B')).toEqual(['low', 'B']);
	});

	it('another place forgets the lamp, and the kit goes along', () => {
		const url = new URL('http://x/?kit=K1&place=low&lamp=A');
		expect(askedAs(url, { place: 'high' })).toBe('?kit=K1&place=high');
		expect(askedAs(url, { lamp: null })).toBe('?kit=K1&place=low&lamp=stock');
	});
});
