import { isTwinContact } from '../../../lamps';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/**
 * Two wirings of the twin-contact wedge look alike, and an LED of one shorts the other. Filament lamps suit both.
 * Source: electrical practice; the short follows from the earth pads being joined on the LED's board.
 */
export const twinContactRule: Rule = ({ socket, category, source }, { product, lamp }) => {
	if (lamp === 'filament' || !category.caps.some(isTwinContact)) return null;
	if (product.wiring === 'both') return finding('pass', 'base.wiring.both', null, { source: MAKER });
	if (product.wiring === undefined)
		return finding('unknown', 'base.wiring.unknown', { whose: 'lamp' }, { source: MAKER });
	if (socket.wiring === undefined)
		return finding('unknown', 'base.wiring.unknown', { whose: 'socket' }, { source: source('wiring') });
	if (socket.wiring === product.wiring)
		return finding('pass', 'base.wiring.same', { wiring: socket.wiring }, { source: source('wiring') });
	return finding(
		'refuse',
		'base.wiring.differs',
		{ lamp: product.wiring, socket: socket.wiring },
		{ source: source('wiring') }
	);
};
