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
			return finding('size.held.unknown', { retention: socket.retention ?? null }, { level: 'unknown', source: from });
		case 'ring-unknown':
			return finding('size.held.collar-unknown', null, { level: 'unknown', source: MAKER });
		case 'ring-stuck':
			return finding('size.held.ring-stuck', { collar: product.collar ?? 'fixed' }, { level: 'refuse', source: from });
		case 'ring-first':
			return finding('size.held.ring-first', null, { level: 'pass', source: from });
		case 'spring-clip':
			return finding('size.held.clip', null, { level: 'pass', source: from });
		case 'twist':
		case 'screw':
			return finding('size.held.locked', { retention: hold }, { level: 'pass', source: from });
		default:
			return hold satisfies never;
	}
};
