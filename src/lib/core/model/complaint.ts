import { z } from 'zod';
import { label } from './quantities';

/** A complaint, filed against product, socket and configuration. It counts until somebody settles it. */
export const complaint = z.looseObject({
	product: label.optional(),
	configuration: label.optional(),
	socket: label.optional(),
	symptom: label.optional(),
	on: z.string().optional(),
	by: label.optional(),
	/** How it was settled; an open complaint has none. */
	settled: label.optional()
});

export type Complaint = z.infer<typeof complaint>;
