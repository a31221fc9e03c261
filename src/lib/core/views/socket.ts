import type { Configuration, Product, Socket } from '../model';
import { categoryOrNull, inMarket, lampFunction } from '../lamps';
import type { Verdict } from '../match';
import { displayColour, filamentSource, knownLens, ledSource, regionOf, rememberingLens, type Source } from '../optics';
import { placeText, rimText, ringOf, socketName, socketsInWalk, twinKey, type Ring } from '../vehicle';

/** A socket as the rota and its list show it. */
export interface SocketView {
	id: string;
	name: string;
	place: string;
	/** Shortest name, for the rim of the rota. */
	rim: string;
	/** Two letters for the functions. */
	mark: string;
	ring: Ring;
	zone: Socket['zone'];
	side: Socket['side'];
	/** Equal for the two of a pair. */
	twin: string;
	category: string | null;
	state: Socket['state'];
	/** Light that leaves the lens, for drawing; null when it is not known. */
	light: { colour: string; word: string } | null;
	verdict: Verdict | null;
}

/** A page draws every lamp of a vehicle, and few of their lights differ. */
const throughLens = rememberingLens();

/** Light of a source as it leaves the lens of a socket, for drawing and in a word; null when source or lens is not known. */
export function lensedLight(source: Source | null, socket: Socket): SocketView['light'] {
	const lens = knownLens(socket.lens);
	if (!source || !lens) return null;
	const seen = throughLens(source, lens);
	const region = regionOf(seen, 'UN');
	return { colour: displayColour(seen), word: region === 'none' ? 'no named colour' : region.replace('-', ' ') };
}

/** The sockets of a configuration in walking order. The light is the chosen lamp's, or the filament lamp's where none is chosen. */
export function socketViews(
	configuration: Configuration,
	chosen: (socket: Socket) => { verdict: Verdict | null; product: Product | null } = () => ({
		verdict: null,
		product: null
	})
): SocketView[] {
	const { market } = configuration;
	return socketsInWalk(configuration).map((socket) => {
		const { verdict, product } = chosen(socket);
		const category = categoryOrNull(socket.category);
		const led = product && product.kind !== 'halogen' ? ledSource(product.colour) : null;
		return {
			id: socket.id,
			name: inMarket(socketName(socket), market),
			place: inMarket(placeText(socket), market),
			rim: inMarket(rimText(socket), market),
			mark: lampFunction(socket.functions[0] ?? 'dome').mark,
			ring: ringOf(socket.zone),
			zone: socket.zone,
			side: socket.side,
			twin: twinKey(socket),
			category: socket.category ?? null,
			state: socket.state,
			light: lensedLight(led ?? (category && socket.state === 'filament' ? filamentSource(category) : null), socket),
			verdict
		};
	});
}
