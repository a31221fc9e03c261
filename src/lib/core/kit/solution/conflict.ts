import type { Program, Solver } from '../../solver';
import type { Demand, KitProgram } from '../program';

/** Demands that cannot hold together; take any one of them back and the rest can. */
export interface Conflict {
	demands: Demand[];
	/** The same in one sentence. */
	words: string;
}

const keyOf = ({ kind, id }: Demand) => `${kind} ${id}`;

function without({ program, demands }: KitProgram, lifted: ReadonlySet<string>): Program {
	const constraints = program.constraints.filter(({ name }) => {
		const demand = demands.get(name);
		return !demand || !lifted.has(keyOf(demand));
	});
	return { variables: program.variables, constraints };
}

/**
 * The smallest set of demands of an infeasible program that cannot hold together: each is lifted in turn, whole kinds first, and stays
 * lifted when the rest still cannot hold. What is left is irreducible.
 */
export async function conflictOf(kit: KitProgram, solver: Solver): Promise<Conflict> {
	const demands = [...new Map([...kit.demands.values()].map((demand) => [keyOf(demand), demand])).values()];
	const lifted = new Set<string>();
	const lift = async (some: readonly Demand[]) => {
		const tried = new Set([...lifted, ...some.map(keyOf)]);
		const { status } = await solver(without(kit, tried));
		if (status === 'infeasible') for (const demand of some) lifted.add(keyOf(demand));
	};
	for (const kind of new Set(demands.map((d) => d.kind))) await lift(demands.filter((d) => d.kind === kind));
	for (const demand of demands) if (!lifted.has(keyOf(demand))) await lift([demand]);
	const left = demands.filter((demand) => !lifted.has(keyOf(demand)));
	return {
		demands: left,
		words: `These cannot hold together: ${left.map((d) => d.words).join('; ')}. Take one of them back.`
	};
}
