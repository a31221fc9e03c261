import type { Accessory, Socket } from '../../exchange';
import { lampFunction } from '../../lamps';
import type { Builder } from './builder';

const OUTSIDE: ReadonlySet<string> = new Set(['headlamp', 'fog', 'signal']);
const LOADS: ReadonlySet<string> = new Set(['resistor', 'load-harness']);

/** A socket whose contacts meet water: the one that is greased. */
export function isOutside({ functions }: Socket): boolean {
	return functions.some((id) => OUTSIDE.has(lampFunction(id).group));
}

type Per = NonNullable<Accessory['use']>['per'];
type Counted = { name: string; times: number }[];

/** What a consumable is counted by, as variables of the program. A new way is one entry here and one word in the schema. */
const COUNTS: Record<Per, (b: Builder) => Counted> = {
	socket: (b) =>
		b.lamps
			.map(({ name, group: { members } }) => ({ name, times: (members[0]?.sockets ?? []).filter(isOutside).length }))
			.filter((c) => c.times > 0),
	kit: (b) => [{ name: wholeKit(b), times: 1 }],
	module: (b) => partsOf(b, (kind) => kind === 'pwm-module'),
	load: (b) => partsOf(b, (kind) => LOADS.has(kind))
};

function partsOf(b: Builder, is: (kind: Accessory['kind']) => boolean): Counted {
	return [...b.parts.values()].filter((p) => is(p.accessory.kind)).map(({ name }) => ({ name, times: 1 }));
}

/** A variable that is on as soon as anything outside is fitted. */
function wholeKit(b: Builder): string {
	const known = b.variables.find((v) => v.name === 'kit');
	if (known) return known.name;
	const name = b.binary('kit', 0);
	for (const { name: open, group } of b.left) {
		const many = group.members.length;
		// Served or replaced is what is not left.
		if (group.sockets.some(isOutside))
			b.constrain(
				[
					[many, name],
					[1, open]
				],
				'>=',
				many
			);
	}
	return name;
}

/** Grease by the socket, cleaner by the kit, ties by the module: used up by what is fitted, bought in whole packs like everything else. */
export function addConsumables(b: Builder): void {
	for (const accessory of b.input.shop.accessories) {
		if (accessory.kind !== 'consumable' || !accessory.use || accessory.packs.length === 0) continue;
		const { per, amount } = accessory.use;
		const counted = COUNTS[per](b);
		const terms = counted.map(({ name, times }): [number, string] => [amount * times, name]);
		if (terms.length === 0) continue;
		b.consumed.push({ accessory, per, terms, most: mostOf(b, terms) });
	}
}

/** Pieces at the most, every variable at its highest. */
function mostOf(b: Builder, terms: readonly (readonly [number, string])[]): number {
	const max = new Map(b.variables.map((v) => [v.name, v.max ?? 1]));
	return terms.reduce((sum, [pieces, name]) => sum + pieces * (max.get(name) ?? 1), 0);
}
