import { z } from 'zod';
import { FUNCTION_IDS } from '../lamps/functions';
import {
	accessoryId,
	configurationId,
	count,
	day,
	kelvins,
	label,
	minorUnits,
	productId,
	socketId
} from './quantities';
import { KIT_SCOPES, BALANCES, KIT_STATES } from './enumerations';

const weight = () => z.number().min(0, 'must be at least 0').max(3, 'must be at most 3');

/** What a person decided for one socket; the rest of the kit is worked out around it. */
export const choice = z.discriminatedUnion('kind', [
	z.looseObject({ kind: z.literal('product'), product: productId }),
	z.looseObject({ kind: z.literal('stock'), reason: label })
]);

/** An exception from the shop's policy on LED in headlamps and fog lamps, signed, for one kit; its words stand on the kit. */
export const policyException = z.looseObject({ by: label, on: day, words: z.string().trim().min(1).max(300) });

/** A product nobody wants: in one socket and its twin, or anywhere when no socket is named. */
export const forbidden = z.looseObject({ product: productId, socket: socketId.optional() });

/** How much each goal counts beside the price, 0 not at all to 3; 1 is the shop's own rate. */
export const balanceWeights = z.looseObject({
	light: weight(),
	heat: weight(),
	minutes: weight(),
	risk: weight()
});

/** What the customer already has: lamps in their sockets, and pieces of parts. */
export const alreadyThere = z.looseObject({
	lamps: z.record(socketId, productId).default({}),
	parts: z.record(accessoryId, count(1, 1000)).default({})
});

/** What a kit is asked to be. */
export const kitOrder = z.looseObject({
	scope: z.enum(KIT_SCOPES).default('vehicle'),
	/** The function of the scope `function`, and the sockets of the scope `sockets`. */
	function: z.enum(FUNCTION_IDS).optional(),
	sockets: z.array(socketId).optional(),
	balance: z.enum(BALANCES).default('price'),
	/** Set when a person moved the balance away from the named one. */
	weights: balanceWeights.optional(),
	budget: minorUnits.optional(),
	/** True when no socket that can be served may be left open: all of it or nothing. */
	whole: z.boolean().optional(),
	/** One colour temperature for all white light, K; one maker; nothing that needs a part. */
	kelvin: kelvins.optional(),
	maker: label.optional(),
	withoutParts: z.boolean().optional(),
	/** False when whites that are seen together need not match. */
	matched: z.boolean().optional(),
	/** True when packs at every branch of a chain count; what is not here is brought over. */
	everyShelf: z.boolean().optional(),
	exception: policyException.optional(),
	/** Fixed choices, by socket id. */
	choices: z.record(socketId, choice).default({}),
	forbidden: z.array(forbidden).optional(),
	has: alreadyThere.optional()
});

/** A kit as it is exchanged: its order, and the answer as it stood. */
export const kit = z.looseObject({
	id: label,
	name: label,
	configuration: configurationId,
	state: z.enum(KIT_STATES).default('draft'),
	order: kitOrder
});

export type PolicyException = z.infer<typeof policyException>;
export type Choice = z.infer<typeof choice>;
export type Forbidden = z.infer<typeof forbidden>;
export type BalanceWeights = z.infer<typeof balanceWeights>;
export type KitOrder = z.infer<typeof kitOrder>;
export type KitRecord = z.infer<typeof kit>;
export type KitState = (typeof KIT_STATES)[number];
export type KitScope = (typeof KIT_SCOPES)[number];
export type Balance = (typeof BALANCES)[number];
