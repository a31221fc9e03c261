import { z } from 'zod';
import { day } from '../../../core/model';
import { wantedBy } from '../../repositories/demand';
import { configurationNames } from '../../repositories/configurations';
import { endpoint } from '../api';
import { vehicleId } from '../schemas';

const MOST = 1000;

/** What was asked for and not to be had, by vehicle and function, what was asked for most first. Of who asked nothing is kept. */
export const demand = endpoint({
	path: '/demand/in-vain',
	scope: 'demand',
	summary: 'What was asked for and not to be had, by vehicle and function',
	params: z.object({}),
	query: z.object({
		since: day.optional().meta({ description: 'From this day on' }),
		most: z.coerce.number().int().min(1).max(MOST).default(100)
	}),
	answer: z.object({
		wanted: z.array(
			z.object({
				vehicle: vehicleId,
				name: z.string(),
				function: z.string().nullable(),
				count: z
					.number()
					.meta({ description: 'How often; a question that meant several vehicles counts for a part of each' })
			})
		)
	}),
	run: async ({ db }, { since, most }) => {
		const rows = await wantedBy(db, ['asked', 'lost'], { since: since ?? '', inVain: true });
		const first = rows
			.sort((a, b) => b.count - a.count || a.configuration.localeCompare(b.configuration))
			.slice(0, most);
		const names = await configurationNames(db, [...new Set(first.map(({ configuration }) => configuration))]);
		return {
			wanted: first.map(({ configuration, function: fn, count }) => ({
				vehicle: configuration,
				name: names.get(configuration) ?? configuration,
				function: fn ?? null,
				count
			}))
		};
	}
});
