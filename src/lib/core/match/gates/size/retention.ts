import { holdOf } from '../../../fit';
import { finding } from '../../findings/finding';
import { MAKER_DATA, type Rule } from '../rule';

/** A lamp with a flange is held by something; a loose one falls into the housing. */
export const retentionRule: Rule = ({ socket, category, source }, { product, lamp }) => {
	if (lamp === 'filament' || category.mount !== 'flange') return null;
	const hold = holdOf(socket.retention, product.collar);
	const from = source('retention');
	switch (hold) {
		case 'unknown':
		case 'odd':
			return finding('unknown', 'size.held.unknown', { retention: socket.retention ?? 'not known' }, from);
		case 'ring-unknown':
			return finding('unknown', 'size.held.collar-unknown', null, MAKER_DATA);
		case 'ring-stuck':
			return finding('refuse', 'size.held.ring-stuck', { collar: product.collar ?? 'fixed' }, from);
		case 'ring-first':
			return finding('pass', 'size.held.ring-first', null, from);
		case 'spring-clip':
			return finding('pass', 'size.held.clip', null, from);
		case 'twist':
		case 'screw':
			return finding('pass', 'size.held.locked', { retention: hold }, from);
		default:
			return hold satisfies never;
	}
};
