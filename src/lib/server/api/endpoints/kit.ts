import { z } from 'zod';
import { BALANCES, KIT_SCOPES } from '../../../core/model';
import { branchOf } from '../../db/branch';
import { listBranches } from '../../repositories/branches';
import { offerFor } from '../../services/kits';
import { readCurrency } from '../../services/policy';
import { ApiRefusal, endpoint } from '../api';
import { branch, money, shelves, vehicleId } from '../schemas';

/** What a kit for a vehicle costs: the one that is released, and one of each balance as it would be worked out now. */
export const kit = endpoint({
	path: '/vehicles/{vehicle}/kit',
	scope: 'kit',
	summary: 'What a kit for a vehicle costs: the released one, and by each balance',
	params: z.object({ vehicle: vehicleId }),
	query: z.object({ branch, shelves, scope: z.enum(KIT_SCOPES).default('vehicle') }),
	answer: z.object({
		currency: z.string(),
		released: z
			.object({
				code: z.string(),
				name: z.string(),
				total: money,
				served: z.number().int(),
				open: z.number().int(),
				changed: z.number().int().meta({ description: 'How much changed under it since it was released' })
			})
			.nullable(),
		prices: z.array(
			z.object({
				balance: z.enum(BALANCES),
				total: money,
				served: z.number().int().meta({ description: 'Lamps it replaces' }),
				open: z.number().int().meta({ description: 'Lamps that stay as they are' })
			})
		)
	}),
	run: async ({ db, kits }, { vehicle, scope, shelves: whose }) => {
		// A shop without branches has one shelf, whoever asks.
		const everyShelf = whose === 'all' && (await listBranches(db)).length > 0;
		const offer = await offerFor(await kits(branchOf(db)), vehicle, { scope, everyShelf });
		if (!offer) throw new ApiRefusal('not-found', `There is no vehicle “${vehicle}”.`);
		const { released, prices } = offer;
		return {
			currency: await readCurrency(db),
			released: released && {
				code: released.code,
				name: released.name,
				total: released.total,
				served: released.served,
				open: released.open,
				changed: released.impacts
			},
			prices
		};
	}
});
