import { z } from 'zod';
import { celsius, channelId, configurationId, day, label, productId, socketId } from './quantities';

/** Words people say on the way; a note is never read by a rule. */
const note = z.string().max(3000).optional();
const lux = z.number().min(0, 'must be 0 lx or more').max(1e6, 'must be at most 1000000 lx');
const distance = z.number().positive('must be more than 0 m').max(100, 'must be at most 100 m');
/** On the wall, mm; a drop is downwards positive. */
const wallMm = z.number().min(-5000).max(5000);
const pictureHash = z.string().regex(/^[0-9a-f]{64}$/, 'must be the SHA-256 of a picture');

const common = {
	id: label,
	configuration: configurationId,
	on: day,
	by: label.optional(),
	/** The kit that was fitted, and the fitting it was found at. */
	kit: label.optional(),
	fitting: label.optional(),
	note
};

/** What may be seen in a mode in place of what should be. */
export const SEEN_INSTEAD = [
	'dark',
	'dim',
	'wrong-colour',
	'wrong-lamp',
	'flickers',
	'glows',
	'message',
	'no-message',
	'races',
	'does-not-flash'
] as const;
export type SeenInstead = (typeof SEEN_INSTEAD)[number];

/** Every mode is tried at once, and again when the lamps are warm. */
export const TEST_ROUNDS = ['at-once', 'after-ten-minutes'] as const;
export type TestRound = (typeof TEST_ROUNDS)[number];

/** One line of a mode test: a mode, and whether it was as expected. */
const testLine = z.looseObject({
	mode: label,
	round: z.enum(TEST_ROUNDS),
	isAsExpected: z.boolean(),
	/** What came instead, and at which lamps. */
	saw: z.array(z.looseObject({ what: z.enum(SEEN_INSTEAD), sockets: z.array(socketId).default([]) })).default([]),
	/** Outputs whose message came; empty when the dash said nothing. */
	complained: z.array(channelId).default([]),
	/** Median of what was tapped along, flashes a minute, and half the spread of its middle half. */
	flashPerMinute: z.number().min(1).max(600).optional(),
	flashSpread: z.number().min(0).max(600).optional(),
	at: label.optional(),
	note
});

/** What was fitted where while it was tested: lamps by socket, and the loads, modules and flashers that were in. */
const fittedThere = {
	lamps: z.record(socketId, productId),
	parts: z
		.array(z.looseObject({ accessory: label, socket: socketId.optional(), channel: channelId.optional() }))
		.default([])
};

const points = z.partialRecord(z.enum(['hot-spot', 'below', 'above', 'left', 'right']), lux);

/** Readings at one distance. */
const lightSet = z.looseObject({ points, distance, ambient: lux.optional() });

const wallPoint = z.object({ x: z.number().min(-0.5).max(1.5), y: z.number().min(-0.5).max(1.5) });
const shot = z.looseObject({
	picture: pictureHash,
	/** Four marks on it, from the top left round. */
	marks: z.array(wallPoint).length(4).optional(),
	exposure: z.looseObject({ seconds: z.number(), fNumber: z.number(), iso: z.number() }).optional()
});

/** What two pictures came to, as it was shown when they were kept. */
const beamNumbers = z.looseObject({
	comparable: z.boolean(),
	tilt: z.number().nullable(),
	/** px of the picture, upwards positive. */
	rise: z.number().nullable(),
	/** The same as percent of the distance to the wall; null where nothing gave the scale. */
	risePercent: z.number().nullable(),
	aboveRatio: z.number().nullable(),
	belowRatio: z.number().nullable(),
	blur: z.number().nullable()
});

const adjuster = z.looseObject({
	which: z.enum(['height', 'side']),
	/** Turns, clockwise positive. */
	turns: z.number().min(-100).max(100),
	tool: label.optional(),
	/** What a clockwise turn does. */
	clockwise: z.enum(['raises', 'lowers', 'left', 'right']).optional(),
	ranOut: z.boolean().optional()
});

