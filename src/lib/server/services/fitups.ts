import type { Knex } from 'knex';
import type { Solver } from '../../core/solver';
import type { FitUpView } from '../../core/views';
import { fitUpOf, kitSheet } from './kits';

/** Which kit, or which of its revisions. */
export interface KitAsked {
	configuration: string;
	kit: string;
	revision?: number;
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
