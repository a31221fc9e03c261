import type { KitAnswer } from '../answer/answer';
import { differences, differenceText } from '../answer/differences';
import { linesOf, totalOf } from '../answer/lines';
import type { KitChoices } from '../choices/choices';
import { chosenKeys, solveKit, type KitSolution, type SolvedBy } from '../solution';

/** The next best kits, each different from all before in what a person would notice. What was dropped as never better may be next best. */
export async function nextBest(
	{ best, wanted }: { best: KitSolution; wanted: number },
	choices: KitChoices,
	by: SolvedBy
): Promise<KitAnswer['runnersUp']> {
	const unpruned = { ...choices, groups: choices.everyGroup };
	const without = [chosenKeys(best)];
	const found: KitAnswer['runnersUp'] = [];
	while (found.length < wanted && without.every((keys) => keys.length > 0)) {
		const next = await solveKit(unpruned, by, { without, cuts: best.cuts });
		if (!next || next.complaints.length > 0) break;
		const lines = linesOf(next);
		const differs = differences(linesOf(best), lines, choices.configuration.sockets);
		if (differs.some((d) => d.after === null)) break;
		found.push({ total: totalOf(lines), differs: differs.map(differenceText) });
		without.push(chosenKeys(next));
	}
	return found;
}
