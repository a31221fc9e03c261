import type { Program, Solution, Solver, SolveWatch } from './solver';

/** Finds the root of a variable, shortening the way for the next time. */
function rootOf(parent: Map<string, string>, name: string): string {
	let root = name;
	for (let up = parent.get(root); up !== undefined && up !== root; up = parent.get(root)) root = up;
	parent.set(name, root);
	return root;
}

/** A part with fewer variables is solved together with its like: to start a solver costs more than it would save. */
const WORTH_ITS_OWN = 40;

/** Parts of a program that share no constraint: each can be solved by itself. The largest comes first, small ones are put together. */
export function independentParts({ variables, constraints }: Program): Program[] {
	const parent = new Map(variables.map((v) => [v.name, v.name]));
	for (const { terms } of constraints) {
		const [first] = terms;
		if (!first) continue;
		const root = rootOf(parent, first[1]);
		for (const [, name] of terms) parent.set(rootOf(parent, name), root);
	}
	const parts = new Map<
		string,
		{ variables: Program['variables'][number][]; constraints: Program['constraints'][number][] }
	>();
	for (const variable of variables) {
		const root = rootOf(parent, variable.name);
		const part = parts.get(root) ?? { variables: [], constraints: [] };
		part.variables.push(variable);
		parts.set(root, part);
	}
	const loose: Program['constraints'][number][] = [];
	for (const constraint of constraints) {
		const [first] = constraint.terms;
		const part = first && parts.get(rootOf(parent, first[1]));
		(part?.constraints ?? loose).push(constraint);
	}
	const all = [...parts.values()].sort((a, b) => b.variables.length - a.variables.length);
	const large = all.filter((part) => part.variables.length >= WORTH_ITS_OWN);
	const small = all.filter((part) => part.variables.length < WORTH_ITS_OWN);
	const rest = { variables: small.flatMap((p) => p.variables), constraints: small.flatMap((p) => p.constraints) };
	const list = rest.variables.length > 0 ? [...large, rest] : large;
	list[0]?.constraints.push(...loose);
	return list;
}

/** A part without constraints is decided by its costs. */
function trivial(part: Program): Solution | null {
	if (part.constraints.length > 0) return null;
	const values = new Map(part.variables.map((v) => [v.name, v.cost < 0 ? (v.max ?? 1) : 0]));
	const objective = part.variables.reduce((sum, v) => sum + v.cost * (values.get(v.name) ?? 0), 0);
	return { status: 'optimal', objective, bound: objective, values };
}

/** Solves the independent parts of a program side by side and puts their answers together: bounds add up as the costs do. */
export async function solveInParts(program: Program, solver: Solver, watch?: SolveWatch): Promise<Solution> {
	const parts = independentParts(program);
	const progress = parts.map((): { best: number | null; bound: number | null } => ({ best: null, bound: null }));
	const tell = () => {
		const sum = (of: 'best' | 'bound') =>
			progress.reduce<number | null>((total, s) => (total === null || s[of] === null ? null : total + s[of]), 0);
		watch?.onProgress?.({ best: sum('best'), bound: sum('bound') });
	};
	const solutions = await Promise.all(
		parts.map(async (part, i) => {
			const solution =
				trivial(part) ??
				(await solver(part, {
					...(watch?.signal ? { signal: watch.signal } : {}),
					onProgress: (now) => {
						progress[i] = now;
						tell();
					}
				}));
			if (solution.status !== 'infeasible') progress[i] = { best: solution.objective, bound: solution.bound };
			tell();
			return solution;
		})
	);
	const values = new Map<string, number>();
	const joined = { status: 'optimal' as 'optimal' | 'limit', objective: 0, bound: 0 };
	for (const solution of solutions) {
		if (solution.status === 'infeasible') return solution;
		if (solution.status === 'limit') joined.status = 'limit';
		joined.objective += solution.objective;
		joined.bound += solution.bound;
		for (const [name, value] of solution.values) values.set(name, value);
	}
	return { ...joined, values };
}
