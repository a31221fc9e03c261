import type { Product } from '../../../model';
import { finding } from '../../findings/finding';
import { CATEGORY_TABLE, MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** Categories held by a different clip in nearly every lamp housing. Source: lamp category table, H7. */
const MANY_HOLDERS: ReadonlySet<string> = new Set(['H7', 'H18']);

/** True when what seats the lamp comes in its box. */
export const holderInBox = ({ includes = [] }: Pick<Product, 'includes'>): boolean =>
	includes.some(({ kind }) => kind === 'adapter' || kind === 'ring');

/** An LED where the holders differ from housing to housing needs the adapter of that housing, unless one comes in its box. */
export const holderRule: Rule = ({ category }, { lamp, product }) => {
	if (lamp !== 'led' || !MANY_HOLDERS.has(category.category)) return null;
	const data = { socket: category.category };
	return holderInBox(product)
		? finding('base.holder-in-box', data, { level: 'needs', source: MAKER })
		: finding('base.holder', data, { level: 'needs', source: CATEGORY_TABLE, need: { kind: 'adapter' } });
};
