import { z } from 'zod';
import type { Verdict } from '../../core/match';

/** Verdicts, the best first. */
export const VERDICTS = ['fits', 'parts', 'unknown', 'refused'] as const satisfies readonly Verdict[];

/** Money in minor units of the shop's currency. */
export const money = z.number().int().meta({ description: 'Money in minor units of the currency of the shop' });

export const vehicleId = z
	.string()
	.min(1)
	.max(80)
	.meta({ description: 'Id of a vehicle', example: 'fenholm-skerry-ii-2017' });

/** Asks for the shelves and prices of a branch; of the first one when none is named. */
export const branch = z
	.string()
	.min(1)
	.max(80)
	.optional()
	.meta({ description: 'Id of a branch whose shelves, prices and policy count; the first one when none is named' });

/** Asks for packs at other branches as well. */
export const shelves = z.enum(['branch', 'all']).default('branch').meta({
	description:
		'Whose packs count: those at the branch, or those at all branches, as they may be brought over. Prices and policy stay those of the branch'
});

/** Where else in the chain something lies. */
export const elsewhere = z
	.array(z.object({ branch: z.string().meta({ description: 'Name of the branch' }), pieces: z.number().int() }))
	.meta({ description: 'Branches where some lie when none are at the one that was asked for, the most first' });

/** A vehicle in short. */
export const vehicle = z
	.object({ id: vehicleId, name: z.string(), market: z.string(), kind: z.string() })
	.meta({ id: 'Vehicle', description: 'A vehicle, with the name it is shown by' });

export const verdict = z.enum(VERDICTS).meta({
	description: 'fits: as it is. parts: with what it needs. unknown: to be checked by hand. refused: not here'
});

/** A lamp for a place. */
export const candidate = z
	.object({
		product: z.string(),
		name: z.string(),
		maker: z.string(),
		colour: z.string(),
		verdict,
		needs: z.array(z.string()).meta({ description: 'What else it needs, in words' }),
		findings: z
			.array(
				z.object({
					code: z.string(),
					level: z.string(),
					measured: z.string(),
					required: z.string(),
					why: z.string()
				})
			)
			.meta({ description: 'What was found against it, by codes that do not change' }),
		pack: z.object({ sku: z.string(), count: z.number().int(), price: money }).nullable(),
		stock: z.number().int().meta({ description: 'Pieces on the shelf' }),
		elsewhere
	})
	.meta({ id: 'Candidate' });

/** What every refusal looks like. */
export const refusal = z
	.object({ error: z.object({ code: z.string(), message: z.string() }) })
	.meta({ id: 'Error', description: 'Why a request was not answered: a code that does not change, and a sentence' });
