import { ALIKE_MIRED } from '../../../optics';
import { widestMired } from '../../cases/light';
import { share, type Criterion } from '../criterion';

/** From here on a colour match earns nothing, mired. */
const NOTHING_FROM = 110;

/** White beside white: the widest difference to the lamps that light with it, as they stand. */
export const colourCriterion: Criterion = {
	id: 'colour',
	label: 'Colour match',
	weight: 2,
	how: () =>
		`under ${ALIKE_MIRED} mired from its neighbours is full, ${NOTHING_FROM} mired nothing; coloured light does not count`,
	points: (socket, product) => {
		const widest = widestMired(socket, product);
		return widest === null ? null : share((NOTHING_FROM - widest) / (NOTHING_FROM - ALIKE_MIRED));
	},
	shown: (socket, product) => {
		const widest = widestMired(socket, product);
		return widest === null ? 'no white neighbour' : `${Math.round(widest)} mired from its neighbours`;
	}
};
