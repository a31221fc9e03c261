import { z } from 'zod';
import { day, label } from './quantities';
import { EVIDENCE_SOURCES } from './enumerations';

/** One source for one fact of a socket, a channel, the flasher or a product. */
export const evidence = z.looseObject({
	fact: label,
	value: z.unknown().optional(),
	source: z.enum(EVIDENCE_SOURCES),
	on: day.optional(),
	by: label.optional(),
	note: z.string().max(1000).optional(),
	/** Set when somebody decided that this source is wrong. It is kept, and counts no more. */
	overruled: z
		.looseObject({ on: day.optional(), by: label.optional(), note: z.string().max(1000).optional() })
		.optional()
});

export type Evidence = z.infer<typeof evidence>;

export type EvidenceSource = Evidence['source'];
