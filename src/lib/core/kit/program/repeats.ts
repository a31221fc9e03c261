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

/** Variables that come on when a sum is no longer what it was: above it, or below it. */
function changed(b: Builder, names: readonly string[], { value, max }: { value: number; max: number }): string[] {
	if (value === 0) return [...names];
	const sum = names.map((name): [number, string] => [1, name]);
	const below = b.binary(`d${b.variables.length}`, 0);
	b.constrain([...sum, [max - value + 1, below]], { sense: '<=', bound: max });
	if (value >= max) return [below];
	const above = b.binary(`u${b.variables.length}`, 0);
	b.constrain([...sum, [-value - 1, above]], { sense: '>=', bound: 0 });
	return [below, above];
}

function addCut(b: Builder, names: ReadonlyMap<string, string>, cut: readonly CutTerm[]): void {
	const max = new Map(b.variables.map((v) => [v.name, v.kind === 'binary' ? 1 : (v.max ?? 1)]));
	const terms: [number, string][] = [];
	for (const { keys, value } of cut) {
		const here = keys.flatMap((key) => names.get(key) ?? []);
		if (here.length === 0 && value > 0) return; // what was chosen then is not on offer here
		const most = Math.max(value, ...here.map((name) => max.get(name) ?? 1));
		if (here.length > 0) terms.push(...changed(b, here, { value, max: most }).map((n): [number, string] => [1, n]));
	}
	b.constrain(terms, { sense: '>=', bound: 1 });
}