const aimed = z.looseObject({
	rule: label,
	/** Lamp centre over the floor, mm. */
	height: z.number().min(200).max(2000),
	distance,
	/** The figure beside the headlamp, percent down. */
	stamped: z.number().min(0).max(4).optional(),
	/** Of the cut-off under lamp height, mm. */
	drop: wallMm
});

/** Everything that is proved on a vehicle, a kind each. */
export const proof = z.discriminatedUnion('kind', [
	z.looseObject({
		kind: z.literal('mode-test'),
		...common,
		...fittedThere,
		lines: z.array(testLine).default([]),
		/** A plain lamp in a monitored socket, taken out: did the dash say so? Without that nobody knows that it looks at all. */
		control: z.looseObject({ channel: channelId, complained: z.boolean() }).optional()
	}),
	z.looseObject({
		kind: z.literal('light'),
		...common,
		socket: socketId,
		product: productId.optional(),
		...lightSet.shape
	}),
	z.looseObject({
		kind: z.literal('beam'),
		...common,
		socket: socketId,
		product: productId.optional(),
		before: shot,
		after: shot,
		/** The rectangle of the marks on the wall, mm, and how far the wall is, m. */
		wall: z.looseObject({ width: z.number().positive(), height: z.number().positive() }).optional(),
		distance: distance.optional(),
		numbers: beamNumbers
	}),
	z.looseObject({
		kind: z.literal('aim'),
		...common,
		socket: socketId,
		product: productId.optional(),
		...aimed.shape,
		traffic: z.enum(['right', 'left']),
		/** Where it stood before it was touched. */
		dropBefore: wallMm.optional(),
		adjusters: z.array(adjuster).default([])
	}),
	z.looseObject({
		kind: z.literal('temperature'),
		...common,
		socket: socketId,
		product: productId.optional(),
		body: celsius,
		lens: celsius.optional(),
		ambient: celsius,
		minutes: z.number().positive().max(1000),
		/** True when matt tape was under the thermometer: bare metal reads far too low. */
		tape: z.boolean().optional()
	}),
	z.looseObject({
		kind: z.literal('beam-check'),
		...common,
		socket: socketId,
		product: productId,
		light: z.looseObject({ before: lightSet, after: lightSet }).optional(),
		pictures: z
			.looseObject({
				comparable: z.boolean(),
				tilt: z.number().nullable(),
				rise: z.number().nullable(),
				hashes: z.array(pictureHash).max(4).default([])
			})
			.optional(),
		aim: aimed.optional(),
		/** The lamp unit and the place in it, where the unit is one that several vehicles share. */
		unit: label.optional(),
		/** What lamp type and lamp unit were like: a change of either asks again. */
		about: z.looseObject({ product: z.record(z.string(), z.unknown()), unit: z.record(z.string(), z.unknown()) })
	})
]);

export type Proof = z.infer<typeof proof>;
export type ProofKind = Proof['kind'];
export type ProofOf<K extends ProofKind> = Extract<Proof, { kind: K }>;
export const PROOF_KINDS: readonly ProofKind[] = ['mode-test', 'light', 'beam', 'aim', 'temperature', 'beam-check'];

/** A proof of a kind this code does not know: it is kept as it came, and nothing is read from it. */
const foreignProof = z
	.looseObject({ kind: z.string().optional() })
	.refine(({ kind }) => !PROOF_KINDS.includes(kind as ProofKind), { path: ['kind'] });

/** A proof as a file may hold it. */
export const anyProof = z.union([proof, foreignProof]);

/** Those proofs of a file whose kind is known. */
export const knownProofs = (proofs: readonly z.infer<typeof anyProof>[]): Proof[] =>
	proofs.filter((one): one is Proof => PROOF_KINDS.includes(one.kind as ProofKind));
