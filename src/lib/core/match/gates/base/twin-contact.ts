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
	if (product.wiring === 'both') return finding('base.wiring.both', null, { level: 'pass', source: MAKER });
	if (product.wiring === undefined)
		return finding('base.wiring.unknown', { whose: 'lamp' }, { level: 'unknown', source: MAKER });
	if (socket.wiring === undefined)
		return finding('base.wiring.unknown', { whose: 'socket' }, { level: 'unknown', source: source('wiring') });
	if (socket.wiring === product.wiring)
		return finding('base.wiring.same', { wiring: socket.wiring }, { level: 'pass', source: source('wiring') });
	return finding(
		'base.wiring.differs',
		{ lamp: product.wiring, socket: socket.wiring },
		{ level: 'refuse', source: source('wiring') }
	);
};
