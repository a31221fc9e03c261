import type { KitChoices } from '../choices/choices';
import type { KitCase } from '../choices/group';
import type { KitSolution } from '../solution';
import type { KitAnswer, MissingPieces } from './answer';
import { linesOf, totalOf } from './lines';
import { openSockets } from './open-sockets';

/** Pieces left out, and why: what is bought and what is left out together are more than the shelf has, or it was the budget. */
function missingOf({ accessory, pieces }: KitSolution['short'][number], { packs }: KitSolution): MissingPieces {
	const onShelf = accessory.packs.reduce((sum, pack) => sum + (pack.stock ?? Infinity) * pack.count, 0);
	const bought = packs.reduce((sum, { item, pack, number }) => sum + (item === accessory ? number * pack.count : 0), 0);
	const why = onShelf >= bought + pieces ? 'budget' : 'shelf';
	return { accessory: accessory.id, name: accessory.name ?? accessory.id, pieces, why };
}

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
		missing: solution.short.map((short) => missingOf(short, solution)),
		complaints: solution.complaints.map(({ id, kind, channel, why }) => ({ id, kind, channel, why })),
		...(has ? { has: { ...has.lamps } } : {}),
		runnersUp: []
	};
}
