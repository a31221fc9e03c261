import { z } from 'zod';
import { DEFAULT_CURRENCY } from '../quantity';
import { accessory } from './accessory';
import { assumptions } from './assumptions';
import { complaint } from './complaint';
import { configuration } from './configuration';
import { followUp, reading } from './field';
import { fitting } from './fitting';
import { kit } from './kit';
import { policy } from './policy';
import { anyProof } from './proof';
import { product } from './product';
import { unit } from './unit';

/** The version of the format this code reads and writes. */
export const FORMAT = 'rotalux/1';

/** A whole file. Fields it does not know are kept. */
export const document = z.looseObject({
	format: z.literal(FORMAT),
	/** ISO 4217 code of every price in the file. */
	currency: z
		.string()
		.regex(/^[A-Za-z]{3}$/, 'must be a three-letter currency code')
		.default(DEFAULT_CURRENCY),
	/** Lamp units that several configurations share. */
	units: z.array(unit).default([]),
	configurations: z.array(configuration).default([]),
	products: z.array(product).default([]),
	accessories: z.array(accessory).default([]),
	policy: policy.optional(),
	/** Assumptions the shop has set itself. */
	assumptions: assumptions.optional(),
	kits: z.array(kit).default([]),
	fittings: z.array(fitting).default([]),
	proofs: z.array(anyProof).default([]),
	readings: z.array(reading).default([]),
	followUps: z.array(followUp).default([]),
	complaints: z.array(complaint).default([])
});

export type RotaluxDocument = z.infer<typeof document>;
