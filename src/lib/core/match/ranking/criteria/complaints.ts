import { proportion, proportionText } from '../../../quantity';
import { comesBack, lampsIn } from '../../cases';
import { share, type Criterion } from '../criterion';

/** Complaints in this share of the lamps leave no point. */
const NONE_AT = 0.25;

/** How often the product came back. */
export const complaintsCriterion: Criterion = {
	id: 'complaints',
	label: 'Complaints',
	weight: 2,
	how: () =>
		'share of lamps that came back, from a Beta prior of 1 in 20 lamps; nothing is full, a quarter of all lamps no point',
	points: (_, { track }) => share(1 - comesBack(track) / NONE_AT),
	shown: (_, { track }) => {
		const { fitted, complained, open } = track;
		if (fitted + complained === 0) return 'never fitted here';
		const found = proportionText(proportion(complained, lampsIn(track)));
		return `${found} came back${open > 0 ? `, ${open} open` : ''}`;
	}
};
