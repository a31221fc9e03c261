import type { Balance } from '../model';

/** What the counter offers when somebody asks for a kit. */
export interface OfferView {
	/** The released kit that does; null when there is none. */
	released: {
		kit: string;
		/** Vehicle it was made for. */
		vehicle: string;
		code: string;
		name: string;
		total: number;
		served: number;
		open: number;
		/** How much changed under it since. */
		impacts: number;
	} | null;
	/** The kit by each balance, worked out now. */
	prices: { balance: Balance; total: number; served: number; open: number }[];
}
