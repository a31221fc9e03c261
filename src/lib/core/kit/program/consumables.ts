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
		b.lamps.map(({ name, group }) => ({ name, times: group.sockets.filter(isOutside).length })).filter((c) => c.times > 0),
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
	for (const { name: open, group } of b.left)
		if (group.sockets.some(isOutside))
			// Served or replaced is what is not left.
			b.constrain([[1, name], [1, open]], '>=', 1);
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
		b.consumed.push({ accessory, per, terms, most: terms.reduce((sum, [pieces]) => sum + pieces, 0) * mostOf(b, per) });
	}
}

/** Parts may stand several times in one place. */
function mostOf(b: Builder, per: Per): number {
	return per === 'module' || per === 'load' ? Math.max(1, ...[...b.parts.values()].map((p) => p.max)) : 1;
}
