import { counted } from '../../../quantity';
import type { Criterion } from '../criterion';

/** Complaints about the product that nobody has settled. */
export const complaintsCriterion: Criterion = {
	id: 'complaints',
	label: 'Complaints',
	weight: 2,
	how: () => 'none is full, one open complaint half, two a third',
	points: (_, { complaints }) => 1 / (1 + complaints),
	shown: (_, { complaints }) => (complaints === 0 ? 'none open' : `${counted(complaints, 'complaint')} open`)
};
