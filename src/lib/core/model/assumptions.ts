import { z } from 'zod';
import { label } from './quantities';

/** Values a shop has set in place of a default assumption, by the name of the assumption, each with its source. */
export const assumptions = z.record(
	z.string(),
	z.looseObject({ value: z.number(), source: label, by: label.optional(), on: z.string().optional() })
);
