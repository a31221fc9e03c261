import type { Configuration, Product, Socket } from '../../model';
import { seenTogether } from '../../lamps';
import {
	knownLens,
	matchWord,
	miredDifference,
	whitePoint,
	type MatchWord,
	type WhitePoint,
	type throughLens
} from '../../optics';
import { groupName, twinGroups } from '../../vehicle';
import { productCase, stockWhite } from '../cases';

/** One place of the matrix: a pair or a single lamp with white light. */
export interface WhitePlace {
	socket: string;
	name: string;
	/** What stands there: the lamp chosen, or the filament lamp. */
	lamp: string;
	white: WhitePoint;
}

/** Two places whose whites are seen together. */
export interface WhitePair {
	a: string;
	b: string;
	sight: string;
	mired: number;
	word: MatchWord;
}

/** Which whites of a vehicle are seen together, and how far apart they look. */
export interface ColourMatrix {
	places: WhitePlace[];
	pairs: WhitePair[];
}

function whiteOf(socket: Socket, product: Product | null, through: typeof throughLens): WhitePoint | null {
	if (!product) return stockWhite(socket, through);
	const lens = knownLens(socket.lens);
	const { light } = productCase(product);
	return lens && light ? whitePoint(through(light, lens)) : null;
}

/**
 * Compares the whites of a whole configuration, in mired. Places without white light, or with a light that is not known, stand out of it.
 * @param chosen the product in a socket; null keeps the filament lamp
 */
export function colourMatrix(
	configuration: Configuration,
	chosen: (socket: Socket) => Product | null,
	through: typeof throughLens
): ColourMatrix {
	const groups = twinGroups(configuration.sockets).flatMap((group) => {
		const [socket] = group;
		if (!socket || socket.state !== 'filament') return [];
		const product = chosen(socket);
		const white = whiteOf(socket, product, through);
		const lamp = product ? `${product.maker} ${product.name}` : `${socket.category} filament`;
		return white ? [{ socket, place: { socket: socket.id, name: groupName(group), lamp, white } }] : [];
	});
	const pairs = groups.flatMap((a, i) =>
		groups.slice(i + 1).flatMap((b): WhitePair[] => {
			const sight = seenTogether(a.socket.functions, b.socket.functions);
			if (sight === null) return [];
			const mired = miredDifference(a.place.white, b.place.white);
			return [{ a: a.place.socket, b: b.place.socket, sight, mired, word: matchWord(mired) }];
		})
	);
	const seen = new Set(pairs.flatMap(({ a, b }) => [a, b]));
	return { places: groups.map(({ place }) => place).filter(({ socket }) => seen.has(socket)), pairs };
}
