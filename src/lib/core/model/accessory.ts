import { z } from 'zod';
import { accessoryId, count, farads, label, millimetres, ohms, volts, watts } from './quantities';
import { pack } from './product';
import { ACCESSORY_KINDS, SCOPES, USED_PER } from './enumerations';

/** Anything in a kit that is not a lamp. */
export const accessory = z.looseObject({
	id: accessoryId,
	kind: z.enum(ACCESSORY_KINDS),
	name: label.optional(),
	fits: z
		.looseObject({
			categories: z.array(label).optional(),
			pins: count(2, 12).optional(),
			families: z.array(label).optional()
		})
		.optional(),
	/** What one of it serves. */
	scope: z.enum(SCOPES),
	resistance: ohms.optional(),
	/** Dissipation a resistor is rated for, W. */
	rating: watts.optional(),
	/** Supplies it works on, V, lowest and highest; absent means 12 V. */
	volts: z.tuple([volts, volts]).optional(),
	/** Depth a cap adds behind the lamp, mm. */
	extraDepth: millimetres.optional(),
	port: millimetres.optional(),
	capacitance: farads.optional(),
	/** How a consumable is used up: so much of a piece for each. */
	use: z.looseObject({ per: z.enum(USED_PER), amount: z.number().positive().max(100) }).optional(),
	/** Its wires, and where each goes. */
	wires: z.array(z.looseObject({ colour: label, to: label })).optional(),
	packs: z.array(pack).default([]),
	/** True when it is no longer offered. */
	withdrawn: z.boolean().optional()
});

export type Accessory = z.infer<typeof accessory>;
export type AccessoryKind = (typeof ACCESSORY_KINDS)[number];
export type Scope = (typeof SCOPES)[number];
