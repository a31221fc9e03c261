import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** A lamp that alternates white and amber while turning shows a colour turn must not have. */
export const switchbackRule: Rule = ({ socket }, { product }) =>
	product.modes?.includes('switchback-b') && socket.functions.includes('turn')
		? finding('law.switchback-b', null, { level: 'refuse', source: MAKER })
		: null;
