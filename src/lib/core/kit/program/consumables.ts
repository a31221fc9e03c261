import { strategyOf, type ConsumedBy } from '../../accessories';
import type { Accessory, Socket } from '../../model';
import { showsOutside } from '../../lamps';
import type { Group } from '../choices/group';
import type { Builder } from './builder';

/** A socket whose contacts meet water: the one that is greased. */
export const isOutside = ({ functions }: Socket): boolean => showsOutside(functions);

type Per = NonNullable<Accessory['use']>['per'];

/** How much of something there is: a number that stands, and what each unit of a variable adds. */
interface Counted {
	fixed: number;
	terms: [number, string][];
}

const counting = (terms: [number, string][]): Counted => ({ fixed: 0, terms });

/** Sockets outside that get a lamp of the kit. */
function sockets(b: Builder): Counted {
	const outside = (group: Group) => group.sockets.filter(isOutside).length;
	if (b.input.allServed) return { fixed: b.left.reduce((sum, { group }) => sum + outside(group), 0), terms: [] };
	return counting(
		b.lamps.flatMap(({ name, group: { members } }): [number, string][] => {
			const [member] = members;
			return member && outside(member) > 0 ? [[outside(member), name]] : [];
		})
	);
}

function partsCountedBy(b: Builder, by: ConsumedBy): Counted {
	const parts = [...b.parts.values()].filter(({ accessory }) => strategyOf(accessory).consumedBy === by);
	return counting(parts.map(({ name }) => [1, name]));
}

/** The kit itself: it counts as soon as anything outside is fitted. */
function wholeKit(b: Builder): Counted {
	const outside = b.left.filter(({ group }) => group.sockets.some(isOutside));
	if (b.input.allServed) return { fixed: outside.length > 0 ? 1 : 0, terms: [] };
	const known = b.variables.find((v) => v.name === 'kit');
	if (known) return counting([[1, known.name]]);
	const name = b.binary('kit', 0);
	for (const { name: open, group } of outside) {
		const many = group.members.length;
		// Served or replaced is what is not left.
		b.constrain(
			[
				[many, name],
				[1, open]
			],
			{ sense: '>=', bound: many }
		);
	}
	return counting([[1, name]]);
}

/** What a consumable is counted by. A new way is one entry here and one word in the schema. */
const COUNTS: Record<Per, (b: Builder) => Counted> = {
	socket: sockets,
	kit: wholeKit,
	module: (b) => partsCountedBy(b, 'module'),
	load: (b) => partsCountedBy(b, 'load')
};

/** Grease by the socket, cleaner by the kit, ties by the module: used up by what is fitted, bought in whole packs like everything else. */
export function addConsumables(b: Builder): void {
	for (const accessory of b.input.shop.accessories) {
		if (accessory.kind !== 'consumable' || !accessory.use || accessory.packs.length === 0) continue;
		const { per, amount } = accessory.use;
		const { fixed, terms } = COUNTS[per](b);
		if (terms.length === 0 && fixed === 0) continue;
		const used = terms.map(([times, name]): [number, string] => [amount * times, name]);
		b.consumed.push({ accessory, per, fixed: amount * fixed, terms: used, most: amount * fixed + mostOf(b, used) });
	}
}

/** Pieces at the most, every variable at its highest. */
function mostOf(b: Builder, terms: readonly (readonly [number, string])[]): number {
	const max = new Map(b.variables.map((v) => [v.name, v.max ?? 1]));
	return terms.reduce((sum, [pieces, name]) => sum + pieces * (max.get(name) ?? 1), 0);
}
