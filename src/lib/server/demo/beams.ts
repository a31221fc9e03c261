import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import type { Knex } from 'knex';
import {
	compareBeams,
	photograph,
	PLAIN_BEAM,
	PLAIN_CAMERA,
	workPicture,
	type BeamPattern,
	type BeamShot,
	type Camera,
	type Quad
} from '../../core/beam';
import { proof, type ProofOf } from '../../core/model';
import { pngOf } from '../pictures/read-picture';
import { signCheck } from '../services/beam-checks';
import { keepBeamPicture, keepProof } from '../services/proofs';
import { showProve } from '../services/prove';
import type { Actor } from '../services/record/store';

/** Beams of the demo are drawn, not photographed: what each is like, and who would have taken it. */
const FILE = resolve('data/demo-beams.json');

interface Recipe {
	id: string;
	configuration: string;
	socket: string;
	product: string;
	on: string;
	by: string;
	/** m */
	distance: number;
	before: Partial<BeamPattern>;
	after: Partial<BeamPattern>;
	note?: string;
}

interface Recipes {
	beams: Recipe[];
	checks: { configuration: string; socket: string; product: string; on: string; by: string; note: string }[];
}

/** Targets on the wall, degrees from straight ahead. */
const TARGETS = { right: 9, up: 5, radius: 0.6 };
const CAMERA: Camera = { ...PLAIN_CAMERA, width: 400, height: 267, ambient: 0.02, noise: 0.003, targets: TARGETS };
const DEGREE = Math.PI / 180;
/** Where the targets stand on the picture. */
const [ASIDE, ABOVE] = [TARGETS.right / CAMERA.across, (TARGETS.up / CAMERA.across) * (CAMERA.width / CAMERA.height)];
const QUAD: Quad = [
	{ x: 0.5 - ASIDE, y: 0.5 - ABOVE },
	{ x: 0.5 + ASIDE, y: 0.5 - ABOVE },
	{ x: 0.5 + ASIDE, y: 0.5 + ABOVE },
	{ x: 0.5 - ASIDE, y: 0.5 + ABOVE }
];

const actorOn = (on: string, by: string): Actor => ({ by, now: `${on}T12:00:00.000Z` });

interface KeptShot {
	hash: string;
	shot: BeamShot;
}

async function keptShot(db: Knex, pattern: Partial<BeamPattern>, seed: number): Promise<KeptShot> {
	const raw = photograph({ ...PLAIN_BEAM, ...pattern }, { ...CAMERA, seed });
	const picture = workPicture(raw);
	const kept = await keepBeamPicture(db, await pngOf(raw));
	if (!kept.ok) throw new Error(`A picture of the demo is none: ${kept.error}`);
	return { hash: kept.value, shot: { picture, quad: QUAD, exposure: null } };
}

async function keepBeam(db: Knex, recipe: Recipe, number: number): Promise<void> {
	const { before: first, after: second, on, by, distance, ...rest } = recipe;
	const [before, after] = [await keptShot(db, first, 2 * number + 1), await keptShot(db, second, 2 * number + 2)];
	const found = compareBeams(before.shot, after.shot);
	const { tilt, rise, aboveRatio, belowRatio, blur } = found.change;
	const perPixel = CAMERA.across / CAMERA.width;
	const kept = {
		...rest,
		kind: 'beam',
		on,
		by,
		distance,
		before: { picture: before.hash, marks: QUAD },
		after: { picture: after.hash, marks: QUAD },
		wall: {
			width: Math.round(2 * Math.tan(TARGETS.right * DEGREE) * distance * 1000),
			height: Math.round(2 * Math.tan(TARGETS.up * DEGREE) * distance * 1000)
		},
		numbers: {
			comparable: found.comparable,
			tilt,
			rise,
			risePercent: rise === null ? null : Math.tan(rise * perPixel * DEGREE) * 100,
			aboveRatio,
			belowRatio,
			blur
		}
	};
	await keepProof(db, proof.parse(kept) as ProofOf<'beam'>, { finished: false, actor: actorOn(on, by) });
}

/** Draws the beams of the demo, keeps what the pictures say, and signs the checks that somebody would have signed. */
export async function keepDemoBeams(db: Knex): Promise<void> {
	const { beams, checks } = JSON.parse(readFileSync(FILE, 'utf8')) as Recipes;
	for (const [number, recipe] of beams.entries()) await keepBeam(db, recipe, number);
	for (const { configuration, on, ...signed } of checks) {
		const prove = await showProve(db, configuration);
		const done = prove && (await signCheck(db, prove, { ...signed, actor: actorOn(on, signed.by) }));
		if (!done?.ok) throw new Error(`A beam check of the demo cannot be signed: ${done?.error ?? configuration}`);
	}
}
