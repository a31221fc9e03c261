import { isDischarge, type LampCategory } from '../../../lamps';
import type { ProductCase, SocketCase } from '../../cases';
import { finding, type Finding } from '../../findings/finding';
import { CATEGORY_TABLE, MAKER } from '../../findings/source';
import { bestRelation, type Relation } from '../../cases/relation';
import { partsFor } from '../../../accessories';
import type { Rule } from '../rule';
import { holderInBox } from './holder';

type Entry = Extract<Relation, { kind: 'entry' }>['entry'];

/** Cap equality first, then the interchange table, which is directional; a cap that merely has the same name is not known to fit. */
export const capRule: Rule = (socket, product) => {
	if (isDischarge(socket.category) && product.lamp === 'led') return dischargeFinding(socket, product);
	const best = bestRelation(product.categories, socket.category, product.lamp);
	if (!best)
		return finding('base.untold', pair('unknown', socket.category), { level: 'unknown', source: CATEGORY_TABLE });
	const { from, relation } = best;
	switch (relation.kind) {
		case 'festoon':
			return null;
		case 'same':
			return finding('base.same', pair(from.category, socket.category), {
				level: 'pass',
				source: socket.source('category')
			});
		case 'one-base':
			return finding(relation.look ? 'base.key-look' : 'base.one-base', pair(from.category, socket.category), {
				level: relation.look ? 'needs' : 'pass',
				source: CATEGORY_TABLE
			});
		case 'not-listed':
			return finding('base.untold', pair(from.category, socket.category), {
				level: 'unknown',
				source: CATEGORY_TABLE
			});
		case 'unrelated':
			return finding(
				'base.cap',
				{
					...pair(from.category, socket.category),
					lampCaps: from.caps,
					socketCaps: socket.category.caps
				},
				{ level: 'refuse', source: CATEGORY_TABLE }
			);
		case 'entry':
			return entryFinding({ entry: relation.entry, from }, socket, product);
		default:
			return relation satisfies never;
	}
};

/** An LED in the socket of a discharge lamp: the ballast starts it with some 20 kV. Only one said to be made for that is worth a look. */
function dischargeFinding({ category }: SocketCase, { product }: ProductCase): Finding {
	const words = [product.name, ...(product.claims ?? []).flatMap((claim) => claim.for ?? [])];
	const made = words.some((text) => /ballast/i.test(text));
	return made
		? finding('base.ballast', { socket: category.category }, { level: 'unknown', source: MAKER })
		: finding('base.discharge', { socket: category.category }, { level: 'refuse', source: CATEGORY_TABLE });
}

/** True when a ring or adapter for this socket is on sale: the part that turns a look by hand into a fitting step. */
function hasRing({ shop, category, configuration }: SocketCase): boolean {
	return partsFor({ kind: 'adapter' }, { category, configuration }, shop.accessories).length > 0;
}

function pair(lamp: string, socket: LampCategory) {
	return { lamp, socket: socket.category, caps: socket.caps };
}

function entryFinding(
	{ entry, from }: { entry: Entry; from: LampCategory },
	socket: SocketCase,
	product: ProductCase
): Finding {
	const data = {
		lamp: from.category,
		socket: socket.category.category,
		note: entry.note,
		confidence: entry.confidence
	};
	const by = { source: { kind: 'table', table: 'interchange', confidence: entry.confidence } as const };
	if (entry.kind === 'trim') return finding('base.trim', data, { ...by, level: 'refuse' });
	if (entry.kind === 'no-fit') return finding('base.no-fit', data, { ...by, level: 'refuse' });
	if (entry.because === 'glass' && product.lamp === 'led')
		return finding('base.glass-only', data, { ...by, level: 'pass' });
	if (entry.kind === 'wrong') return finding('base.wrong', data, { ...by, level: 'refuse' });
	if (entry.confidence === 'low') return finding('base.doubtful', data, { ...by, level: 'unknown' });
	if (entry.lamp === 'led' && holderInBox(product.product))
		return finding('base.holder-in-box', { socket: data.socket }, { ...by, level: 'needs' });
	if (entry.lamp === 'led')
		return hasRing(socket)
			? finding('base.ring', data, { level: 'needs', ...by, need: { kind: 'adapter' } })
			: finding('base.check-ring', data, { ...by, level: 'unknown' });
	if (entry.kind === 'same')
		return finding('base.same', { ...pair(from.category, socket.category) }, { ...by, level: 'pass' });
	return finding('base.other-electrics', data, { ...by, level: 'pass' });
}
