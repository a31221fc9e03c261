import loadHighs from 'highs';
import { lpText, type Program, type Solution, type SolveProgress, type Solver } from '../../core/solver';

/** Longest a solve may take, s; what is found by then is returned with its gap. */
const TIME_LIMIT_S = 20;

type Highs = Awaited<ReturnType<typeof loadHighs>>;
let loading: Promise<Highs> | undefined;

/** Work that somebody stopped. */
export class Stopped extends Error {
	constructor() {
		super('The work was stopped; nothing was changed.');
	}
}

const finite = (value: number | undefined) => (value !== undefined && Math.abs(value) < 1e29 ? value : null);

/**
 * Ways to solve a program, one after the other: now and then the presolve of the library fails on a sound program, and the search without it
 * does not.
 */
const WAYS: readonly Readonly<Record<string, string>>[] = [{}, { presolve: 'off' }];

/**
 * Solves a program on this thread. Every cost is a whole number of minor units, so a proven gap below one unit is a proven best.
 * @param onProgress hears of it some dozens of times a second; a solve cannot be stopped from its own thread, which hears nothing meanwhile
 * @throws Error when nothing was found within the time, or when the library fails whichever way it is asked
 */
export async function solveHere(program: Program, onProgress?: (progress: SolveProgress) => void): Promise<Solution> {
	loading ??= loadHighs();
	const highs = await loading;
	for (const way of WAYS) {
		const model = highs.createModel({ format: 'lp', data: lpText(program) });
		try {
			model.options.set({ output_flag: false, mip_rel_gap: 0, mip_abs_gap: 0.99, time_limit: TIME_LIMIT_S, ...way });
			if (ran(highs, model, onProgress)) return read(highs, model, program);
		} finally {
			model.dispose();
		}
	}
	throw new Error('The solver failed on this kit. Change what is asked of it, such as the budget, by a little.');
}

/** Runs a model; false when the library gives up on it. */
function ran(
	highs: Highs,
	model: ReturnType<Highs['createModel']>,
	onProgress?: (progress: SolveProgress) => void
): boolean {
	const { mipInterrupt } = highs.constants.callbackType;
	try {
		if (onProgress)
			model.run({
				[mipInterrupt]: ({ data }) => {
					onProgress({ best: finite(data.mip_primal_bound), bound: finite(data.mip_dual_bound) });
					return undefined;
				}
			});
		else model.run();
		return true;
	} catch (error) {
		if ((error as Error).name === 'HighsError') return false;
		throw error;
	}
}

function read(highs: Highs, model: ReturnType<Highs['createModel']>, program: Program): Solution {
	const status = model.getModelStatus();
	const { optimal, infeasible, unboundedOrInfeasible } = highs.constants.modelStatus;
	if (status === infeasible || status === unboundedOrInfeasible) return { status: 'infeasible' };
	if (!Number.isFinite(model.getObjectiveValue())) throw new Error(`The solver found no kit within ${TIME_LIMIT_S} s.`);
	const { colValue } = model.getSolution();
	const values = new Map(program.variables.map(({ name }) => [name, colValue[model.getColByName(name)] ?? 0]));
	const objective = Math.round(model.getObjectiveValue());
	// Adding zero turns a negative zero into a plain one.
	const bound = Math.min(objective, Math.ceil(Number(model.info.get('mip_dual_bound')) - 1e-6)) + 0;
	return { status: status === optimal ? 'optimal' : 'limit', objective, bound, values };
}

/** The HiGHS mixed-integer solver behind the core's port, on this thread: a stop is heeded between programs. */
export const highsSolver: Solver = (program, watch) => {
	if (watch?.signal?.aborted) throw new Stopped();
	return solveHere(program, watch?.onProgress);
};
