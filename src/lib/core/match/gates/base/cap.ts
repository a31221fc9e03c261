import type { LampCategory } from '../../../lamps';
import type { ProductCase, SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { CATEGORY_TABLE } from '../../findings/source';
import { bestRelation, type Relation } from '../../cases/relation';
import { partsFor } from '../../../accessories';
import type { Rule } from '../rule';

type Entry = Extract<Relation, { kind: 'entry' }>['entry'];

/** Cap equality first, then the interchange table, which is directional; a cap that merely has the same name is not known to fit. */
export const capRule: Rule = (socket, product) => {
	const best = bestRelation(product.categories, socket.category, product.lamp);
	if (!best) return finding('unknown', 'base.not-listed', pair('unknown', socket.category), { source: CATEGORY_TABLE });
	const { from, relation } = best;
	switch (relation.kind) {
		case 'festoon':
			return null;
		case 'same':
			return finding('pass', 'base.same', pair(from.category, socket.category), {
				source: socket.source('category')
			});
		case 'not-listed':
			return finding('unknown', 'base.not-listed', pair(from.category, socket.category), { source: CATEGORY_TABLE });
		case 'unrelated':
			return finding(
				'refuse',
				'base.cap',
				{
					...pair(from.category, socket.category),
					lampCaps: from.caps,
					socketCaps: socket.category.caps
				},
				{ source: CATEGORY_TABLE }
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
	return { lamp, socket: socket.category, caps: socket.caps };
}

function entryFinding(entry: Entry, from: LampCategory, socket: SocketCase, product: ProductCase): Finding {
	const data = {
		lamp: from.category,
		socket: socket.category.category,
		note: entry.note,
		confidence: entry.confidence
	};
	const by = { source: { kind: 'table', table: 'interchange', confidence: entry.confidence } as const };
	if (entry.kind === 'trim') return finding('refuse', 'base.trim', data, by);
	if (entry.kind === 'no-fit') return finding('refuse', 'base.no-fit', data, by);
	if (entry.because === 'glass' && product.lamp === 'led') return finding('pass', 'base.glass-only', data, by);
	if (entry.kind === 'wrong') return finding('refuse', 'base.wrong', data, by);
	if (entry.confidence === 'low') return finding('unknown', 'base.doubtful', data, by);
	if (entry.lamp === 'led')
		return hasRing(socket)
			? finding('needs', 'base.ring', data, { ...by, need: { kind: 'adapter' } })
			: finding('unknown', 'base.check-ring', data, by);
	if (entry.kind === 'same') return finding('pass', 'base.same', { ...pair(from.category, socket.category) }, by);
	return finding('pass', 'base.other-electrics', data, by);
}
