import type { Builder, CutTerm } from './builder';

/** A person would not tell two kits apart whose lamps look alike place by place. */
export function addWithout(b: Builder): void {
	for (const keys of b.input.without ?? []) {
		const looks = new Map(
			b.lamps.filter((lamp) => keys.includes(lamp.key)).map((lamp) => [lamp.group, lamp.option.look])
		);
		const alike = b.lamps.filter((lamp) => looks.get(lamp.group) === lamp.option.look);
		const same = [...alike, ...b.assemblies.filter((a) => keys.includes(a.key))];
		b.constrain(
			same.map(({ name }) => [1, name]),
			{ sense: '<=', bound: keys.length - 1 }
		);
	}
}

/** What together brought a complaint in the circuit is not chosen together again. */
export function addCuts(b: Builder): void {
	const names = new Map<string, string>([
		...b.lamps.map((lamp): [string, string] => [lamp.key, lamp.name]),
		...b.assemblies.map((a): [string, string] => [a.key, a.name]),
		...[...b.parts.values()].map((p): [string, string] => [p.key, p.name])
	]);
	for (const cut of b.input.cuts ?? []) addCut(b, names, cut);
}

/** Variables that come on when a count is no longer what it was: above it, or below it. */
function changed(b: Builder, name: string, { value, max }: { value: number; max: number }): string[] {
	if (value === 0) return [name];
	const below = b.binary(`d${b.variables.length}`, 0);
	b.constrain(
		[
			[1, name],
			[max - value + 1, below]
		],
		{ sense: '<=', bound: max }
	);
	if (value >= max) return [below];
	const above = b.binary(`u${b.variables.length}`, 0);
	b.constrain(
		[
			[1, name],
			[-value - 1, above]
		],
		{ sense: '>=', bound: 0 }
	);
	return [below, above];
}

function addCut(b: Builder, names: ReadonlyMap<string, string>, cut: readonly CutTerm[]): void {
	const max = new Map(b.variables.map((v) => [v.name, v.kind === 'binary' ? 1 : (v.max ?? 1)]));
	const terms: [number, string][] = [];
	for (const { key, value } of cut) {
		const name = names.get(key);
		if (name === undefined && value > 0) return; // what was chosen then is not on offer here
		if (name !== undefined)
			terms.push(...changed(b, name, { value, max: max.get(name) ?? 1 }).map((n): [number, string] => [1, n]));
	}
	b.constrain(terms, { sense: '>=', bound: 1 });
}
