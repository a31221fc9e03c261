import type { FittedPart, VehicleCircuit } from '../circuit';
import type { Product } from '../model';
import type { Shop } from '../match';
import type { CircuitComplaint } from './complaint';

/** One way to end a complaint, with all it brings along. */
export interface CircuitRemedy {
	/** Kind and place: the same remedy has the same id. */
	id: string;
	kind: RemedyKind;
	label: string;
	/** What is fitted. */
	parts: FittedPart[];
	/** Sockets that go back to their filament lamp. */
	back: string[];
	/** Sockets that get another lamp, and what those cost more than the ones they replace, minor units. */
	swaps?: { socket: string; product: Product }[];
	extra?: number;
	scope: 'lamp' | 'channel' | 'vehicle';
	/** Heat on average while it works, W, and work, min. */
	heatWatts: number;
	minutes: number;
	/** What to mind where the hand is. */
	caution: string;
}

export type RemedyKind = 'led-flasher' | 'load' | 'loaded-lamp' | 'module' | 'filament' | 'coding' | 'clean';

/** A remedy that cannot be had here, and why. */
export interface NoRemedy {
	kind: RemedyKind;
	label: string;
	why: string;
}

/** What remedies are worked out from. */
export interface RemedyCase {
	circuit: VehicleCircuit;
	shop: Shop;
	/** Lamps with a built-in load that Match lets into a socket, best first. */
	loaded: (socket: string) => readonly Product[];
}

/** A kind of remedy: what it offers for a complaint, or why it is not to be had. Null where it has nothing to do with it. */
export type RemedyOffer = (complaint: CircuitComplaint, given: RemedyCase) => CircuitRemedy[] | NoRemedy | null;
