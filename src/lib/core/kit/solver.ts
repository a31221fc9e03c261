/** One variable of a mixed-integer program. */
export interface Variable {
	name: string;
	/** What one unit costs in the objective, which is minimised. */
	cost: number;
	kind: 'binary' | 'integer';
	/** Highest value of an integer. */
	max?: number;
}

/** `sum(coefficient x variable) sense bound`. */
export interface Constraint {
	name: string;
	terms: readonly (readonly [number, string])[];
	sense: '<=' | '>=' | '=';
	bound: number;
}

/** A mixed-integer linear program: minimise the cost under the constraints. */
export interface Program {
	variables: readonly Variable[];
	constraints: readonly Constraint[];
}

/** What a solver answers. `bound` is the proven lower bound on the objective; equal to it means proven best. */
export type Solution =
	| { status: 'optimal' | 'limit'; objective: number; bound: number; values: ReadonlyMap<string, number> }
	| { status: 'infeasible' };

/** A solver library behind a port: the core builds programs and reads answers, somebody else solves. */
export type Solver = (program: Program) => Promise<Solution>;
