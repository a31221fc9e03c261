import type { Accessory, Product } from '../model';

/** What sits in a socket. `out`: nothing, or a lamp that has burnt out. */
export type FittedLamp = { kind: 'stock' } | { kind: 'product'; product: Product } | { kind: 'out' };

/** What a part is in the circuit. A new one is an entry here and what `network/vehicle.ts`, the flasher or the flicker makes of it. */
export type CircuitEffect =
	/** A resistance from the output to earth. */
	| { kind: 'load'; ohms: number }
	/** A capacitor that holds the feed of one lamp up between pulses. */
	| { kind: 'smoothing'; farads: number }
	/** A flasher that keeps its rate at any load. */
	| { kind: 'steady-flasher' };

/** A part where it was fitted: at a socket, on a channel, or for the whole vehicle when neither is named. */
export interface FittedPart {
	accessory: Accessory;
	effect: CircuitEffect | null;
	channel?: string;
	socket?: string;
}

/** A fault to be tried. */
export type Fault =
	/** A corroded contact: series resistance in the feed of a socket, ohm. */
	| { kind: 'contact'; socket: string; ohms: number }
	/** A bad earth: series resistance in the return of a socket, ohm. */
	| { kind: 'earth'; socket: string; ohms: number }
	/** The lamp was put in the wrong way round. */
	| { kind: 'reversed'; socket: string }
	/** The lamp is wired for the other kind of twin-contact socket. */
	| { kind: 'crossed'; socket: string }
	/** Its lamp is out. */
	| { kind: 'out'; socket: string }
	/** A built-in load has burnt open. */
	| { kind: 'load-gone'; socket: string }
	/** Its LED driver is dead; a built-in load still draws. */
	| { kind: 'driver-dead'; socket: string }
	/** A wire is broken: the whole output, or its branch to one socket. */
	| { kind: 'open'; channel: string; socket?: string }
	/** A wire of the output touches earth. */
	| { kind: 'short'; channel: string }
	/** Lamps of one unit share a bad earth, ohm. */
	| { kind: 'unit-earth'; sockets: readonly string[]; ohms: number };

/** Faults of one socket. */
export type SocketFault = Extract<Fault, { socket: string }>;

/** A vehicle as it is fitted. Sockets that are not named keep their stock lamps. */
export interface Fitted {
	lamps: ReadonlyMap<string, FittedLamp>;
	parts: readonly FittedPart[];
	faults: readonly Fault[];
}

/** A vehicle as it left the works. */
export const STOCK: Fitted = { lamps: new Map(), parts: [], faults: [] };

/** What sits in a socket, its faults counted. */
export function lampIn({ lamps, faults }: Fitted, socket: string): FittedLamp {
	if (faults.some((fault) => fault.kind === 'out' && fault.socket === socket)) return { kind: 'out' };
	return lamps.get(socket) ?? { kind: 'stock' };
}
