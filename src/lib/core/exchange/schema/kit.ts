import { z } from 'zod';
import { configurationId, label, minorUnits, productId, socketId } from './quantities';

export const KIT_SCOPES = ['vehicle', 'front', 'rear', 'signals', 'headlamps', 'cabin', 'cluster'] as const;
export const BALANCES = ['price', 'light', 'ease'] as const;

/** What a person decided for one socket; the rest of the kit is worked out around it. */
export const choice = z.discriminatedUnion('kind', [
	z.looseObject({ kind: z.literal('product'), product: productId }),
	z.looseObject({ kind: z.literal('stock'), reason: label })
]);

/** What a kit is asked to be. */
export const kitOrder = z.looseObject({
	scope: z.enum(KIT_SCOPES).default('vehicle'),
	balance: z.enum(BALANCES).default('price'),
	budget: minorUnits.optional(),
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

export type Choice = z.infer<typeof choice>;
export type KitOrder = z.infer<typeof kitOrder>;
export type KitRecord = z.infer<typeof kit>;
export type KitScope = (typeof KIT_SCOPES)[number];
export type Balance = (typeof BALANCES)[number];
