import type { Criterion } from '../criterion';

/** A pair on the shelf serves most places. */
const ENOUGH = 2;

/** Whether it is on the shelf. */
export const stockCriterion: Criterion = {
	id: 'stock',
	label: 'Stock',
	weight: 3,
	how: () => `${ENOUGH} pieces on the shelf are full, one is half`,
	points: (_, { pieces }) => Math.min(1, (pieces ?? 0) / ENOUGH),
	shown: (_, { pieces }) => (pieces === null ? 'not counted' : `${pieces} on the shelf`)
};
