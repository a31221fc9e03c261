import type { KitOrder, Socket } from '../exchange';
import { groupName } from '../vehicle';
import { readLines, type KitAnswer } from './answer';
import { BALANCE_WEIGHTS } from './balance';
import { groupsOf, type Group, type KitCase } from './options';
import { kitProgram, type KitProgram } from './program';
import { pruneOptions } from './prune';
import type { Solution, Solver } from './solver';

type Solved = Extract<Solution, { values: unknown }>;

/** More than any kit costs, minor units: leaving a socket open is dearer than any way of serving it. */
const LEAVING = 1_000_000;

type ProgramInput = Omit<Parameters<typeof kitProgram>[0], 'leaving'>;

interface Attempt {
	program: KitProgram;
	solution: Solved;
	/** What leaving a socket open cost; null when none could be left. */
	leaving: number | null;
}

/** First with every socket served; only when that cannot be, with the fewest and least used left open. */
async function attempt(input: ProgramInput, solver: Solver, ways = [null, LEAVING]): Promise<Attempt | null> {
	for (const leaving of ways) {
		const program = kitProgram({ ...input, leaving });
		if (program.lamps.length === 0) continue;
		const solution = await solver(program.program);
		if (solution.status !== 'infeasible') return { program, solution, leaving };
	}
	return null;
}

function chosen({ program, solution }: Attempt) {
	return program.lamps.filter((lamp) => Math.round(solution.values.get(lamp.name) ?? 0) > 0);
}

function total({ program, solution }: Attempt): number {
	return readLines(program, solution.values).reduce((sum, line) => sum + line.price, 0);
}

function whyLeft(group: Group, budget: number | undefined): string {
	const needsNothingOnSale = group.options.every((o) => o.needs.some((n) => n.parts.length === 0));
	if (needsNothingOnSale) return 'needs a part that nobody sells here; see Match';
	const onShelf = group.options.some((o) => o.product.packs.some((p) => p.stock !== 0));
	if (!onShelf) return 'out of stock';
	return budget === undefined ? 'stock, or the parts its output needs, do not reach' : 'the budget does not reach';
}

/** What differs between two choices, place by place. */
function differences(best: Attempt, other: Attempt): string[] {
	const name = (a: Attempt, socket: Socket | undefined) =>
		chosen(a).find((lamp) => lamp.group.sockets[0] === socket)?.option.product.name ?? 'left open';
	const groups = new Map(other.program.lamps.map(({ group }) => [group.sockets[0], group.sockets]));
	return [...groups].flatMap(([first, sockets]) => {
		const [from, to] = [name(best, first), name(other, first)];
		return from === to ? [] : [`${groupName(sockets)}: ${to} instead of ${from}`];
	});
}

/**
 * Assembles the cheapest kit for an order exactly: one product per socket, left and right the same, whole packs within stock,
 * parts for every need, every monitored channel content. Open sockets are listed with the reason.
 * @param runnersUp how many next-best kits to work out as well
 */
export async function assembleKit(
	kitCase: KitCase,
	order: KitOrder,
	solver: Solver,
	runnersUp = 0
): Promise<KitAnswer> {
	const all = groupsOf(kitCase, order);
	const groups = pruneOptions(all);
	const { configuration, shop } = kitCase;
	const input = { configuration, shop, groups, weights: BALANCE_WEIGHTS[order.balance], budget: order.budget };
	const best = await attempt(input, solver);
	const open = groups.flatMap((g) => g.sockets.map((s) => ({ socket: s.id, why: g.open ?? '' }))).filter((o) => o.why);
	if (!best) {
		const left = groups.filter((g) => !g.open);
		return {
			lines: [],
			total: 0,
			bound: 0,
			gap: 0,
			open: [...open, ...left.flatMap((g) => g.sockets.map((s) => ({ socket: s.id, why: whyLeft(g, order.budget) })))],
			runnersUp: []
		};
	}
	const lines = readLines(best.program, best.solution.values);
	const served = new Set(chosen(best).map((lamp) => lamp.group));
	for (const { group } of best.program.left)
		if (!served.has(group))
			open.push(...group.sockets.map((s) => ({ socket: s.id, why: whyLeft(group, order.budget) })));
	const gap = Math.max(0, best.solution.objective - best.solution.bound);
	const price = total(best);
	return {
		lines,
		total: price,
		bound: price - gap,
		gap,
		open,
		runnersUp: await nextBest({ ...input, groups: all }, best, solver, runnersUp)
	};
}

/** The next best kits, each different in a lamp from all before. What was dropped as never better may be next best, so all options count. */
async function nextBest(
	input: ProgramInput,
	best: Attempt,
	solver: Solver,
	wanted: number
): Promise<KitAnswer['runnersUp']> {
	const without = [chosen(best).map((lamp) => lamp.key)];
	const found: KitAnswer['runnersUp'] = [];
	while (found.length < wanted && without.every((names) => names.length > 0)) {
		const next = await attempt({ ...input, without }, solver, [best.leaving]);
		if (!next) break;
		found.push({ total: total(next), differs: differences(best, next) });
		without.push(chosen(next).map((lamp) => lamp.key));
	}
	return found;
}
