import type { KitOrder } from '../../model';
import { err, ok, type Result } from '../../result';
import { solveInParts, type Solver, type SolveWatch } from '../../solver';
import type { KitAnswer } from '../answer/answer';
import { answerOf } from '../answer/answer-of';
import { choicesFor } from '../choices/choices';
import type { KitCase } from '../choices/group';
import { kitProgram } from '../program';
import { conflictOf, solveKit, type Conflict } from '../solution';
import { nextBest } from './runners-up';

/** Who solves, what else is worked out with a kit, and who looks on. */
export interface AssembleOptions {
	solver: Solver;
	/** How many next best kits. */
	runnersUp?: number;
	watch?: SolveWatch | undefined;
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
	{ solver, runnersUp = 0, watch }: AssembleOptions
): Promise<Result<KitAnswer, Conflict>> {
	const choices = choicesFor(kitCase, order);
	const best = await solveKit(choices, { solver, watch });
	if (!best) return err(await conflictOf(kitProgram(choices), (program) => solveInParts(program, solver, watch)));
	const answer = answerOf(best, choices, kitCase);
	return ok({ ...answer, runnersUp: await nextBest({ best, wanted: runnersUp }, choices, { solver, watch }) });
}
