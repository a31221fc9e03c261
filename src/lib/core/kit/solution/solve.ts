import { solveInParts, type Solution, type Solved, type Solver, type SolveWatch } from '../../solver';
import type { KitChoices } from '../choices/choices';
import type { Group } from '../choices/group';
import { isOutside, kitProgram, type CutTerm, type KitProgram, type Variation } from '../program';
import { circuitWith, newComplaints } from './circuit';
import { banFor, cutFor } from './circuit-cut';
import { groupsServed, readSolution, type KitSolution } from './solution';

/** Who solves, and who looks on. */
export interface SolvedBy {
	solver: Solver;
	watch?: SolveWatch | undefined;
}

/** Solves again after a complaint, before the sockets of an output that still complains are left as they are. */
const MAX_TRIES = 24;

/**
 * True when an answer that took every group for served is the answer all the same: none is left open, or what is used up by the socket or
 * the kit comes to as many pieces for a single socket outside as for all of them, and one is served.
 */
function holdsAsServed(kit: KitProgram, solved: Solved): boolean {
	const { open } = groupsServed(kit, solved);
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
	choices: KitChoices,
	variation: Variation,
	{ solver, watch }: SolvedBy
): Promise<{ kit: KitProgram; solution: Solution }> {
	const attempt = async (allServed: boolean) => {
		const kit = kitProgram(choices, { ...variation, allServed });
		return { kit, solution: await solveInParts(kit.program, solver, watch) };
	};
	if (choices.order.budget === undefined && choices.assemblies.length === 0) {
		const { kit, solution } = await attempt(true);
		if (solution.status === 'infeasible' || holdsAsServed(kit, solution)) return { kit, solution };
	}
	return attempt(false);
}

/**
 * Solves what may be chosen and asks the circuit: sums leave out wires, contacts, glow and flicker, so what the network complains of is
 * ruled out and the rest is solved again. What was dropped as never better may be better than what was ruled out, so that it counts again from
 * the first complaint on.
 * @returns null when the demands cannot hold together
 */
export async function solveKit(
	choices: KitChoices,
	{ solver, watch }: SolvedBy,
	variation: Variation = {}
): Promise<KitSolution | null> {
	const cuts: CutTerm[][] = [...(variation.cuts ?? [])].map((cut) => [...cut]);
	const every: KitChoices = { ...choices, groups: choices.everyGroup };
	let last: KitSolution | null = null;
	let proven = Infinity;
	for (let tries = 0; ; tries++) {
		const from = cuts.length > 0 ? every : choices;
		const { kit, solution } = await solveProgram(from, { ...variation, cuts }, { solver, watch });
		// With too much ruled out, the kit before stands, and owns up to its complaints.
		if (solution.status === 'infeasible') return last;
		const read = readSolution(kit, solution);
		const complaints = newComplaints(circuitWith(choices, read));
		// Sockets left as they are for want of tries rule out more than was shown: what was proven before counts from there.
		if (tries <= MAX_TRIES) proven = read.bound;
		last = { ...read, bound: Math.min(read.bound, proven), complaints, cuts: [...cuts] };
		const fresh = complaints
			.flatMap((complaint) =>
				tries < MAX_TRIES
					? [cutFor(choices.configuration, kit, { solved: solution, complaint })]
					: banFor(choices.configuration, kit, complaint)
			)
			.filter((cut) => cut.length > 0);
		if (fresh.length === 0 || tries > MAX_TRIES) return last;
		cuts.push(...fresh);
	}
}
