import type { Product } from '../../model';
import { dealt, readLines, valueOf, type KitAnswer } from '../answer/answer';
import { newComplaints, cutFor } from './circuit-cut';
import { circuitWithKit } from '../answer/fitted';
import type { Group, KitCase } from '../choices/options';
import { isOutside, kitProgram, type CutTerm, type KitProgram, type ProgramInput } from '../program';
import type { CircuitComplaint } from '../../remedy';
import type { Solution, Solver, SolveWatch } from '../../solver/solver';
import { solveInParts } from '../../solver/split';

type Solved = Extract<Solution, { values: unknown }>;

/** A program with its best answer. */
export interface SolvedKit {
	kit: KitProgram;
	solution: Solved;
	/** What the circuit still has to say against it. */
	complaints: CircuitComplaint[];
	/** Choices that were ruled out by the circuit on the way. */
	cuts: CutTerm[][];
}

/** Cuts, when what the sums let pass is not what the network says. */
const MAX_CUTS = 8;

/** Keys of the lamps and assemblies a kit has chosen, for each group of its own. */
export function chosenKeys({ kit, solution }: SolvedKit): string[] {
	const lamps = dealt(kit, solution.values).served.map(
		([group, { option }]) => `${group.sockets[0]?.id}>${option.product.id}`
	);
	const assemblies = kit.assemblies.filter(({ name }) => valueOf(solution.values, name) > 0);
	return [...lamps, ...assemblies.map(({ key }) => key)];
}

/** The lines of a solved program, and its price. */
export function linesOf({ kit, solution }: SolvedKit): { lines: KitAnswer['lines']; total: number } {
	const lines = readLines(kit, solution.values);
	return { lines, total: lines.reduce((sum, line) => sum + line.price, 0) };
}

function complaintsWith({ configuration, shop, order }: ProgramInput, kitCase: KitCase, lines: KitAnswer['lines']) {
	const products = new Map<string, Product>(kitCase.catalogue.all.map(({ record }) => [record.id, record]));
	const circuit = circuitWithKit(
		configuration,
		{ lines, has: order.has?.lamps ?? {} },
		{ product: (id) => products.get(id), accessory: (id) => shop.accessories.find((a) => a.id === id) }
	);
	return newComplaints(configuration, circuit);
}

/**
 * True when an answer that took every group for served is the answer all the same: none is left open, or what is used up by the socket or
 * the kit comes to as many pieces for a single socket outside as for all of them, and one is served.
 */
function holdsAsServed({ kit, solution }: { kit: KitProgram; solution: Solved }): boolean {
	const open = dealt(kit, solution.values).open;
	if (open.length === 0) return true;
	const outside = (groups: readonly Group[]) => groups.flatMap((g) => g.sockets).filter(isOutside).length;
	const all = outside(kit.left.flatMap(({ group }) => group.members));
	const steady = kit.consumed.every(({ fixed }) => all === 0 || Math.ceil(fixed / all) === Math.ceil(fixed));
	return steady && outside(open) < all;
}

/**
 * Solves a program. First with every group taken to be served, which leaves the places free of one another; where that does not hold, or a
 * budget or an assembly would weigh what is used up against it, as a whole.
 */
async function solveProgram(
	input: ProgramInput,
	solver: Solver,
	watch?: SolveWatch
): Promise<{ kit: KitProgram; solution: Solution }> {
	const attempt = async (allServed: boolean) => {
		const kit = kitProgram({ ...input, allServed });
		return { kit, solution: await solveInParts(kit.program, solver, watch) };
	};
	if (input.order.budget === undefined && input.assemblies.length === 0) {
		const { kit, solution } = await attempt(true);
		if (solution.status === 'infeasible' || holdsAsServed({ kit, solution })) return { kit, solution };
	}
	return attempt(false);
}

/**
 * Solves a program and asks the circuit: sums leave out wires, contacts, glow and flicker, so what the network complains of is ruled out
 * and the rest is solved again.
 * @returns null when the program is infeasible
 */
export async function solveChecked(
	input: ProgramInput,
	kitCase: KitCase,
	solver: Solver,
	watch?: SolveWatch
): Promise<SolvedKit | null> {
	const cuts: CutTerm[][] = [...(input.cuts ?? [])].map((cut) => [...cut]);
	let last: SolvedKit | null = null;
	for (;;) {
		const { kit, solution } = await solveProgram({ ...input, cuts }, solver, watch);
		// With too much ruled out, the kit before stands, and owns up to its complaints.
		if (solution.status === 'infeasible') return last;
		const complaints = complaintsWith(input, kitCase, readLines(kit, solution.values));
		last = { kit, solution, complaints, cuts: [...cuts] };
		const fresh = complaints
			.map((c) => cutFor(input.configuration, kit, solution.values, c))
			.filter((cut) => cut.length > 0);
		if (fresh.length === 0 || cuts.length >= MAX_CUTS) return last;
		cuts.push(...fresh);
	}
}
