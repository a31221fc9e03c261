import { DEFAULT_POLICY, type RotaluxDocument } from '../exchange';
import type { Shop } from './case';

/** The shop a document describes: its policy, accessories and assumptions. */
export function shopOf({
	policy = DEFAULT_POLICY,
	accessories,
	assumptions
}: Pick<RotaluxDocument, 'policy' | 'accessories' | 'assumptions'>): Shop {
	return { policy, accessories, assumptions };
}
