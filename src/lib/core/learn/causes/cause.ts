import type { FittedPart } from '../../circuit';
import type { Product, RemedyKind, Socket, SymptomId } from '../../model';
import { asRecorded, type Alter, type Scene } from '../scene/bench';
import type { Simulations, Touched } from '../scene/simulations';

/** What may be behind a complaint. */
export interface Cause {
	id: string;
	/** As a mechanic would call it. */
	label: string;
	/** How often it is met, per place it may be in, relative to a lamp put in the wrong way round (1). An assumption until a shop has settled some. */
	rate: number;
	/** True where it comes and goes with heat, damp and shaking. */
	comesAndGoes?: boolean;
	/** How likely it makes somebody notice a symptom that no network shows. */
	also?: Partial<Record<SymptomId, number>>;
	/** What usually ends it. */
	remedy: { kind: RemedyKind; words: string };
	/** Looking for it in the bay: a question whose yes speaks for it; `{place}` stands for where. */
	look: {
		question: string;
		how: string;
		minutes: number;
		/** Other causes of the same output that answer yes as well. */
		yesFor?: readonly string[];
	};
	/** Every place it may be in. */
	places: (simulations: Simulations) => CausePlace[];
}

/** A place a cause may be in, and what it would be there. */
export interface CausePlace {
	socket?: string;
	channel?: string;
	/** Degrees of it, each tried by itself. Empty where it changes nothing in the network. */
	variants: readonly Alter[];
	touched: Touched;
	/** True where the light of no other lamp changes by it: lamps beside it on the output see a thousandth of a volt. */
	isLocal?: boolean;
	/** True where nothing differs from the record: the vehicle as fitted makes it by itself, at this output or lamp. */
	isAsRecorded?: boolean;
	/** How much likelier or rarer than elsewhere; 1 when not given. */
	weight?: number;
}

/** LED lamps as fitted, with their sockets. */
export function ledsIn({ configuration, fitted }: Scene): { socket: Socket; product: Product }[] {
	return configuration.sockets.flatMap((socket) => {
		const lamp = fitted.lamps.get(socket.id);
		return lamp?.kind === 'product' && lamp.product.kind !== 'halogen' ? [{ socket, product: lamp.product }] : [];
	});
}

/** A change of one socket, which no other lamp notices. */
export const atSocket = (socket: string, ...variants: Alter[]): CausePlace => ({
	socket,
	variants,
	isLocal: true,
	touched: { sockets: [socket], channels: [] }
});

/** The vehicle as recorded and fitted makes what is seen by itself. */
export const asItIs = (place: CausePlace): CausePlace => ({ ...place, variants: [asRecorded], isAsRecorded: true });

/** A change of one output. */
export const atChannel = (channel: string, ...variants: Alter[]): CausePlace => ({
	channel,
	variants,
	touched: { sockets: [], channels: [channel] }
});

/** The same with one part changed, moved or taken out (null). */
export const withPart =
	(part: FittedPart, to: FittedPart | null): Alter =>
	({ configuration, fitted }) => ({
		configuration,
		fitted: { ...fitted, parts: fitted.parts.flatMap((one) => (one === part ? (to ?? []) : one)) }
	});

/** The same with another lamp in a socket. */
export const withLamp =
	(socket: string, product: Product): Alter =>
	({ configuration, fitted }) => ({
		configuration,
		fitted: { ...fitted, lamps: new Map(fitted.lamps).set(socket, { kind: 'product', product }) }
	});
