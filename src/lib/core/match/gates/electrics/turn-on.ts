import { finding } from '../../finding';
import { MAKER_DATA, type Rule } from '../../rule';

/** Supply a lamp should still light at, V: a tired battery less a long lead. */
const HIGHEST_TURN_ON = 10.5;

/** An LED that needs nearly the full supply may drop out. */
export const turnOnRule: Rule = (_, { product }) =>
	product.turnOn !== undefined && product.turnOn > HIGHEST_TURN_ON
		? finding('unknown', 'electrics.turn-on', { volts: product.turnOn }, MAKER_DATA)
		: null;
