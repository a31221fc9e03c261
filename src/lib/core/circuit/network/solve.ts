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

/** Currents left over at a node by more than this are no rounding: the answer is none, A. */
export const UNSETTLED_A = 1e-3;
/** Sums of currents this small are nothing, A. */
const SETTLED_A = 1e-9;
const MAX_STEPS = 60;
/** Largest change of a potential in one step, V: keeps the search on the branch where LEDs are lit. */
const LONGEST_STEP_V = 3;
/** A leak from every node to ground, S, so that a part nobody feeds has a potential. */
const LEAK = 1e-10;

/**
 * Solves a network for its node potentials by Newton's method on Kirchhoff's current law, each connected part by itself, and by letting it
 * charge where that does not settle. The search starts at the supply, so that an LED that can be lit is lit. The residual says how well it did.
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
	if (highest === 0) {
		for (const node of nodes) volts.set(node, 0);
		return 0;
	}
	const part: ConnectedPart = { elements, index: new Map(nodes.map((node, i) => [node, i])), highest };
	const start = nodes.map((node) => begin.get(node) ?? 0);
	let best = newton(part, start);
	for (const charge of CHARGES_S) {
		if (best.residual <= SETTLED_A) break;
		const other = charging(part, start, charge);
		if (other.residual < best.residual) best = other;
	}
	nodes.forEach((node, i) => volts.set(node, best.at[i] ?? 0));
	return best.residual;
}

/** Elements that hang together, and the place of each of their nodes in a list of potentials. */
interface ConnectedPart {
	elements: readonly Element[];
	index: ReadonlyMap<Node, number>;
	/** Highest supply in it, V: nothing in a network of lamps stands above it. */
	highest: number;
}

/** Potentials, and the largest sum of currents left over at a node, A. */
interface Found {
	at: number[];
	residual: number;
}

const largest = (sums: readonly number[]) => sums.reduce((most, sum) => Math.max(most, Math.abs(sum)), 0);

/** Potentials changed by a step, no further than one may go at once. */
function stepped({ highest }: ConnectedPart, at: readonly number[], change: readonly number[]): number[] {
	const longest = Math.max(...change.map(Math.abs));
	const share = longest > LONGEST_STEP_V ? LONGEST_STEP_V / longest : 1;
	return at.map((value, i) => Math.min(highest, Math.max(-highest, value - (change[i] ?? 0) * share)));
}

/** Newton's method from some potentials: quick where nothing lies near the turn-on of an LED. */
function newton(part: ConnectedPart, start: readonly number[]): Found {
	let best: Found = { at: [...start], residual: Infinity };
	let at = [...start];
	for (let step = 0; step < MAX_STEPS; step++) {
		const { sums, slopes } = balance(part, at);
		const residual = largest(sums);
		if (residual < best.residual) best = { at, residual };
		if (residual <= SETTLED_A) break;
		const solved = linearSolution(slopes, sums);
		if (!solved.ok) break;
		at = stepped(part, at, solved.value);
	}
	return best;
}

/** Capacitances at the nodes that are tried one after the other, as conductance of the first step, S. */
const CHARGES_S = [1, 50, 0.02] as const;
const CHARGING_STEPS = 400;
/** A step that leaves more over than this many times what was left before is taken back and made shorter. */
const WORSE = 1.5;

/**
 * Lets the network charge from its supply, as if a capacitor stood at every node, in implicit steps of time that grow while it comes to rest
 * (pseudo-transient continuation). It settles where the real one does, also on the turn-on of an LED.
 */
function charging(part: ConnectedPart, start: readonly number[], first: number): Found {
	let at = [...start];
	let now = balance(part, at);
	let residual = largest(now.sums);
	let best: Found = { at, residual };
	let charge: number = first;
	for (let step = 0; step < CHARGING_STEPS && best.residual > SETTLED_A; step++) {
		const damped = now.slopes.map((row, i) => row.map((value, j) => (i === j ? value + charge : value)));
		const solved = linearSolution(damped, now.sums);
		if (!solved.ok) {
			charge *= 4;
			continue;
		}
		const next = stepped(part, at, solved.value);
		const then = balance(part, next);
		const left = largest(then.sums);
		if (left > residual * WORSE) {
			charge *= 4;
			if (charge > MOST_CHARGE_S) break;
			continue;
		}
		charge = Math.max(1e-12, charge * Math.min(0.5, left / (residual || 1)));
		[at, now, residual] = [next, then, left];
		if (residual < best.residual) best = { at, residual };
	}
	return best;
}

/** With steps this short nothing moves any more, S. */
const MOST_CHARGE_S = 1e7;

/** Currents that leave each node, and how they grow with each potential. */
function balance({ elements, index }: ConnectedPart, at: readonly number[]) {
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
