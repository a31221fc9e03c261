import { z } from 'zod';
import { SYMPTOM_IDS } from './enumerations';
import { count, day, label, minorUnits } from './quantities';

/** One thing somebody saw, in a mode and at a place as far as they said; a symptom this code does not know is kept as it came. */
const sighting = z.looseObject({
	/** A mode of the switches, such as `left-turn`. */
	mode: label.optional(),
	symptom: label,
	socket: label.optional(),
	side: z.enum(['left', 'right']).optional(),
	/** True for what was looked for and did not come. */
	absent: z.boolean().optional()
});

/** A test in the bay that was answered while the cause was looked for. */
const answered = z.looseObject({ test: label, yes: z.boolean(), on: day.optional(), by: label.optional() });

/** Where a complaint stands: a customer's own is read by a person before it counts. */
export const COMPLAINT_STATES = ['unread', 'open', 'settled', 'set-aside'] as const;
export type ComplaintState = (typeof COMPLAINT_STATES)[number];

/** What ended a complaint. */
export const REMEDY_KINDS = ['part', 'step', 'other-lamp', 'record', 'not-the-lamp'] as const;
export type RemedyKind = (typeof REMEDY_KINDS)[number];

/** A complaint, filed against product, socket and configuration. It counts until somebody settles it. */
export const complaint = z.looseObject({
	/** A number is kept as text. */
	id: z.union([label, z.number()]).optional(),
	product: label.optional(),
	configuration: label.optional(),
	socket: label.optional(),
	/** In words, as it was said. */
	symptom: z.string().min(1, 'must not be empty').max(1000, 'must be at most 1000 characters').optional(),
	/** What was seen, by mode. */
	seen: z.array(sighting).max(60).optional(),
	found: z.array(answered).max(60).optional(),
	/** The released kit it is about, by the code on its label, and the fitting. */
	code: label.optional(),
	fitting: label.optional(),
	/** Who says it: somebody of the shop, or a customer by the page of a kit. */
	from: z.enum(['shop', 'customer']).optional(),
	state: z.enum(COMPLAINT_STATES).optional(),
	on: z.string().optional(),
	by: label.optional(),
	/** How it was settled, in words; an open complaint has none. */
	settled: label.optional(),
	settledOn: day.optional(),
	settledBy: label.optional(),
	/** What it came from, by the id of the cause, and where. */
	cause: label.optional(),
	channel: label.optional(),
	remedy: z.looseObject({ kind: z.enum(REMEDY_KINDS), words: label.optional() }).optional(),
	minutes: count(0, 10_000).optional(),
	/** What it cost the shop, minor units. */
	cost: minorUnits.optional(),
	/** Never again: this product is kept out of this place of this vehicle. */
	neverAgain: z.boolean().optional()
});

export type Complaint = z.infer<typeof complaint>;
export type Sighting = z.infer<typeof sighting>;
export type AnsweredTest = z.infer<typeof answered>;

export const isSymptomId = (text: string): text is (typeof SYMPTOM_IDS)[number] =>
	(SYMPTOM_IDS as readonly string[]).includes(text);
