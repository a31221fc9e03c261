import { answers } from '../../../accessories';
import { depthNeeded } from '../../../fit';
import type { Accessory, Configuration } from '../../../model';
import { finding, type Finding } from '../../findings/finding';
import { MAKER, type FindingSource } from '../../findings/source';
import type { Rule } from '../rule';

const ANY_CAP = { kind: 'cap', extraDepth: 0 } as const;

/** Most a cap on sale adds behind the lamp, mm; a body deeper than that has no cap to close over it. */
function deepestCap(accessories: readonly Accessory[], configuration: Configuration): number {
	return Math.max(0, ...accessories.filter((a) => answers(a, ANY_CAP, configuration)).map((a) => a.extraDepth ?? 0));
}

/** Rear body (driver, heat sink, fan) against depth and diameter behind the lamp. Wedge, bayonet and festoon lamps have none. */
export const rearRule: Rule = ({ socket, category, configuration, shop, source }, { product, lamp }) => {
	if (lamp === 'filament' || category.mount !== 'flange') return null;
	const { size, cooling } = product;
	const { rearDepth, rearDiameter } = socket.envelope ?? {};
	return [
		depth(
			{
				body: size?.rearLength === undefined ? undefined : depthNeeded(size.rearLength, cooling),
				room: rearDepth,
				deepest: deepestCap(shop.accessories, configuration),
				inBox: Math.max(0, ...(product.includes ?? []).map((i) => (i.kind === 'cap' ? (i.extraDepth ?? 0) : 0)))
			},
			source('envelope')
		),
		diameter(size?.rearDiameter, rearDiameter, source('envelope'))
	];
};

function depth(
	{
		body,
		room,
		deepest,
		inBox
	}: { body: number | undefined; room: number | undefined; deepest: number; inBox: number },
	from: FindingSource
): Finding {
	const what = 'depth';
	if (body === undefined)
		return finding('size.rear.unknown', { what, whose: 'lamp' }, { level: 'unknown', source: MAKER });
	if (room === undefined)
		return finding('size.rear.unknown', { what, whose: 'socket' }, { level: 'unknown', source: from });
	if (body <= room) return finding('size.rear.clears', { what, body, room }, { level: 'pass', source: from });
	const extra = body - room;
	if (extra <= inBox)
		return finding('size.rear.box-cap', { what, body, room, extra }, { level: 'pass', source: MAKER });
	if (extra > deepest)
		return finding('size.rear.hits', { what, body, room: room + deepest }, { level: 'refuse', source: from });
	return finding(
		'size.rear.cap',
		{ what, body, room, extra },
		{ level: 'needs', source: from, need: { kind: 'cap', extraDepth: extra } }
	);
}

function diameter(body: number | undefined, room: number | undefined, from: FindingSource): Finding {
	const what = 'diameter';
	if (body === undefined)
		return finding('size.rear.unknown', { what, whose: 'lamp' }, { level: 'unknown', source: MAKER });
	if (room === undefined)
		return finding('size.rear.unknown', { what, whose: 'socket' }, { level: 'unknown', source: from });
	return body <= room
		? finding('size.rear.clears', { what, body, room }, { level: 'pass', source: from })
		: finding('size.rear.hits', { what, body, room }, { level: 'refuse', source: from });
}
