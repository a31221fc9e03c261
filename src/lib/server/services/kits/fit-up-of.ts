import { withAssumedOutputs } from '../../../core/circuit';
import { jobOfKit, planFitUp } from '../../../core/fitup';
import { circuitWithKit, type KitAnswer } from '../../../core/kit';
import type { Accessory, Configuration, Product } from '../../../core/model';
import type { Solver } from '../../../core/solver';
import { fitUpView, type FitUpView } from '../../../core/views';

/** A kit with the records of what is in it, as it stands or stood. */
export interface KitWithRecords {
	configuration: Configuration;
	answer: Pick<KitAnswer, 'lines' | 'has'>;
	records: { products: readonly Product[]; accessories: readonly Accessory[] };
}

/** How the records of a kit are found by their ids. */
export const recordsById = ({ products, accessories }: KitWithRecords['records']) => ({
	product: (id: string) => products.find((product) => product.id === id),
	accessory: (id: string) => accessories.find((accessory) => accessory.id === id)
});

/** The work of fitting a kit as it is shown. */
export async function fitUpOf({ configuration, answer, records }: KitWithRecords, solver: Solver): Promise<FitUpView> {
	const facts = recordsById(records);
	const circuit = circuitWithKit(withAssumedOutputs(configuration), answer, facts);
	return fitUpView(configuration, await planFitUp(jobOfKit(configuration, answer, facts), circuit, solver));
}
