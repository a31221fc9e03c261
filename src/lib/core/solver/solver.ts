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

/** A program that was solved. `bound` is the proven lower bound on the objective; equal to it means proven best. */
export type Solved = {
	status: 'optimal' | 'limit';
	objective: number;
	bound: number;
	values: ReadonlyMap<string, number>;
};

/** What a solver answers. */
export type Solution = Solved | { status: 'infeasible' };

/** Where a solve stands: the best answer so far and the proven bound, as objectives; null before there is one. */
export interface SolveProgress {
	best: number | null;
	bound: number | null;
}

/** The part of an abort signal a solver listens to. */
export interface StopSignal {
	readonly aborted: boolean;
	addEventListener: (type: 'abort', listener: () => void) => void;
	removeEventListener: (type: 'abort', listener: () => void) => void;
}

/** Who looks on while a program is solved, and may end it: the promise is then rejected. */
export interface SolveWatch {
	onProgress?: (progress: SolveProgress) => void;
	signal?: StopSignal;
}

/** A solver library behind a port: the core builds programs and reads answers, somebody else solves. */
export type Solver = (program: Program, watch?: SolveWatch) => Promise<Solution>;
