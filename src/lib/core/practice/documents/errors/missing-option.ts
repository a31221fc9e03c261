import { socketName } from '../../../vehicle';
import type { DocumentError } from './error';
import { placesWhere } from './twins';

const OPTIONS: ReadonlySet<string> = new Set(['fog', 'drl', 'rear-fog', 'side-marker', 'map']);

export const missingOption: DocumentError = {
	id: 'missing-option',
	why: 'It goes by the plain version, without the option this one has. Walk round with the lights on.',
	make: (paper, chance) => {
		const places = placesWhere(paper, ({ functions }) => functions.some((id) => OPTIONS.has(id)));
		if (places.length === 0) return null;
		const place = chance.pick(places);
		const ids = new Set(place.map(({ id }) => id));
		const [first] = place;
		return {
			paper: { ...paper, sockets: paper.sockets.filter(({ id }) => !ids.has(id)) },
			wrong: {
				sockets: [...ids],
				fact: 'sockets',
				says: `no ${first ? socketName(first).toLowerCase() : 'such lamp'}`,
				is: first?.category ?? 'there'
			}
		};
	}
};
