import type { KitOrder, Product, Socket } from '../exchange';
import { err, ok, type Result } from '../result';
import { groupName, twinGroups } from '../vehicle';
import { dealt, readLines, valueOf, type KitAnswer, type KitLine, type OpenSocket } from './answer';
import { broughtBy, cutFor } from './circuit-cut';
import { wantedFor } from './closing';
import { conflictOf, type Conflict } from './conflict';
import { circuitWithKit } from './fitted';
import type { Group, KitCase } from './options';
import { prepareKit, type PreparedKit } from './prepare';
import { kitProgram, type CutTerm, type KitProgram, type ProgramInput } from './program';
import type { CircuitComplaint } from './remedies';
import type { Solution, Solver, SolveWatch } from './solver';
import { solveInParts } from './split';

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
const MOST_CUTS = 8;

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
	return broughtBy(configuration, circuit);
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
	for (;;) {
		const kit = kitProgram({ ...input, cuts });
		const solution = await solveInParts(kit.program, solver, watch);
		if (solution.status === 'infeasible') return null;
		const complaints = complaintsWith(input, kitCase, readLines(kit, solution.values));
		if (complaints.length === 0 || cuts.length >= MOST_CUTS) return { kit, solution, complaints, cuts };
		const fresh = complaints
			.map((c) => cutFor(input.configuration, kit, solution.values, c))
			.filter((cut) => cut.length > 0);
		if (fresh.length === 0) return { kit, solution, complaints, cuts };
		const before = { kit, solution, complaints, cuts: [...cuts] };
		cuts.push(...fresh);
		const again = kitProgram({ ...input, cuts });
		if ((await solveInParts(again.program, solver, watch)).status === 'infeasible') return before;
	}
}

function whyLeft(group: Group, order: KitOrder): string {
	const needsNothingOnSale = group.options.every((o) => o.needs.some((n) => n.parts.length === 0));
	if (needsNothingOnSale) return 'needs a part that nobody sells here; see Match';
	const onShelf = group.options.some((o) => o.product.packs.some((p) => p.stock !== 0));
	if (!onShelf) return 'out of stock';
	return order.budget === undefined
		? 'stock, or the parts its output needs, do not reach'
		: 'the budget does not reach';
}

function openSockets(
	{ kit, solution }: SolvedKit,
	groups: readonly Group[],
	kitCase: KitCase,
	order: KitOrder
): OpenSocket[] {
	const over = new Set(kit.left.flatMap(({ group }) => group.members.map((g) => g.sockets[0])));
	const never = groups.filter((g) => !over.has(g.sockets[0] as Socket));
	const wanted = (group: Group) => {
		const [socket] = group.sockets;
		return group.fixed || group.options.length > 0 || !socket ? null : wantedFor(kitCase, socket);
	};
	return [...never, ...dealt(kit, solution.values).open].flatMap((group) => {
		const why = group.open ?? whyLeft(group, order);
		const words = wanted(group);
		return group.sockets.map((s): OpenSocket => ({ socket: s.id, why, ...(words ? { wanted: words } : {}) }));
	});
}

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
async function nextBest(
	{ all }: PreparedKit,
	kitCase: KitCase,
	best: SolvedKit,
	solver: Solver,
	wanted: number,
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

/** What else is worked out with a kit, and who looks on. */
export interface KitWish {
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
	{ runnersUp = 0, watch }: KitWish = {}
): Promise<Result<KitAnswer, Conflict>> {
	const prepared = prepareKit(kitCase, order);
	const best = await solveChecked(prepared.input, kitCase, solver, watch);
	if (!best)
		return err(await conflictOf(kitProgram(prepared.input), (program) => solveInParts(program, solver, watch)));
	const answer = readAnswer(best, prepared, kitCase);
	return ok({ ...answer, runnersUp: await nextBest(prepared, kitCase, best, solver, runnersUp, watch) });
}
