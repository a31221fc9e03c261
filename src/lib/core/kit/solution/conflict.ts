import type { Program, Solver } from '../../solver/solver';
import type { KitProgram, Rule } from '../program';

/** Rules that cannot hold together; take any one of them back and the rest can. */
export interface Conflict {
	rules: Rule[];
	/** The same in one sentence. */
	words: string;
}

function without({ program, rules }: KitProgram, lifted: ReadonlySet<string>): Program {
	const constraints = program.constraints.filter((c) => !lifted.has(rules.get(c.name)?.id ?? ''));
	return { variables: program.variables, constraints };
}

const kindOf = ({ id }: Rule) => id.slice(0, id.indexOf(' ') < 0 ? undefined : id.indexOf(' '));

/**
 * The smallest set of rules of an infeasible program that cannot hold together: each is lifted in turn, whole kinds first, and stays
 * lifted when the rest still cannot hold. What is left is irreducible.
 */
export async function conflictOf(kit: KitProgram, solver: Solver): Promise<Conflict> {
	const rules = [...new Map([...kit.rules.values()].map((rule) => [rule.id, rule])).values()];
	const lifted = new Set<string>();
	const lift = async (some: readonly Rule[]) => {
		const tried = new Set([...lifted, ...some.map((r) => r.id)]);
		const { status } = await solver(without(kit, tried));
		if (status === 'infeasible') for (const { id } of some) lifted.add(id);
	};
	for (const kind of new Set(rules.map(kindOf))) await lift(rules.filter((r) => kindOf(r) === kind));
	for (const rule of rules) if (!lifted.has(rule.id)) await lift([rule]);
	const left = rules.filter((r) => !lifted.has(r.id));
	return {
		rules: left,
		words: `These cannot hold together: ${left.map((r) => r.words).join('; ')}. Take one of them back.`
	};
}
