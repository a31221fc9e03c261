import type { Socket } from '../../model';
import { groupName, twinGroups } from '../../vehicle';
import type { KitAnswer, KitLine } from '../answer/answer';
import type { KitCase } from '../choices/options';
import type { ProgramInput } from '../program';
import { chosenKeys, linesOf, solveChecked, type SolvedKit } from '../solution/solve-checked';
import type { Solver, SolveWatch } from '../../solver/solver';

/** What differs between two kits, place by place. */
export function differences(best: readonly KitLine[], other: readonly KitLine[], sockets: readonly Socket[]): string[] {
	const nameIn = (lines: readonly KitLine[], id: string | undefined) =>
		lines.find((line) => line.product && line.sockets.includes(id ?? ''))?.name ?? 'left open';
	return twinGroups(sockets).flatMap((group) => {
		const [from, to] = [nameIn(best, group[0]?.id), nameIn(other, group[0]?.id)];
		return from === to ? [] : [`${groupName(group)}: ${to} instead of ${from}`];
	});
}

/** The next best kits, each different from all before in what a person would notice. What was dropped as never better may be next best. */
export async function nextBest(
	{ best, all, kitCase, wanted }: { best: SolvedKit; all: ProgramInput; kitCase: KitCase; wanted: number },
	solver: Solver,
	watch?: SolveWatch
): Promise<KitAnswer['runnersUp']> {
	const without = [chosenKeys(best)];
	const found: KitAnswer['runnersUp'] = [];
	while (found.length < wanted && without.every((keys) => keys.length > 0)) {
		const next = await solveChecked({ ...all, without, cuts: best.cuts }, kitCase, solver, watch);
		if (!next || next.complaints.length > 0) break;
		const { lines, total } = linesOf(next);
		const differs = differences(linesOf(best).lines, lines, all.configuration.sockets);
		if (differs.some((d) => d.includes(': left open'))) break;
		found.push({ total, differs });
		without.push(chosenKeys(next));
	}
	return found;
}
