import { FESTOON_OVER_MM, FESTOON_UNDER_MM, festoonSeat } from '../../../fit';
import type { LampCategory } from '../../../lamps';
import { finding, type Level } from '../../findings/finding';
import { CATEGORY_TABLE, MAKER } from '../../findings/source';
import { bestRelation } from '../../cases/relation';
import type { Rule } from '../rule';

const LEVEL: Record<ReturnType<typeof festoonSeat>, Level> = {
	seats: 'pass',
	strained: 'unknown',
	bent: 'unknown',
	'too-long': 'refuse',
	'too-short': 'refuse'
};

/** Categories the trade sells in many lengths under one name: their nominal length says nothing of the holder. */
const MANY_LENGTHS: ReadonlySet<string> = new Set(['C5W', 'C10W']);

/** Holders whose contacts do not give; of one that nobody described, sprung arms are taken, as nearly all are. */
const RIGID: ReadonlySet<string | undefined> = new Set(['push', 'screw', 'twist', 'ring']);

function holderLength(category: LampCategory, measured: number | undefined): number | undefined {
	return measured ?? (MANY_LENGTHS.has(category.category) ? undefined : category.length);
}

/** Festoons go by their ends and their length, whatever number is on them. */
export const festoonRule: Rule = ({ socket, category, source }, { product, categories, lamp }) => {
	const best = bestRelation(categories, category, lamp);
	if (best?.relation.kind !== 'festoon') return null;
	const [lampCap = '', socketCap = ''] = [best.from.caps[0], category.caps[0]];
	if (lampCap !== socketCap)
		return finding('base.festoon.ends', { lampCap, socketCap }, { level: 'refuse', source: CATEGORY_TABLE });
	const length = product.size?.length;
	const holder = holderLength(category, socket.envelope?.holderLength);
	if (length === undefined)
		return finding('base.festoon.unknown', { whose: 'lamp' }, { level: 'unknown', source: MAKER });
	if (holder === undefined)
		return finding('base.festoon.unknown', { whose: 'holder' }, { level: 'unknown', source: source('envelope') });
	const seat = festoonSeat(length, holder, RIGID.has(socket.retention) ? 'rigid' : 'sprung');
	return finding(
		`base.festoon.${seat}`,
		{ lamp: length, holder, over: FESTOON_OVER_MM, under: FESTOON_UNDER_MM },
		{ level: LEVEL[seat], source: source('envelope') }
	);
};
