import loadHighs from 'highs';
import { lpText, type Program, type Solution, type Solver } from '../../core/kit';

/** Longest a solve may take, s; what is found by then is returned with its gap. */
const TIME_LIMIT_S = 20;

let loading: ReturnType<typeof loadHighs> | undefined;

/**
 * The HiGHS mixed-integer solver behind the core's port. Every cost is a whole number of minor units,
 * so a proven gap below one unit is a proven best.
 */
export const highsSolver: Solver = async (program) => {
	loading ??= loadHighs();
	return solve(await loading, program);
};

function solve(highs: Awaited<ReturnType<typeof loadHighs>>, program: Program): Solution {
	const model = highs.createModel({ format: 'lp', data: lpText(program) });
	try {
		model.options.set({
			output_flag: false,
			mip_rel_gap: 0,
			mip_abs_gap: 0.99,
			time_limit: TIME_LIMIT_S
		});
		model.run();
		const status = model.getModelStatus();
		const { optimal, infeasible, unboundedOrInfeasible } = highs.constants.modelStatus;
		if (status === infeasible || status === unboundedOrInfeasible) return { status: 'infeasible' };
		if (!Number.isFinite(model.getObjectiveValue()))
			throw new Error(`The solver found no kit within ${TIME_LIMIT_S} s.`);
		const { colValue } = model.getSolution();
		const values = new Map(program.variables.map(({ name }) => [name, colValue[model.getColByName(name)] ?? 0]));
		const objective = Math.round(model.getObjectiveValue());
		// Adding zero turns a negative zero into a plain one.
		const bound = Math.min(objective, Math.ceil(Number(model.info.get('mip_dual_bound')) - 1e-6)) + 0;
		return { status: status === optimal ? 'optimal' : 'limit', objective, bound, values };
	} finally {
		model.dispose();
	}
}
