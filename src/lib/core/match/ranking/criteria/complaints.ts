import { expectedShare, proportion, proportionText, type Prior } from '../../../quantity';
import type { TrackRecord } from '../../cases';
import { share, type Criterion } from '../criterion';

/** What is taken of a lamp nobody has fitted: one complaint in twenty, worth twenty lamps. An assumption. */
const BEFORE: Prior = { share: 0.05, worth: 20 };
/** Complaints in this share of the lamps leave no point. */
const NONE_AT = 0.25;

/** Share of lamps that come back, as far as a few of them can say. Every complaint counts for a lamp, fitted here or not. */
const comesBack = ({ fitted, complained }: TrackRecord) =>
	expectedShare(complained, Math.max(fitted, complained), BEFORE);

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
		const found = proportionText(proportion(complained, Math.max(fitted, complained)));
		return `${found} came back${open > 0 ? `, ${open} open` : ''}`;
	}
};
