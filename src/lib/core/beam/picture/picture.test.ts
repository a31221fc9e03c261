import { describe, expect, it } from 'vitest';
import { PLAIN_BEAM, PLAIN_CAMERA, photograph, type BeamPattern, type Camera } from '../simulated';
import {
	beamAdvice,
	checkedQuad,
	compareBeams,
	findTargets,
	homography,
	lightGrid,
	luxPerUnit,
	mapped,
	MOST_PIXELS,
	pictureKind,
	readBeam,
	srgbByte,
	verticalProfile,
	WHOLE_PICTURE,
	workPicture,
	type BeamShot,
	type Quad
} from '.';

const WIDTH = 780;
const PX_PER_DEGREE = WIDTH / PLAIN_CAMERA.across;
const CAMERA: Camera = { ...PLAIN_CAMERA, width: WIDTH, height: 520 };

const taken = (beam: Partial<BeamPattern> = {}, camera: Partial<Camera> = {}): BeamShot => ({
	picture: workPicture(photograph({ ...PLAIN_BEAM, ...beam }, { ...CAMERA, ...camera })),
	quad: null,
	exposure: null
});
const BEFORE = taken();
const degreesUp = (px: number) => PLAIN_BEAM.cutOff + px / PX_PER_DEGREE;

interface Known {
	what: string;
	beam: Partial<BeamPattern>;
	camera?: Partial<Camera>;
	tilt: number;
	rise: number;
	/** Light over the cut-off with the dark wall's, after over before. */
	above: number;
}

const lightOver = (above: number) => (above + PLAIN_CAMERA.ambient) / (PLAIN_BEAM.above + PLAIN_CAMERA.ambient);

describe('pairs with a known change are read back: tilt within 0.3 degrees, rise within 3 px of 1,200, light above within 15 %', () => {
	const PAIRS: Known[] = [
		{ what: 'nothing but noise', beam: {}, tilt: 0, rise: 0, above: 1 },
		{ what: 'a small tilt', beam: { tilt: 1 }, tilt: 1, rise: 0, above: 1 },
		{ what: 'a large tilt', beam: { tilt: -5 }, tilt: -5, rise: 0, above: 1 },
		{ what: 'risen', beam: { cutOff: degreesUp(20) }, tilt: 0, rise: 20, above: 1 },
		{ what: 'sunk', beam: { cutOff: degreesUp(-30) }, tilt: 0, rise: -30, above: 1 },
		{ what: 'glare', beam: { above: 0.05 }, tilt: 0, rise: 0, above: lightOver(0.05) },
		{ what: 'a softer edge', beam: { edge: 0.5 }, tilt: 0, rise: 0, above: 1 },
		{
			what: 'all at once, noisy',
			beam: { tilt: 2.5, cutOff: degreesUp(12), above: 0.04, edge: 0.35 },
			camera: { noise: 0.012 },
			tilt: 2.5,
			rise: 12,
			above: lightOver(0.04)
		}
	];
	const rows = PAIRS.map(({ what, beam, camera, tilt, rise, above }, i) => {
		const { change, comparable } = compareBeams(BEFORE, taken(beam, { seed: 10 + i, ...camera }));
		return { what, comparable, read: change, known: { tilt, rise, above } };
	});

	it.each(rows)('$what', ({ comparable, read, known }) => {
		expect(comparable).toBe(true);
		expect(Math.abs(read.tilt! - known.tilt)).toBeLessThan(0.3);
		expect(Math.abs(read.rise! - known.rise)).toBeLessThan((3 * WIDTH) / 1200);
		expect(Math.abs(read.aboveRatio! / known.above - 1)).toBeLessThan(0.15);
	});

	it('the table', () => {
		const line = (cells: (string | number)[]) => cells.map((cell) => String(cell).padStart(18)).join('');
		const table = rows.map(({ what, read, known }) =>
			line([
				what,
				`${known.tilt} / ${read.tilt!.toFixed(2)}`,
				`${known.rise} / ${read.rise!.toFixed(1)}`,
				`${known.above.toFixed(2)} / ${read.aboveRatio!.toFixed(2)}`
			])
		);
		console.info([line(['known / read', 'tilt, degrees', 'rise, px', 'above']), ...table].join('\n'));
		expect(table).toHaveLength(PAIRS.length);
	});
});

