import type { Assumption } from '../../quantity';
import { CRITERIA } from './criteria';

/** Which assumption is the weight of a criterion. */
export const weightId = (criterion: string): string => `ranking.${criterion}`;

/** The weight of every criterion, for a shop to set. */
export const RANKING_WEIGHTS: readonly Assumption[] = CRITERIA.map(({ id, label, weight }) => ({
	id: weightId(id),
	label: `Weight in the ranking: ${label.toLowerCase()}`,
	unit: '',
	value: weight,
	least: 0,
	most: 10,
	source: 'default: an assumption'
}));
