import { isTwinContact } from '../../../lamps';
import { finding } from '../../findings/finding';
import { MAKER_DATA, type Rule } from '../rule';

/**
 * Two wirings of the twin-contact wedge look alike, and an LED of one shorts the other. Filament lamps suit both.
 * Source: electrical practice; the short follows from the earth pads being joined on the LED's board.
 */
export const twinContactRule: Rule = ({ socket, category, source }, { product, lamp }) => {
	if (lamp === 'filament' || !category.caps.some(isTwinContact)) return null;
	if (product.wiring === 'both') return finding('pass', 'base.wiring.both', null, MAKER_DATA);
	if (product.wiring === undefined) return finding('unknown', 'base.wiring.unknown', { whose: 'lamp' }, MAKER_DATA);
	if (socket.wiring === undefined)
		return finding('unknown', 'base.wiring.unknown', { whose: 'socket' }, source('wiring'));
	if (socket.wiring === product.wiring)
		return finding('pass', 'base.wiring.same', { wiring: socket.wiring }, source('wiring'));
	return finding('refuse', 'base.wiring.differs', { lamp: product.wiring, socket: socket.wiring }, source('wiring'));
};
