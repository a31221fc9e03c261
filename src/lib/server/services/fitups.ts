import type { Knex } from 'knex';
import { withAssumedOutputs } from '../../core/circuit';
import { jobOfKit, planFitUp } from '../../core/fitup';
import { circuitWithKit } from '../../core/kit';
import type { Solver } from '../../core/solver';
import { fitUpView, type FitUpView } from '../../core/views';
import { kitSheet, type KitSheet } from './kits';

/** Which kit, or which of its revisions. */
export interface KitAsked {
	configuration: string;
	kit: string;
	revision?: number;
}

/** The work of fitting a kit as it is shown. */
export async function fitUpOf(
	{ configuration, answer, records }: Pick<KitSheet, 'configuration' | 'answer' | 'records'>,
	solver: Solver
): Promise<FitUpView> {
	const facts = {
		product: (id: string) => records.products.find((product) => product.id === id),
		accessory: (id: string) => records.accessories.find((accessory) => accessory.id === id)
	};
	const circuit = circuitWithKit(withAssumedOutputs(configuration), answer, facts);
	return fitUpView(configuration, await planFitUp(jobOfKit(configuration, answer, facts), circuit, solver));
}

/** The work of fitting a kit; null when it is not there. */
export async function showFitUp(
	db: Knex,
	{ configuration, kit, revision }: KitAsked,
	solver: Solver
): Promise<FitUpView | null> {
	const sheet = await kitSheet(db, configuration, { id: kit, revision });
	return sheet && fitUpOf(sheet, solver);
}
