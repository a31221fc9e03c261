import type { Shop } from '../match';
import { DEFAULT_POLICY, type RotaluxDocument } from '../model';

/** The shop a document describes: its policy, accessories and assumptions. */
export function shopOf({
	policy = DEFAULT_POLICY,
	accessories,
	assumptions,
	currency
}: Pick<RotaluxDocument, 'policy' | 'accessories' | 'assumptions' | 'currency'>): Shop {
	return { policy, accessories: accessories.filter((a) => !a.withdrawn), assumptions, currency };
}
