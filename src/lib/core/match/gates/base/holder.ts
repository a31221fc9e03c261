import { finding } from '../../findings/finding';
import { CATEGORY_TABLE } from '../../findings/source';
import type { Rule } from '../rule';

/** Categories held by a different clip in nearly every lamp housing. Source: lamp category table, H7. */
const MANY_HOLDERS: ReadonlySet<string> = new Set(['H7', 'H18']);

/** An LED where the holders differ from housing to housing needs the adapter of that housing. */
export const holderRule: Rule = ({ category }, { lamp }) =>
	lamp === 'led' && MANY_HOLDERS.has(category.category)
		? finding(
				'base.holder',
				{ socket: category.category },
				{ level: 'needs', source: CATEGORY_TABLE, need: { kind: 'adapter' } }
			)
		: null;