describe('other cut-offs', () => {
	const mirrored: BeamPattern = { ...PLAIN_BEAM, rises: 'left' };
	it('a flat one, and one that rises to the left', () => {
		const flat = compareBeams(taken({ arm: 0 }), taken({ arm: 0, tilt: 2, cutOff: degreesUp(9) }, { seed: 3 }));
		expect(flat.after.cutOff?.shape).toBe('flat');
		expect(flat.change.tilt).toBeCloseTo(2, 0);
		expect(Math.abs(flat.change.rise! - 9)).toBeLessThan(2);
		const left = compareBeams(taken(mirrored), taken({ ...mirrored, tilt: -2 }, { seed: 4 }));
		expect(left.before.cutOff).toMatchObject({ shape: 'arm', flatIsLeft: false });
		expect(left.change.tilt).toBeCloseTo(-2, 0);
	});

	it('a beam without one is said to have none, and is never given a height', () => {
		const flood = taken({ edge: 12, above: 0.3, hotSpot: { under: 2, wide: 9, tall: 9, light: 0.2 } }, { seed: 6 });
		const found = compareBeams(BEFORE, flood);
		expect(found.after.cutOff).toBeNull();
		expect(found.change).toMatchObject({ tilt: null, rise: null, aboveRatio: null });
		expect(found.issues).toContainEqual({ code: 'no-cut-off', which: 'after' });
		expect(beamAdvice(found).map(({ code }) => code)).toEqual(['no-cut-off']);
	});

	it('an even wall and a black one have no cut-off', () => {
		for (const byte of [0, 120]) {
			const pixels = new Uint8Array(300 * 200 * 3).fill(byte);
			expect(readBeam(workPicture({ width: 300, height: 200, channels: 3, pixels })).cutOff).toBeNull();
		}
	});
});

describe('pictures that do not compare say so', () => {
	const exposure = { seconds: 1 / 50, fNumber: 2, iso: 100 };
	it.each([
		[
			'exposed otherwise, as they say',
			{ ...taken({}, { seed: 2 }), exposure: { ...exposure, iso: 200 } },
			exposure,
			'exposure'
		],
		['exposed otherwise, as they look', taken({}, { seed: 2, exposure: 0.6 }), null, 'exposure-looks'],
		['over what the camera takes', taken({}, { seed: 2, exposure: 2.5 }), null, 'clipped'],
		['dark', taken({}, { seed: 2, exposure: 0.01 }), null, 'dark'],
		['of another size', taken({}, { seed: 2, width: 600, height: 400 }), null, 'size'],
		['marked on one only', { ...taken({}, { seed: 2 }), quad: WHOLE_PICTURE }, null, 'marks-on-one']
	])('%s', (_, after, before, code) => {
		const found = compareBeams({ ...BEFORE, exposure: before }, after);
		expect(found.comparable).toBe(false);
		expect(found.issues.map((issue) => issue.code)).toContain(code);
		expect(beamAdvice(found)).toEqual([]);
	});

	it('pictures that were exposed alike by their own word may differ in light', () => {
		const brighter = compareBeams({ ...BEFORE, exposure }, { ...taken({}, { seed: 2, exposure: 1.2 }), exposure });
		expect(brighter.issues.map(({ code }) => code)).not.toContain('exposure-looks');
	});
});

describe('marks on the wall', () => {
	const TARGETS = { right: 9, up: 5, radius: 0.7 };
	const VIEW: Quad = [
		{ x: 0.06, y: 0.02 },
		{ x: 0.97, y: 0.07 },
		{ x: 0.93, y: 0.95 },
		{ x: 0.02, y: 0.98 }
	];
	const marked = (beam: Partial<BeamPattern>, camera: Partial<Camera>): BeamShot => {
		const shot = taken(beam, { ambient: 0.02, targets: TARGETS, ...camera });
		return { ...shot, quad: findTargets(shot.picture) };
	};
	const before = marked({}, {});

	it('printed targets are found by themselves, and put a moved camera right', () => {
		const after = marked({ tilt: 2, cutOff: degreesUp(15) }, { view: VIEW, seed: 8 });
		const map = homography(WHOLE_PICTURE, VIEW)!;
		const place = mapped(map, { x: 0.5 - 9 / 30, y: 0.5 - 5 / 20 });
		expect(Math.hypot(after.quad![0].x - place.x, after.quad![0].y - place.y)).toBeLessThan(0.003);
		const { change, comparable, issues } = compareBeams(before, after);
		expect(comparable).toBe(true);
		expect(issues.map(({ code }) => code)).toContain('camera-moved');
		expect(Math.abs(change.tilt! - 2)).toBeLessThan(0.3);
		expect(Math.abs(change.rise! - 15)).toBeLessThan(2.3);
	});

	it('none are found where there are none', () => {
		expect(findTargets(BEFORE.picture)).toBeNull();
		expect(findTargets(taken({ tilt: 3, above: 0.1 }, { noise: 0.03 }).picture)).toBeNull();
	});

	it('marks in the wrong order, on a line or far outside are refused in words', () => {
		const [tl, tr, br, bl] = WHOLE_PICTURE;
		for (const quad of [
			[tr, tl, br, bl],
			[tl, tl, br, bl],
			[{ x: 9, y: 0 }, tr, br, bl]
		] as unknown as Quad[])
			expect(checkedQuad(quad).ok).toBe(false);
		expect(homography([tl, tl, tl, tl], WHOLE_PICTURE)).toBeNull();
	});
});

