import { bendsOf, drawn, GROUND, type Element, type Node } from './element';
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
	let best = newton(part, start, { steps: MAX_STEPS });
	if (best.residual > SETTLED_A) best = better(best, newton(part, start, { steps: MAX_REGIONS, reach: toNextBend }));
	if (best.residual > SETTLED_A) best = better(best, charging(part, start));
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

const better = (one: Found, other: Found): Found => (other.residual < one.residual ? other : one);

/** How far a step may go, as a share of it. */
type Reach = (part: ConnectedPart, at: readonly number[], next: readonly number[]) => number;
const WHOLE: Reach = () => 1;

/** Newton's method from some potentials: quick where nothing lies near the turn-on of an LED. */
function newton(
	part: ConnectedPart,
	start: readonly number[],
	{ steps, reach = WHOLE }: { steps: number; reach?: Reach }
): Found {
	let best: Found = { at: [...start], residual: Infinity };
	let at = [...start];
	for (let step = 0; step < steps; step++) {
		const { sums, slopes } = balance(part, at);
		best = better(best, { at, residual: largest(sums) });
		if (best.residual <= SETTLED_A) break;
		const solved = linearSolution(slopes, sums);
		if (!solved.ok) break;
		const next = stepped(part, at, solved.value);
		const share = reach(part, at, next);
		at = at.map((value, i) => value + share * ((next[i] ?? 0) - value));
	}
	return best;
}

/** Steps when each ends where an LED changes its law: there are not many more than LEDs, unless the search runs in circles. */
const MAX_REGIONS = 200;
/** So far past a bend a step goes, V, that the law beyond it holds. */
const PAST_BEND_V = 1e-9;

/** A step no further than just past the first voltage at which an LED changes its law (Katzenelson 1965). */
const toNextBend: Reach = ({ elements, index }, at, next) => {
	const potential = (list: readonly number[], node: Node) => {
		const i = index.get(node);
		return i === undefined ? 0 : (list[i] ?? 0);
	};
	let share = 1;
	for (const element of elements) {
		const bends = bendsOf(element);
		if (bends.length === 0) continue;
		const before = potential(at, element.from) - potential(at, element.to);
		const after = potential(next, element.from) - potential(next, element.to);
		const way = after - before;
		for (const bend of bends) {
			const to = bend + Math.sign(way) * PAST_BEND_V;
			if (way !== 0 && (to - before) * (to - after) < 0) share = Math.min(share, (to - before) / way);
		}
	}
	return share;
};

/** Conductance that stands for a capacitor at a node over the first, short step of time, and the least it comes to, S. */
const FIRST_CHARGE_S = 100;
const LEAST_CHARGE_S = 1e-9;
/** Shorter steps than this bring nothing, S. */
const MOST_CHARGE_S = 1e7;
const CHARGING_STEPS = 150;
const STEPS_INSIDE = 12;

/**
 * Lets the network charge from its supply, as if a capacitor stood at every node, in implicit steps of time that grow as it comes to rest
 * (pseudo-transient continuation). It settles where the real one does, also on the turn-on of an LED.
 */
function charging(part: ConnectedPart, start: readonly number[]): Found {
	let at = [...start];
	let best: Found = { at, residual: Infinity };
	let charge = FIRST_CHARGE_S;
	for (let step = 0; step < CHARGING_STEPS && charge < MOST_CHARGE_S; step++) {
		const next = chargedStep(part, at, charge);
		if (next === null) {
			charge *= 8;
			continue;
		}
		at = next;
		best = better(best, { at, residual: largest(balance(part, at).sums) });
		if (best.residual <= SETTLED_A) break;
		charge = Math.max(LEAST_CHARGE_S, charge / 3);
	}
	return best;
}

/** One implicit step: the potentials at which the currents that are left over have moved the charge of every node; null when it is not found. */
function chargedStep(part: ConnectedPart, from: readonly number[], charge: number): number[] | null {
	let at = [...from];
	for (let inside = 0; inside < STEPS_INSIDE; inside++) {
		const { sums, slopes } = balance(part, at);
		const left = sums.map((sum, i) => sum + charge * ((at[i] ?? 0) - (from[i] ?? 0)));
		if (largest(left) <= SETTLED_A * Math.max(1, charge)) return at;
		const damped = slopes.map((row, i) => row.map((value, k) => (i === k ? value + charge : value)));
		const solved = linearSolution(damped, left);
		if (!solved.ok) return null;
		const next = stepped(part, at, solved.value);
		const share = toNextBend(part, at, next);
		at = at.map((value, i) => value + share * ((next[i] ?? 0) - value));
	}
	return null;
}

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
