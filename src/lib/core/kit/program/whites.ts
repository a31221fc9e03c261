import { seenTogether } from '../../lamps';
import { stockWhite } from '../../match';
import { miredDifference, NOTICED_MIRED, throughLens, type WhitePoint } from '../../optics';
import type { Socket } from '../../model';
import type { Bundle } from '../choices/bundle';
import type { Group, Option } from '../choices/group';
import type { Builder } from './builder';

/** Lamps within this of one white are within twice of one another, which is noticed side by side at the most, mired. */
const RADIUS = NOTICED_MIRED / 2;
const near = (a: WhitePoint, b: WhitePoint, within: number) => miredDifference(a, b) <= within;

/** Functions of a group that are matched to others. A fog lamp is better warmer than its neighbours, and stands by itself. */
const matchedFunctions = ({ sockets }: Group) => (sockets[0]?.functions ?? []).filter((id) => id !== 'fog');

/** Groups that are seen together, directly or by way of another. */
function sightsOf(groups: readonly Group[]): { sight: string; members: Group[] }[] {
	const rest = new Set(groups.filter((g) => matchedFunctions(g).length > 0));
	const sights: { sight: string; members: Group[] }[] = [];
	for (const first of rest) {
		rest.delete(first);
		const members = [first];
		let sight = '';
		for (const member of members)
			for (const other of rest) {
				const together = seenTogether(matchedFunctions(member), matchedFunctions(other));
				if (together === null) continue;
				sight ||= together;
				rest.delete(other);
				members.push(other);
			}
		sights.push({ sight: sight || 'seen side by side', members });
	}
	return sights;
}

const whitesOf = ({ options }: Group) => options.filter((o): o is Option & { white: WhitePoint } => o.white !== null);

/** Whites that differ, each once. */
function distinct(whites: readonly WhitePoint[]): WhitePoint[] {
	const found: WhitePoint[] = [];
	for (const white of whites) if (!found.some((other) => near(white, other, 0.5))) found.push(white);
	return found;
}

interface Staying {
	socket: Socket;
	white: WhitePoint;
}

/** Filament lamps that stay among lamps seen together. A lamp the customer already has is not counted: its white is not looked at. */
function staying(members: readonly Group[]): Staying[] {
	return members.flatMap(({ sockets: [socket], options }) => {
		const white = socket && options.length === 0 ? stockWhite(socket, throughLens) : null;
		return socket && white ? [{ socket, white }] : [];
	});
}

/** Whites that are seen together keep to one white of their own choosing, filament lamps that stay counted; each that stands out costs. */
export function addWhites(b: Builder): void {
	if (b.input.order.matched === false) return;
	for (const { sight, members } of sightsOf([...b.input.groups, ...b.input.rest])) {
		const choosing = members.filter((g) => whitesOf(g).length > 0);
		const stays = staying(members);
		if (choosing.length === 0 || stays.length + choosing.reduce((sum, g) => sum + membersIn(g), 0) < 2) continue;
		addSight(b, sight, { choosing, stays });
	}
}

/** Groups of a bundle that are chosen for by themselves. */
const membersIn = (group: Group | Bundle): number => ('members' in group ? group.members.length : 1);

function standsOut(
	b: Builder,
	place: { sockets: readonly Socket[]; sight: string },
	{ times, many }: { times: number; many: number }
): string {
	const name = b.count(`m${b.mismatches.length}`, b.input.mismatchCost * times, many);
	b.mismatches.push({ name, sockets: place.sockets.map((s) => s.id), sight: place.sight });
	return name;
}

function addSight(
	b: Builder,
	sight: string,
	{ choosing, stays }: { choosing: readonly Group[]; stays: readonly Staying[] }
): void {
	const centres = distinct(choosing.flatMap((g) => whitesOf(g).map((o) => o.white))).map((white) => ({
		white,
		name: b.binary(`t${b.variables.length}`, 0)
	}));
	b.constrain(
		centres.map(({ name }) => [1, name]),
		{ sense: '<=', bound: 1 }
	);
	for (const { socket, white } of stays) {
		const far = centres.filter((centre) => !near(centre.white, white, NOTICED_MIRED));
		if (far.length === 0) continue;
		const out = standsOut(b, { sockets: [socket], sight }, { times: 1, many: 1 });
		b.constrain([...far.map(({ name }): [number, string] => [1, name]), [-1, out]], { sense: '<=', bound: 0 });
	}
	for (const group of choosing) {
		const own = b.lamps.filter((lamp) => lamp.group === group && lamp.option.white !== null);
		const many = membersIn(group);
		const out = standsOut(b, { sockets: group.sockets, sight }, { times: group.sockets.length / many, many });
		for (const white of distinct(own.flatMap((lamp) => lamp.option.white ?? []))) {
			const alike = own.filter((lamp) => lamp.option.white && near(lamp.option.white, white, 0.5));
			const good = centres.filter((centre) => near(centre.white, white, RADIUS));
			b.constrain(
				[
					...alike.map(({ name }): [number, string] => [1, name]),
					...good.map(({ name }): [number, string] => [-many, name]),
					[-1, out]
				],
				{ sense: '<=', bound: 0 }
			);
		}
	}
}
