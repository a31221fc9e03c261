import { categoryOrNull } from '../../../lamps';
import { isOwnFilament } from '../../cases';
import { finding } from '../../findings/finding';
import { CATEGORY_TABLE } from '../../findings/source';
import type { Rule } from '../rule';

/** A filament lamp of the category is as big as the category says, and the lamp was built round it. */
export const filamentSizeRule: Rule = ({ category }, judged) => {
	const { product, lamp } = judged;
	if (lamp === 'led') return null;
	if (isOwnFilament(category, judged))
		return finding('size.front.own', { socket: category.category }, { level: 'pass', source: CATEGORY_TABLE });
	const own = categoryOrNull(product.fits[0])?.length;
	const [body, room] = [own, category.length];
	if (body === undefined || room === undefined)
		return finding(
			'size.front.unknown',
			{ what: 'length', whose: 'category' },
			{ level: 'unknown', source: CATEGORY_TABLE }
		);
	return body <= room
		? finding('size.front.clears', { what: 'length', body, room }, { level: 'pass', source: CATEGORY_TABLE })
		: finding('size.front.hits', { what: 'length', body, room }, { level: 'refuse', source: CATEGORY_TABLE });
};
