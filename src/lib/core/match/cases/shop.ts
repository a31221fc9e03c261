import type { Accessory, Policy, PolicyException } from '../../model';
import type { Currency, SetValues } from '../../quantity';

/** What a shop brings to every match. */
export interface Shop {
	policy: Policy;
	accessories: readonly Accessory[];
	/** Currency of every price. */
	currency: Currency;
	/** Assumptions the shop has set itself; the defaults hold for the rest. */
	assumptions?: SetValues | undefined;
	/** A signed exception from the shop's policy, for the one kit it is worked out for. */
	exception?: PolicyException | undefined;
}
