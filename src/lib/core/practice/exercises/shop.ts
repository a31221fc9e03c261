import { compileCatalogue, matchSocket, type Shop } from '../../match';
import type { Socket } from '../../model';
import { DEFAULT_CURRENCY } from '../../quantity';
import type { Made } from '../made';

/** What the shop of the practice keeps to: LED behind projectors, filament lamps in reflectors. */
export const practiceShop = ({ accessories }: Pick<Made, 'accessories'>): Shop => ({
	policy: { headlamps: 'projectors' },
	accessories,
	currency: DEFAULT_CURRENCY
});

/** All candidates of the shelf for a socket of a made vehicle, by the rules of Match. */
export const candidatesIn = (made: Made, socket: Socket) =>
	matchSocket(
		{ configuration: made.truth, catalogue: compileCatalogue(made.products), shop: practiceShop(made) },
		socket
	).candidates;
