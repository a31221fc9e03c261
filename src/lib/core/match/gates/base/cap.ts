import type { LampCategory } from '../../../lamps';
import type { ProductCase, SocketCase } from '../../cases/cases';
import { finding, type Finding } from '../../findings/finding';
import { bestRelation, type Relation } from '../../cases/relation';
import { partsFor } from '../../remedies';
import type { Rule } from '../rule';

type Entry = Extract<Relation, { kind: 'entry' }>['entry'];

/** Cap equality first, then the interchange table, which is directional; a cap that merely has the same name is not known to fit. */
export const capRule: Rule = (socket, product) => {
	const best = bestRelation(product.categories, socket.category, product.lamp);
	if (!best) return finding('unknown', 'base.untold', pair('unknown', socket.category), 'lamp category table');
	const { from, relation } = best;
	switch (relation.kind) {
		case 'festoon':
			return null;
		case 'same':
			return finding('pass', 'base.same', pair(from.category, socket.category), socket.source('category'));
		case 'untold':
			return finding('unknown', 'base.untold', pair(from.category, socket.category), 'lamp category table');
		case 'stranger':
			return finding(
				'refuse',
				'base.cap',
				{
					...pair(from.category, socket.category),
					lampCap: from.caps.join(' or '),
					socketCap: socket.category.caps.join(' or ')
				},
				'lamp category table'
			);
		case 'entry':
			return entryFinding(relation.entry, from, socket, product);
		default:
			return relation satisfies never;
	}
};

/** True when a ring or adapter for this socket is on sale: the part that turns a look by hand into a fitting step. */
function hasRing({ shop, category, configuration }: SocketCase): boolean {
	return partsFor({ kind: 'adapter' }, { category, configuration }, shop.accessories).length > 0;
}

function pair(lamp: string, socket: LampCategory) {
	return { lamp, socket: socket.category, cap: socket.caps.join(' or ') };
}

function entryFinding(entry: Entry, from: LampCategory, socket: SocketCase, product: ProductCase): Finding {
	const data = {
		lamp: from.category,
		socket: socket.category.category,
		note: entry.note,
		confidence: entry.confidence
	};
	const source = `interchange table, ${entry.confidence} confidence`;
	if (entry.kind === 'trim') return finding('refuse', 'base.trim', data, source);
	if (entry.kind === 'no-fit') return finding('refuse', 'base.no-fit', data, source);
	if (entry.because === 'glass' && product.lamp === 'led') return finding('pass', 'base.glass-only', data, source);
	if (entry.kind === 'wrong') return finding('refuse', 'base.wrong', data, source);
	if (entry.confidence === 'low') return finding('unknown', 'base.doubtful', data, source);
	if (entry.lamp === 'led')
		return hasRing(socket)
			? finding('needs', 'base.ring', data, source, { kind: 'adapter' })
			: finding('unknown', 'base.check-ring', data, source);
	if (entry.kind === 'same') return finding('pass', 'base.same', { ...pair(from.category, socket.category) }, source);
	return finding('pass', 'base.other-electrics', data, source);
}
