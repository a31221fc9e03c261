import loadHighs from 'highs';
import { lpText, type Program, type Solution, type SolveProgress, type Solver } from '../../core/kit';

/** Longest a solve may take, s; what is found by then is returned with its gap. */
const TIME_LIMIT_S = 20;
/** Between two words of progress, ms. */
const PROGRESS_MS = 100;

type Highs = Awaited<ReturnType<typeof loadHighs>>;
let loading: Promise<Highs> | undefined;

/** A solve that somebody ended. */
export class Stopped extends Error {
	constructor() {
		super('The work was stopped; nothing was changed.');
	}
}

/** Who looks on from the same thread: hears where it stands, and is asked whether to go on. */
export interface Onlooker {
	onProgress?: ((progress: SolveProgress) => void) | undefined;
	isStopped?: () => boolean;
}

const finite = (value: number | undefined) => (value !== undefined && Math.abs(value) < 1e29 ? value : null);

/**
 * Solves a program on this thread. Every cost is a whole number of minor units, so a proven gap below one unit is a proven best.
 * @throws Stopped when the onlooker says so; Error when nothing was found within the time
 */
export async function solveHere(program: Program, { onProgress, isStopped }: Onlooker = {}): Promise<Solution> {
	loading ??= loadHighs();
	const highs = await loading;
	const model = highs.createModel({ format: 'lp', data: lpText(program) });
	let told = 0;
	let stopped = false;
	try {
		model.options.set({ output_flag: false, mip_rel_gap: 0, mip_abs_gap: 0.99, time_limit: TIME_LIMIT_S });
		model.run({
			[highs.constants.callbackType.mipInterrupt]: ({ data, interrupt }) => {
				const now = Date.now();
				if (now - told < PROGRESS_MS) return;
				told = now;
				onProgress?.({ best: finite(data.mip_primal_bound), bound: finite(data.mip_dual_bound) });
				if (isStopped?.()) {
					stopped = true;
					interrupt();
				}
			}
		});
		if (stopped) throw new Stopped();
		return read(highs, model, program);
	} finally {
		model.dispose();
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

/** The HiGHS mixed-integer solver behind the core's port, on this thread. */
export const highsSolver: Solver = (program, watch) =>
	solveHere(program, { onProgress: watch?.onProgress, isStopped: () => watch?.signal?.aborted ?? false });
