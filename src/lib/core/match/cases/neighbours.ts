import type { Configuration, Socket } from '../../model';
import { categoryOrNull, seenTogether } from '../../lamps';
import {
	filamentSource,
	knownLens,
	miredDifference,
	whitePoint,
	type LensedLight,
	type throughLens,
	type WhitePoint
} from '../../optics';
import { placeText } from '../../vehicle';

/** A lamp seen at the same time, as it stands today. */
export interface Neighbour {
	socket: Socket;
	name: string;
	/** Where both are seen. */
	sight: string;
	/** Its white with the filament lamp; null when it is not white or not known. */
	white: WhitePoint | null;
}

/** The white a filament lamp gives behind the lens of its socket; null when it is no white, or when something is not known. */
export function stockWhite(socket: Socket, through: typeof throughLens): WhitePoint | null {
	const category = socket.state === 'filament' ? categoryOrNull(socket.category) : null;
	const lens = knownLens(socket.lens);
	return category && lens ? whitePoint(through(filamentSource(category), lens)) : null;
}

/** Lamps of other places whose white is seen together with a socket's; its twins on the other side are changed with it and do not count. */
export function neighboursOf(configuration: Configuration, socket: Socket, through: typeof throughLens): Neighbour[] {
	const seen = new Set<string>();
	return configuration.sockets.flatMap((other): Neighbour[] => {
		const sight =
			other.functions.join() === socket.functions.join() ? null : seenTogether(socket.functions, other.functions);
		const name = placeText(other);
		if (sight === null || seen.has(name)) return [];
		seen.add(name);
		return [{ socket: other, name, sight, white: stockWhite(other, through) }];
	});
}

/** A neighbour beside a white light, and how far apart they look. */
export interface Beside {
	white: WhitePoint;
	/** The place beside it. */
	socket: Socket;
	cct: number;
	mired: number;
}

/** Finds the neighbour whose white is furthest from a light; null where no whites meet. Remembered for each light. */
export function mostDifferentAmong(neighbours: readonly Neighbour[]): (light: LensedLight) => Beside | null {
	const cache = new Map<LensedLight, Beside | null>();
	return (light) => {
		const seen = cache.get(light);
		if (seen !== undefined) return seen;
		const white = whitePoint(light);
		let mostDifferentWhite: Beside | null = null;
		for (const { socket, white: other } of neighbours) {
			if (!white || !other) continue;
			const mired = miredDifference(white, other);
			if (!mostDifferentWhite || mired > mostDifferentWhite.mired)
				mostDifferentWhite = { white, socket, cct: other.cct, mired };
		}
		cache.set(light, mostDifferentWhite);
		return mostDifferentWhite;
	};
}
