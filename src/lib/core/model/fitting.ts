import { z } from 'zod';
import { configurationId, count, label, productId, socketId } from './quantities';

/** Something that was marked at a step of a fitting: ticked, noted, found, photographed. */
const mark = z.looseObject({
	uid: label,
	step: label,
	kind: label,
	at: label,
	by: label.nullish(),
	text: z.string().max(3000).optional(),
	/** SHA-256 of a picture. */
	picture: label.optional(),
	/** False where what was found could not be taken into the record. */
	taken: z.boolean().optional()
});

/** A kit that was fitted to one customer's vehicle, without saying whose. */
export const fitting = z.looseObject({
	id: label,
	configuration: configurationId,
	/** The kit, what it was called, and which released revision of it. */
	kit: label,
	kitName: label.optional(),
	revision: count(1, 100_000).nullish(),
	code: label.nullish(),
	state: z.enum(['running', 'finished']).default('running'),
	startedAt: label,
	startedBy: label.nullish(),
	finishedAt: label.nullish(),
	/** Lamps that went in, by socket; of a finished fitting. */
	lamps: z.record(socketId, productId).optional(),
	/** The work as it stood when the fitting began. */
	plan: z.looseObject({}).optional(),
	marks: z.array(mark).default([])
});

export type FittingRecord = z.infer<typeof fitting>;
