import type { DocumentError } from './error';
import { placesWhere } from './twins';

const CLEAR_GLASS: Readonly<Record<string, string>> = { PY21W: 'P21W', WY21W: 'W21W', WY5W: 'W5W' };

/** The lens and the lamp both change, so that the paper holds together: amber behind clear becomes clear behind amber. */
export const amberGlass: DocumentError = {
	id: 'amber-glass',
	why: 'It describes the amber lens of another year; here the glass of the lamp is amber and the lens clear. Look at the lens.',
	make: (paper, chance) => {
		const places = placesWhere(paper, ({ category, lens }) => lens === 'clear' && (category ?? '') in CLEAR_GLASS);
		if (places.length === 0) return null;
		const place = chance.pick(places);
		const ids = new Set(place.map(({ id }) => id));
		const says = CLEAR_GLASS[place[0]?.category ?? ''] ?? '';
		return {
			paper: {
				...paper,
				sockets: paper.sockets.map((socket) =>
					ids.has(socket.id) ? { ...socket, category: says, lens: 'amber' } : socket
				)
			},
			wrong: {
				sockets: [...ids],
				fact: 'lens',
				says: `${says} behind an amber lens`,
				is: `${place[0]?.category} behind a clear lens`
			}
		};
	}
};
