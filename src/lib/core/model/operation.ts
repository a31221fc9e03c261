import { z } from 'zod';
import { OPERATION_SIDES } from './enumerations';
import { evidence } from './evidence';
import { count, label } from './quantities';

const words = z.string().max(500);
const minutes = z.number().min(0, 'must not be negative').max(600, 'must be at most 600 minutes, more is not credible');

/** What holds a part: so many screws, bolts, clips or plugs of one kind in one place. */
export const fastener = z.looseObject({
	/** @example "bolt", "clip", "plug" */
	kind: label,
	count: count(1, 99).optional(),
	/** What turns it. @example "hex", "Torx", "cross" */
	drive: label.optional(),
	/** @example "10 mm", "T25" */
	size: z.union([label, z.number()]).optional(),
	thread: z.union([label, z.number()]).optional(),
	/** Where it is kept apart from the others, or that it is. */
	apart: z.union([z.boolean(), label]).optional(),
	/** Where it hides, or that it does. */
	hidden: z.union([z.boolean(), label]).optional(),
	note: words.optional()
});

/** One operation of the way in: what is removed, opened, loosened or unplugged to reach lamps. */
export const operation = z.looseObject({
	id: label,
	side: z.enum(OPERATION_SIDES).optional(),
	title: label,
	/** Remove, open, loosen, unplug, fold back, prop, raise; or another word. */
	kind: label.optional(),
	part: label.optional(),
	/** Operations that come before it, all of them. */
	after: z.array(label).optional(),
	/** Routes to it, of which one is enough: each names operations that come before it. */
	anyOf: z.array(z.array(label)).optional(),
	tools: z.array(label).optional(),
	fasteners: z.array(fastener).optional(),
	minutesOff: minutes.optional(),
	minutesOn: minutes.optional(),
	cautions: z.array(label).optional(),
	/** What it reaches: sockets, `flasher`, `channel:ID` or `mount:…`. */
	reaches: z.array(label).optional(),
	evidence: z.array(evidence).optional()
});

/** Operations of one vehicle, more is not credible. */
const MOST_OPERATIONS = 1000;

/** The way in: how the lamps of a vehicle are reached. */
export const access = z.looseObject({
	operations: z.array(operation).max(MOST_OPERATIONS, `must be at most ${MOST_OPERATIONS} operations`)
});

export type Fastener = z.infer<typeof fastener>;
export type Operation = z.infer<typeof operation>;
