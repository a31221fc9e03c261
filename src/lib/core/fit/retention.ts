import type { Product, Socket } from '../model';

/** How a lamp with a flange is held, and what that asks of the lamp. */
export type Hold = 'twist' | 'spring-clip' | 'screw' | 'ring-first' | 'ring-stuck' | 'ring-unknown' | 'unknown' | 'odd';

/**
 * A locking ring has to come off the lamp and go into the housing first, so a collar that is part of the lamp cannot be fitted;
 * clip, twist and screw hold any collar of the right cap. A flange is not pushed in like a wedge: such a record contradicts itself.
 */
export function holdOf(retention: Socket['retention'], collar: Product['collar']): Hold {
	switch (retention) {
		case undefined:
			return 'unknown';
		case 'ring':
			if (collar === undefined) return 'ring-unknown';
			return collar === 'removable' ? 'ring-first' : 'ring-stuck';
		case 'push':
		case 'festoon':
			return 'odd';
		default:
			return retention;
	}
}
