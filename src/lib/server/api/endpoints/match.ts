import { z } from 'zod';
import { matchWish, showMatch } from '../../services/match';
import { readCurrency } from '../../services/policy';
import { ApiRefusal, endpoint } from '../api';
import { branch, candidate, VERDICTS, vehicleId, verdict } from '../schemas';

const MOST = 50;
const FIRST = 10;

/** Which lamps fit a place, best first, each with what was found against it. */
export const match = endpoint({
	path: '/vehicles/{vehicle}/sockets/{socket}/lamps',
	scope: 'match',
	summary: 'Which lamps fit a place, best first',
	params: z.object({ vehicle: vehicleId, socket: z.string().min(1).max(80) }),
	query: z.object({
		most: z.coerce.number().int().min(1).max(MOST).default(FIRST),
		branch,
		verdict: z.array(verdict).default([]).meta({ description: 'Only candidates of these verdicts' })
	}),
	answer: z.object({
		currency: z.string(),
		open: z.string().nullable().meta({ description: 'Why nothing can be said of this place, if so' }),
		counts: z.object({ fits: z.number(), parts: z.number(), unknown: z.number(), refused: z.number() }),
		candidates: z.array(candidate)
	}),
	run: async ({ db, asked }, { vehicle, socket, most, verdict: wanted }) => {
		const wish = matchWish(socket, { most, ...(wanted.length > 0 ? { verdicts: wanted } : {}) });
		const shown = await showMatch(db, vehicle, wish);
		if (!shown) throw new ApiRefusal('not-found', `There is no place “${socket}” on a vehicle “${vehicle}”.`);
		const best = VERDICTS.find((one) => shown.counts[one] > 0);
		await asked(vehicle, [{ socket, verdict: best }]);
		return {
			currency: await readCurrency(db),
			open: shown.open,
			counts: shown.counts,
			candidates: shown.candidates.map(
				({ product, name, maker, colour, verdict: own, needs, findings, pack, stock, elsewhere }) => ({
					product,
					name,
					maker,
					colour,
					verdict: own,
					needs,
					findings: findings.map(({ code, level, measured, required, why }) => ({
						code,
						level,
						measured,
						required,
						why
					})),
					pack,
					stock,
					elsewhere: elsewhere.map(({ name: where, pieces }) => ({ branch: where, pieces }))
				})
			)
		};
	}
});
