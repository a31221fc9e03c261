import type { KitOrder } from '../../model';
import { err, ok, type Result } from '../../result';
import { valueOf, type KitAnswer } from '../answer/answer';
import { conflictOf, type Conflict } from '../solution/conflict';
import { openSockets } from '../answer/open-sockets';
import type { KitCase } from '../choices/options';
import { prepareKit, type PreparedKit } from '../choices/prepare';
import { kitProgram } from '../program';
import type { CircuitComplaint } from '../../remedy';
import { nextBest } from './runners-up';
import { linesOf, solveChecked, type SolvedKit } from '../solution/solve-checked';
import type { Solver, SolveWatch } from '../../solver/solver';
import { solveInParts } from '../../solver/split';
import { counted } from '../../quantity';

/** What else is worked out with a kit, and who looks on. */
export interface AssembleOptions {
	/** How many next best kits. */
	runnersUp?: number;
	watch?: SolveWatch | undefined;
}

const inWords = ({ kind, channel, why }: CircuitComplaint) => `${kind} on ${channel}: ${why}`;

/** Reads a solved kit as an answer, its runners-up not yet worked out. */
export function readAnswer(best: SolvedKit, { all }: PreparedKit, kitCase: KitCase): KitAnswer {
	const { lines, total } = linesOf(best);
	const { order } = all;
	const shop = all.shop;
	return {
		lines,
		total,
		bound: best.solution.bound,
		gap: Math.max(0, best.solution.objective - best.solution.bound),
		open: openSockets(best, all.groups, { ...kitCase, shop }, order),
		mismatches: best.kit.mismatches
			.filter(({ name }) => valueOf(best.solution.values, name) > 0)
			.map(({ place, sight }) => ({ place, sight })),
		missing: best.kit.short.flatMap(({ name, accessory }) => {
			const pieces = valueOf(best.solution.values, name);
			return pieces > 0 ? [`${counted(pieces, 'piece')} of ${accessory.name ?? accessory.id} not on the shelf`] : [];
		}),
		complaints: best.complaints.map(inWords),
		...(order.has ? { has: { ...order.has.lamps } } : {}),
		runnersUp: []
	};
}

/**
 * Assembles the best kit for an order exactly: one product per socket, left and right the same, whites that are seen together matched,
 * whole packs within stock, parts for every need, every monitored output content, consumables counted. Open sockets are listed with the
 * reason and what would close them.
 * @returns the kit, or the smallest set of the order's demands that cannot hold together
 */
export async function assembleKit(
	kitCase: KitCase,
	order: KitOrder,
	solver: Solver,
	{ runnersUp = 0, watch }: AssembleOptions = {}
): Promise<Result<KitAnswer, Conflict>> {
	const prepared = prepareKit(kitCase, order);
	const best = await solveChecked(prepared.input, kitCase, solver, watch);
	if (!best)
		return err(await conflictOf(kitProgram(prepared.input), (program) => solveInParts(program, solver, watch)));
	const answer = readAnswer(best, prepared, kitCase);
	return ok({
		...answer,
		runnersUp: await nextBest({ best, all: prepared.all, kitCase, wanted: runnersUp }, solver, watch)
	});
}
