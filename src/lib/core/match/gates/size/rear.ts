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
			size?.rearLength === undefined ? undefined : depthNeeded(size.rearLength, cooling),
			rearDepth,
			deepestCap(shop.accessories, configuration),
			source('envelope')
		),
		diameter(size?.rearDiameter, rearDiameter, source('envelope'))
	];
};

function depth(body: number | undefined, room: number | undefined, deepest: number, from: FindingSource): Finding {
	const what = 'depth';
	if (body === undefined) return finding('unknown', 'size.rear.unknown', { what, whose: 'lamp' }, { source: MAKER });
	if (room === undefined) return finding('unknown', 'size.rear.unknown', { what, whose: 'socket' }, { source: from });
	if (body <= room) return finding('pass', 'size.rear.clears', { what, body, room }, { source: from });
	const extra = body - room;
	if (extra > deepest)
		return finding('refuse', 'size.rear.hits', { what, body, room: room + deepest }, { source: from });
	return finding(
		'needs',
		'size.rear.cap',
		{ what, body, room, extra },
		{
			source: from,
			need: { kind: 'cap', extraDepth: extra }
		}
	);
}

function diameter(body: number | undefined, room: number | undefined, from: FindingSource): Finding {
	const what = 'diameter';
	if (body === undefined) return finding('unknown', 'size.rear.unknown', { what, whose: 'lamp' }, { source: MAKER });
	if (room === undefined) return finding('unknown', 'size.rear.unknown', { what, whose: 'socket' }, { source: from });
	return body <= room
		? finding('pass', 'size.rear.clears', { what, body, room }, { source: from })
		: finding('refuse', 'size.rear.hits', { what, body, room }, { source: from });
}
