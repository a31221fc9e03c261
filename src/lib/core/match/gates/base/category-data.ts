import { isOwnFilament } from '../../cases';
import { finding } from '../../findings/finding';
import { CATEGORY_TABLE } from '../../findings/source';
import type { Rule } from '../rule';

/** A socket whose category is poorly known, or made on more than one cap, cannot give a pass. */
export const categoryDataRule: Rule = ({ category }, product) => {
	if (isOwnFilament(category, product)) return null;
	if (category.confidence === 'low')
		return finding(
			'base.category-doubtful',
			{ socket: category.category, note: category.notes },
			{ level: 'unknown', source: { kind: 'table', table: 'categories', confidence: 'low' } }
		);
	if (category.caps.length > 1)
		return finding(
			'base.cap-uncertain',
			{ socket: category.category, caps: category.caps },
			{ level: 'needs', source: CATEGORY_TABLE }
		);
	return null;
};
