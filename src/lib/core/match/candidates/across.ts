import type { Configuration, Socket } from '../../model';
import { placeText, socketsInWalk } from '../../vehicle';
import type { Candidate } from './candidate';
import { matchSocket, type Catalogue } from './match';
import type { Shop } from '../cases';
import { VERDICTS, worseVerdict, type Verdict } from '../findings/verdict';

/** A product for one place, judged in every configuration that the vehicle may be. */
export interface AcrossCandidate {
	product: Candidate['product'];
	/** The worst of its verdicts. */
	verdict: Verdict;
}

/** One place of a vehicle that may be any of several configurations. */
export interface AcrossPlace {
	name: string;
	/** Lamp category in each configuration, in their order; null where the place is not listed or not known. */
	categories: (string | null)[];
	/** Products that fit whatever it is, best first. */
	candidates: AcrossCandidate[];
}

const sideOf = (socket: Socket) => (socket.side === 'centre' ? '' : `, ${socket.side}`);
const keyOf = (socket: Socket) => [socket.zone, socket.functions.join('+'), socket.index, socket.side].join(':');

function acrossPlace(
	{ key, example }: { key: string; example: Socket },
	{ configurations, catalogue, shop }: { configurations: readonly Configuration[]; catalogue: Catalogue; shop: Shop }
): AcrossPlace {
	const sockets = configurations.map((c) => c.sockets.find((socket) => keyOf(socket) === key) ?? null);
	const matches = configurations.map((c, i) => {
		const socket = sockets[i];
		return socket ? matchSocket({ configuration: c, catalogue, shop }, socket).candidates : [];
	});
	const [first = [], ...rest] = matches;
	const byProduct = rest.map((list) => new Map(list.map((c) => [c.product.id, c])));
	const candidates = first.flatMap(({ product, verdict }): AcrossCandidate[] => {
		if (verdict === 'refused') return [];
		const others = byProduct.map((map) => map.get(product.id));
		if (others.some((other) => other === undefined)) return [];
		return [
			{
				product,
				verdict: others.reduce<Verdict>((worst, other) => worseVerdict(worst, other?.verdict ?? 'refused'), verdict)
			}
		];
	});
	return {
		name: placeText(example) + sideOf(example),
		categories: sockets.map((socket) => socket?.category ?? null),
		candidates: candidates
			.filter(({ verdict }) => verdict !== 'refused')
			.sort((a, b) => VERDICTS.indexOf(a.verdict) - VERDICTS.indexOf(b.verdict))
	};
}

const answerKey = ({ name: _name, ...place }: AcrossPlace) =>
	JSON.stringify({ ...place, candidates: place.candidates.map(({ product, verdict }) => [product.id, verdict]) });

/** A left and a right place with the same answer, as one. */
function twinsJoined(places: readonly AcrossPlace[]): AcrossPlace[] {
	const left = new Map(places.map((place) => [place.name, place]));
	return places.flatMap((place) => {
		if (!left.delete(place.name)) return [];
		const [base, side] = place.name.split(', ');
		const other = left.get(`${base}, ${side === 'left' ? 'right' : 'left'}`);
		if (!side || !other || answerKey(other) !== answerKey(place)) return [place];
		left.delete(other.name);
		return [{ ...place, name: `${base}, both` }];
	});
}

/** For each place of any of the configurations: the products that fit it in all of them. */
export function matchAcross(configurations: readonly Configuration[], catalogue: Catalogue, shop: Shop): AcrossPlace[] {
	const places = new Map<string, Socket>();
	for (const configuration of configurations)
		for (const socket of socketsInWalk(configuration))
			if (!places.has(keyOf(socket)) && socket.state === 'filament') places.set(keyOf(socket), socket);
	return twinsJoined(
		[...places].map(([key, example]) => acrossPlace({ key, example }, { configurations, catalogue, shop }))
	);
}
