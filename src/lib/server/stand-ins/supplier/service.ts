import { z } from 'zod';

/** One pack as a supplier quotes it. Money in minor units of the feed's currency. */
export const quote = z.looseObject({
	sku: z.string().min(1),
	/** What the shop sells it for. */
	price: z.number().int().positive(),
	/** What the shop pays. */
	cost: z.number().int().nonnegative().optional(),
	/** Packs the supplier has. */
	stock: z.number().int().nonnegative()
});

/** What the feed answers: `GET ADDRESS/quotes`. Rows are read one by one, so that one that makes no sense does not spoil the rest. */
export const quotes = z.looseObject({
	/** When the supplier made it, ISO. */
	at: z.string(),
	currency: z.string().length(3),
	quotes: z.array(z.unknown()).max(100_000)
});

export type Quote = z.infer<typeof quote>;
export type Quotes = z.infer<typeof quotes>;

/** A supplier's prices and stock. */
export interface Supplier {
	name: string;
	/** True for a stand-in: its prices are made up, and the screen says so. */
	simulated: boolean;
	/** What it quotes now. @throws Error when it does not answer, or answers nonsense */
	ask: () => Promise<Quotes>;
}
