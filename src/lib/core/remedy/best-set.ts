import type { Constraint, Program, Solver, Variable } from '../solver';
import { complaintsAnywhere } from './complaint';
import { withRemedies, type JudgedRemedy, type RemedyTable } from './judge';
import type { RemedyCase } from './remedy';

/** What a remedy costs beyond its parts, minor units: for each watt of heat, each minute of work, and each LED given up. */
export interface RemedyWeights {
	heat: number;
	minute: number;
	back: number;
}

/** Until a shop says otherwise: a watt counts 0.20, a minute 1.00, an LED given up 40.00. Assumptions. */
export const REMEDY_WEIGHTS: RemedyWeights = { heat: 20, minute: 100, back: 4000 };

/** The best set of remedies for a whole vehicle. */
export interface BestSet {
	remedies: JudgedRemedy[];
	/** Price of the packs, and of other lamps beyond the ones they replace, minor units. */
	price: number;
	/** Distance to the proven bound of what was minimised; 0 is proven best. */
	gap: number;
	/** Complaints that nothing on offer ends. */
	left: string[];
}

/** Packs on a shelf nobody has counted. */
const UNKNOWN_STOCK = 200;
/** Tries, when remedies that end complaints singly bring new ones together. */
const MAX_TRIES = 6;

/** The covering program: every complaint that can be ended is ended by one of the remedies, parts bought in whole packs. */
function coveringProgram(
	{ complaints, remedies }: RemedyTable,
	weights: RemedyWeights,
	without: readonly (readonly number[])[]
) {
	const variables: Variable[] = remedies.map((r, i) => ({
		name: `x${i}`,
		kind: 'binary',
		cost: Math.round(
			weights.heat * r.heatWatts + weights.minute * r.minutes + weights.back * r.back.length + (r.extra ?? 0)
		)
	}));
	const constraints: Constraint[] = [];
	const constrain = (terms: Constraint['terms'], sense: Constraint['sense'], bound: number) =>
		constraints.push({ name: `c${constraints.length}`, terms, sense, bound });
	for (const { id } of complaints) {
		const able = remedies.flatMap((r, i) => (r.solves.includes(id) ? [[1, `x${i}`] as [number, string]] : []));
		if (able.length > 0) constrain(able, '>=', 1);
	}
	const packs: { name: string; price: number }[] = [];
	const accessories = new Set(remedies.flatMap((r) => r.parts.map((p) => p.accessory)));
	for (const accessory of accessories) {
		const used = remedies.flatMap((r, i): [number, string][] => {
			const pieces = r.parts.filter((p) => p.accessory === accessory).length;
			return pieces > 0 ? [[pieces, `x${i}`]] : [];
		});
		const bought = accessory.packs.map((pack): [number, string] => {
			const name = `y${packs.length}`;
			packs.push({ name, price: pack.price });
			variables.push({ name, kind: 'integer', cost: pack.price, max: Math.min(pack.stock ?? UNKNOWN_STOCK, 60) });
			return [-pack.count, name];
		});
		constrain([...used, ...bought], '<=', 0);
	}
	for (const set of without)
		constrain(
			set.map((i) => [1, `x${i}`]),
			'<=',
			set.length - 1
		);
	return { program: { variables, constraints } satisfies Program, packs };
}

/**
 * The cheapest set of remedies that ends every complaint that can be ended, proven by the solver. A set that brings a new complaint
 * when all of it is fitted (a fuse, for one) is ruled out, and the next best is looked for.
 */
export async function bestSet(
	given: RemedyCase,
	table: RemedyTable,
	{ solver, weights = REMEDY_WEIGHTS }: { solver: Solver; weights?: RemedyWeights }
): Promise<BestSet> {
	const endable = new Set(table.remedies.flatMap((r) => r.solves));
	const left = table.complaints.filter(({ id }) => !endable.has(id)).map(({ id }) => id);
	const none: BestSet = { remedies: [], price: 0, gap: 0, left: table.complaints.map(({ id }) => id) };
	if (table.remedies.length === 0) return none;
	const without: number[][] = [];
	while (without.length < MAX_TRIES) {
		const { program, packs } = coveringProgram(table, weights, without);
		const solution = await solver(program);
		if (solution.status === 'infeasible') return none;
		const on = (name: string) => Math.round(solution.values.get(name) ?? 0);
		const chosen = table.remedies.flatMap((_, i) => (on(`x${i}`) > 0 ? [i] : []));
		const remedies = chosen.flatMap((i) => table.remedies[i] ?? []);
		const fitted = withRemedies(given.circuit, remedies);
		const after = complaintsAnywhere(fitted).map(({ id }) => id);
		if (after.every((id) => left.includes(id))) {
			const extra = remedies.reduce((sum, r) => sum + (r.extra ?? 0), 0);
			const price = extra + packs.reduce((sum, pack) => sum + on(pack.name) * pack.price, 0);
			return { remedies, price, gap: Math.max(0, solution.objective - solution.bound), left };
		}
		without.push(chosen);
	}
	return none;
}
