import { z } from 'zod';
import { configurationId, day, label, minorUnits, productId, socketId } from './quantities';

export const KIT_SCOPES = ['vehicle', 'front', 'rear', 'signals', 'headlamps', 'cabin', 'cluster'] as const;
export const BALANCES = ['price', 'light', 'ease'] as const;

/** What a person decided for one socket; the rest of the kit is worked out around it. */
export const choice = z.discriminatedUnion('kind', [
	z.looseObject({ kind: z.literal('product'), product: productId }),
	z.looseObject({ kind: z.literal('stock'), reason: label })
]);

/** An exception from the shop's policy on LED in headlamps and fog lamps, signed, for one kit; its words stand on the kit. */
export const policyException = z.looseObject({ by: label, on: day, words: z.string().trim().min(1).max(300) });

/** What a kit is asked to be. */
export const kitOrder = z.looseObject({
	scope: z.enum(KIT_SCOPES).default('vehicle'),
	balance: z.enum(BALANCES).default('price'),
	budget: minorUnits.optional(),
	exception: policyException.optional(),
	/** Fixed choices, by socket id. */
	choices: z.record(socketId, choice).default({})
});

/** A kit as it is exchanged: its order, and the answer as it stood. */
export const kit = z.looseObject({
	id: label,
	name: label,
	configuration: configurationId,
	state: z.enum(['draft', 'released']).default('draft'),
	order: kitOrder
});

export type PolicyException = z.infer<typeof policyException>;
export type Choice = z.infer<typeof choice>;
export type KitOrder = z.infer<typeof kitOrder>;
export type KitRecord = z.infer<typeof kit>;
export type KitScope = (typeof KIT_SCOPES)[number];
export type Balance = (typeof BALANCES)[number];
