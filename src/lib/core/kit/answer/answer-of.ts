import type { KitChoices } from '../choices/choices';
import type { KitCase } from '../choices/group';
import type { KitSolution } from '../solution';
import type { KitAnswer } from './answer';
import { linesOf, totalOf } from './lines';
import { openSockets } from './open-sockets';

/** Reads a solved kit as an answer, its runners-up not yet worked out. */
export function answerOf(solution: KitSolution, choices: KitChoices, kitCase: KitCase): KitAnswer {
	const lines = linesOf(solution);
	const { has } = choices.order;
	return {
		lines,
		total: totalOf(lines),
		bound: solution.bound,
		gap: Math.max(0, solution.objective - solution.bound),
		open: openSockets(solution, choices, kitCase),
		mismatches: solution.mismatches,
		missing: solution.short.map(({ accessory: { id, name }, pieces }) => ({ accessory: id, name: name ?? id, pieces })),
		complaints: solution.complaints.map(({ id, kind, channel, why }) => ({ id, kind, channel, why })),
		...(has ? { has: { ...has.lamps } } : {}),
		runnersUp: []
	};
}
