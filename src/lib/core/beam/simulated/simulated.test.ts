import { describe, expect, it } from 'vitest';
import { compareBeams, workPicture } from '../picture';
import { fearedBeam, lightAt, photograph, PLAIN_BEAM, PLAIN_CAMERA, type LampInOptic } from '.';

const RIGHT: LampInOptic = { optic: 'reflector', lightCentre: 0, clocking: 0, emission: 'sided', rises: 'right' };
const CAMERA = { ...PLAIN_CAMERA, width: 720, height: 480 };
const shot = (lamp: Partial<LampInOptic>, seed = 1) => ({
	picture: workPicture(photograph(fearedBeam({ ...RIGHT, ...lamp }).pattern, { ...CAMERA, seed })),
	quad: null,
	exposure: null
});

describe('what to fear of a lamp in an optic', () => {
	const changeOf = (lamp: Partial<LampInOptic>) =>
		compareBeams(shot({ optic: lamp.optic ?? 'reflector' }), shot(lamp, 2)).change;

	it('a lamp turned clockwise, seen from the front, leans its cut-off against the clock, seen from behind it', () => {
		expect(changeOf({ clocking: 10 }).tilt).toBeLessThan(-2);
		expect(changeOf({ clocking: -10 }).tilt).toBeGreaterThan(2);
	});

	it('a light centre that is off softens the edge of a reflector, and leaves that of a projector', () => {
		expect(changeOf({ lightCentre: 1.5 }).blur).toBeGreaterThan(1.8);
		expect(changeOf({ optic: 'projector', lightCentre: 1.5 }).blur).toBeCloseTo(1, 0);
		expect(changeOf({ optic: 'projector', clocking: 10 }).tilt).toBeCloseTo(0, 0);
	});

	it('says what it fears and what is not known, and fears nothing of a lamp that stands right', () => {
		expect(fearedBeam(RIGHT)).toMatchObject({ fears: [], notKnown: [] });
		expect(fearedBeam({ ...RIGHT, emission: 'end' }).fears[0]).toContain('cut-off lost');
		expect(fearedBeam({ ...RIGHT, emission: null, clocking: null, lightCentre: null }).notKnown).toHaveLength(3);
	});

	it('light is never negative and falls off from the hot spot', () => {
		for (let right = -20; right <= 20; right += 2)
			for (let up = -10; up <= 10; up += 1) expect(lightAt(PLAIN_BEAM, right, up)).toBeGreaterThanOrEqual(0);
		expect(lightAt(PLAIN_BEAM, 0, -1.4)).toBeGreaterThan(3 * lightAt(PLAIN_BEAM, 0, 0.5));
	});

	it('the same seed is the same picture', () => {
		const again = () => photograph(PLAIN_BEAM, { ...CAMERA, width: 96, height: 64, seed: 5 }).pixels;
		expect(again()).toEqual(again());
	});
});
