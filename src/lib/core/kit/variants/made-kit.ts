import type { KitOrder } from '../../model';
import type { KitAnswer } from '../answer/answer';
import type { KitCase } from '../choices/group';

/** A kit that was worked out: from what, for which order, with what answer. */
export interface MadeKit {
	readonly kitCase: KitCase;
	readonly order: KitOrder;
	readonly answer: KitAnswer;
}
