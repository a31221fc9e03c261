import { depthNeeded } from '../../../fit';
import { finding, type Finding } from '../../findings/finding';
import { MAKER_DATA, type Rule } from '../rule';

/** Most a cap on sale adds behind the lamp, mm; a body deeper than that has no cap to close over it. */
function deepestCap(accessories: readonly { kind: string; extraDepth?: number }[]): number {
	return Math.max(0, ...accessories.filter((a) => a.kind === 'cap').map((a) => a.extraDepth ?? 0));
}

/** Rear body (driver, heat sink, fan) against depth and diameter behind the lamp. Wedge, bayonet and festoon lamps have none. */
export const rearRule: Rule = ({ socket, category, shop, source }, { product, lamp }) => {
	if (lamp === 'filament' || category.mount !== 'flange') return null;
	const { size, cooling } = product;
	const { rearDepth, rearDiameter } = socket.envelope ?? {};
	return [
		depth(
			size?.rearLength === undefined ? undefined : depthNeeded(size.rearLength, cooling),
			rearDepth,
			deepestCap(shop.accessories),
			source('envelope')
		),
		diameter(size?.rearDiameter, rearDiameter, source('envelope'))
	];
};

function depth(body: number | undefined, room: number | undefined, deepest: number, from: string): Finding {
	const what = 'depth behind';
	if (body === undefined) return finding('unknown', 'size.rear.unknown', { what, whose: 'lamp' }, MAKER_DATA);
	if (room === undefined) return finding('unknown', 'size.rear.unknown', { what, whose: 'socket' }, from);
	if (body <= room) return finding('pass', 'size.rear.clears', { what, body, room }, from);
	const extra = body - room;
	if (extra > deepest) return finding('refuse', 'size.rear.hits', { what, body, room: room + deepest }, from);
	return finding('needs', 'size.rear.cap', { what, body, room, extra }, from, { kind: 'cap', extraDepth: extra });
}

function diameter(body: number | undefined, room: number | undefined, from: string): Finding {
	const what = 'diameter behind';
	if (body === undefined) return finding('unknown', 'size.rear.unknown', { what, whose: 'lamp' }, MAKER_DATA);
	if (room === undefined) return finding('unknown', 'size.rear.unknown', { what, whose: 'socket' }, from);
	return body <= room
		? finding('pass', 'size.rear.clears', { what, body, room }, from)
		: finding('refuse', 'size.rear.hits', { what, body, room }, from);
}
