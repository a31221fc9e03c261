import { drawn, GROUND, type Element, type Node } from './element';
import { components } from './components';
import { linearSolution } from './linear';

/** Potentials and currents of a network in its steady state. */
export interface OperatingPoint {
	/** Potential of each node against ground, V. */
	volts: ReadonlyMap<Node, number>;
	/** Current of each element from its `from` to its `to`, A. */
	amperes: ReadonlyMap<string, number>;
	/** Largest sum of currents that is left over at a node, A: how well Kirchhoff's current law holds. */
	residual: number;
}

/** Sums of currents this small are nothing, A. */
const SETTLED_A = 1e-9;
const MAX_STEPS = 80;
/** Largest change of a potential in one step, V: keeps the search on the branch where LEDs are lit. */
const LONGEST_STEP_V = 3;
/** A leak from every node to ground, S, so that a part nobody feeds has a potential. */
const LEAK = 1e-10;

/**
 * Solves a network for its node potentials by Newton's method on Kirchhoff's current law; each connected part by itself.
 * The search starts at the supply, so that an LED that can be lit is lit.
 */
export function solve(elements: readonly Element[]): OperatingPoint {
	const volts = new Map<Node, number>([[GROUND, 0]]);
	let residual = 0;
	for (const part of components(elements)) residual = Math.max(residual, solvePart(part, volts));
	const across = (e: Element) => (volts.get(e.from) ?? 0) - (volts.get(e.to) ?? 0);
	return { volts, amperes: new Map(elements.map((e) => [e.id, drawn(e, across(e)).amperes])), residual };
}

/** Where the search begins: at the supply for what hangs on it by wires, at ground for the rest, which only lamps connect. */
function startingPotentials(elements: readonly Element[]): Map<Node, number> {
	const at = new Map<Node, number>();
	for (const e of elements) if (e.kind === 'source') at.set(e.from, e.volts);
	for (const node of at.keys())
		for (const e of elements) {
			if (e.kind !== 'resistor' || e.from === GROUND || e.to === GROUND) continue;
			if (e.from === node && !at.has(e.to)) at.set(e.to, at.get(node) ?? 0);
			if (e.to === node && !at.has(e.from)) at.set(e.from, at.get(node) ?? 0);
		}
	return at;
}

/** Solves one connected part; writes its potentials and gives the residual. */
function solvePart(elements: readonly Element[], volts: Map<Node, number>): number {
	const nodes = [...new Set(elements.flatMap(({ from, to }) => [from, to]))].filter((node) => node !== GROUND);
	const begin = startingPotentials(elements);
	const highest = Math.max(0, ...begin.values());
	const index = new Map(nodes.map((node, i) => [node, i]));
	const at = nodes.map((node) => begin.get(node) ?? 0);
	if (highest === 0) {
		for (const node of nodes) volts.set(node, 0);
		return 0;
	}
	let worst = Infinity;
	for (let step = 0; step < MAX_STEPS; step++) {
		const { sums, slopes } = balance(elements, index, at);
		worst = sums.reduce((most, sum) => Math.max(most, Math.abs(sum)), 0);
		if (worst <= SETTLED_A) break;
		const solved = linearSolution(slopes, sums);
		// Without a way on, the search stops where it stands, and the residual says so.
		if (!solved.ok) break;
		const change = solved.value;
		const longest = Math.max(...change.map(Math.abs));
		const share = longest > LONGEST_STEP_V ? LONGEST_STEP_V / longest : 1;
		// Nothing in a network of lamps stands above its supply or below its earth.
		change.forEach((delta, i) => (at[i] = Math.min(highest, Math.max(-highest, (at[i] ?? 0) - delta * share))));
	}
	nodes.forEach((node, i) => volts.set(node, at[i] ?? 0));
	return worst;
}

/** Currents that leave each node, and how they grow with each potential. */
function balance(elements: readonly Element[], index: ReadonlyMap<Node, number>, at: readonly number[]) {
	const sums = at.map((volts) => volts * LEAK);
	const slopes = at.map((_, i) => at.map((_, j) => (i === j ? LEAK : 0)));
	for (const element of elements) {
		const [from, to] = [index.get(element.from), index.get(element.to)];
		const across = (from === undefined ? 0 : (at[from] ?? 0)) - (to === undefined ? 0 : (at[to] ?? 0));
		const { amperes, siemens } = drawn(element, across);
		for (const [one, other, sign] of [
			[from, to, 1],
			[to, from, -1]
		] as const) {
			if (one === undefined) continue;
			sums[one] = (sums[one] ?? 0) + sign * amperes;
			const row = slopes[one] as number[];
			row[one] = (row[one] ?? 0) + siemens;
			if (other !== undefined) row[other] = (row[other] ?? 0) - siemens;
		}
	}
	return { sums, slopes };
}