describe('what it means', () => {
	const codes = (beam: Partial<BeamPattern>) =>
		beamAdvice(compareBeams(BEFORE, taken(beam, { seed: 21 }))).map(({ code }) => code);

	it('tilt is clocking, a high line aim, a soft edge the light centre, light above glare', () => {
		expect(codes({ tilt: 3 })).toEqual(['tilted']);
		expect(codes({ cutOff: degreesUp(15) })).toEqual(['raised']);
		expect(codes({ edge: 0.6 })).toContain('soft');
		expect(codes({ above: 0.06 })).toContain('glare');
		expect(codes({})).toEqual(['as-before']);
	});

	it('a lean is turned back the other way', () => {
		const [first] = beamAdvice(compareBeams(BEFORE, taken({ tilt: 4 }, { seed: 22 })));
		expect(first?.words).toContain('clockwise');
		expect(first?.todo).toContain('against the clock, as seen from behind');
	});
});

describe('light on a picture', () => {
	it('one measured place gives all others their lux', () => {
		const factor = luxPerUnit(BEFORE.picture, readBeam(BEFORE.picture).reading.hotSpot, 40)!;
		const profile = verticalProfile(BEFORE.picture, 0.52);
		expect(Math.max(...profile.map(({ light }) => light)) * factor).toBeCloseTo(40, -1);
		expect(luxPerUnit(BEFORE.picture, { x: 0.02, y: 0.02 }, 40)).not.toBeNaN();
		expect(lightGrid(BEFORE.picture, 150).width).toBe(WIDTH / 5);
	});

	it('sRGB there and back', () => {
		const pixels = Uint8Array.from([0, 0, 0, 12, 12, 12, 128, 128, 128, 255, 255, 255]);
		const { values } = workPicture({ width: 2, height: 2, channels: 3, pixels });
		expect([...values].map(srgbByte)).toEqual([0, 12, 128, 255]);
	});
});

describe('what kind of picture', () => {
	const png = (width: number, height: number, ...chunks: string[]) => {
		const head = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, ...Buffer.from('IHDR')];
		const size = new Uint8Array(17);
		new DataView(size.buffer).setUint32(0, width);
		new DataView(size.buffer).setUint32(4, height);
		const rest = [...chunks, 'IDAT'].flatMap((name) => [0, 0, 0, 0, ...Buffer.from(name), 0, 0, 0, 0]);
		return Uint8Array.from([...head, ...size, ...rest]);
	};

	it('its bytes count, not its name', () => {
		expect(pictureKind(png(1200, 800))).toEqual({ ok: true, value: { kind: 'png', width: 1200, height: 800 } });
		const jpeg = [0xff, 0xd8, 0xff, 0xe0, 0, 4, 0, 0, 0xff, 0xc0, 0, 17, 8, 3, 32, 4, 176, 3, 0, 0];
		expect(pictureKind(Uint8Array.from(jpeg))).toEqual({ ok: true, value: { kind: 'jpeg', width: 1200, height: 800 } });
	});

	it.each([
		['no picture', new TextEncoder().encode('<svg onload="alert(1)"/>'), 'no PNG or JPEG'],
		['an animated one', png(1200, 800, 'acTL'), 'animated'],
		['60 megapixels', png(10_000, 6_000), '60 megapixels'],
		['a thumbnail', png(20, 20), 'at least 64 x 64'],
		['a GIF', Uint8Array.from(Buffer.from('GIF89a......')), 'GIF'],
		['a JPEG that breaks off', Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 0, 4]), 'breaks off'],
		['nothing at all', new Uint8Array(0), 'no PNG or JPEG']
	])('%s is refused', (_, bytes, words) => {
		const kind = pictureKind(bytes);
		expect(kind.ok ? '' : kind.error).toContain(words);
	});

	it('the largest that is taken', () => {
		expect(pictureKind(png(MOST_PIXELS / 5000, 5000)).ok).toBe(true);
	});
});
