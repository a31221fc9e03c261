import { finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** A socket whose category is poorly known, or made on more than one cap, cannot give a pass. */
export const categoryDataRule: Rule = ({ category }) => {
	if (category.confidence === 'low')
		return finding(
			'unknown',
			'base.category-doubtful',
			{ socket: category.category, note: category.notes },
			'lamp category table, low confidence'
		);
	if (category.caps.length > 1)
		return finding(
			'unknown',
			'base.cap-uncertain',
			{ lamp: '', socket: category.category, caps: category.caps.join(' or ') },
			'lamp category table'
		);
	return null;
};
