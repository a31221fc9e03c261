import { holdOf } from '../../../fit';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** A lamp with a flange is held by something; a loose one falls into the housing. */
export const retentionRule: Rule = ({ socket, category, source }, { product, lamp }) => {
	if (lamp === 'filament' || category.mount !== 'flange') return null;
	const hold = holdOf(socket.retention, product.collar);
	const from = source('retention');
	switch (hold) {
		case 'unknown':
		case 'odd':
			return finding('unknown', 'size.held.unknown', { retention: socket.retention ?? null }, { source: from });
		case 'ring-unknown':
			return finding('unknown', 'size.held.collar-unknown', null, { source: MAKER });
		case 'ring-stuck':
			return finding('refuse', 'size.held.ring-stuck', { collar: product.collar ?? 'fixed' }, { source: from });
		case 'ring-first':
			return finding('pass', 'size.held.ring-first', null, { source: from });
		case 'spring-clip':
			return finding('pass', 'size.held.clip', null, { source: from });
		case 'twist':
		case 'screw':
			return finding('pass', 'size.held.locked', { retention: hold }, { source: from });
		default:
			return hold satisfies never;
	}
};
