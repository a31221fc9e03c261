import { z } from 'zod';
import { customerKit } from '../../services/kits/customer';
import { ApiRefusal, endpoint } from '../api';

/** A released kit by its code, as a customer sees it: no prices, no names of people. */
export const code = endpoint({
	path: '/kits/{code}',
	scope: 'code',
	summary: 'A released kit by its code, as a customer sees it',
	params: z.object({ code: z.string().min(4).max(40) }),
	query: z.object({}),
	answer: z.object({
		code: z.string(),
		branch: z.string().nullable().meta({ description: 'Branch it is from; null where a shop stands alone' }),
		vehicle: z.string(),
		also: z.array(z.string()).meta({ description: 'Other vehicles it does for' }),
		releasedAt: z.string(),
		newer: z.string().nullable().meta({ description: 'Code of a later revision, when there is one' }),
		lines: z.array(z.object({ places: z.string(), name: z.string(), pieces: z.number().int() })),
		stays: z.array(z.string()).meta({ description: 'Places that stay as they are' }),
		policy: z.array(z.string()),
		cautions: z.array(z.string())
	}),
	run: async ({ db }, { code: asked }) => {
		const found = await customerKit(db, asked.toUpperCase());
		if (!found) throw new ApiRefusal('not-found', 'No kit was released under this code.');
		const { branch, vehicle, also, releasedAt, newer, places, stays, policy, cautions } = found;
		const lines = places.map(({ places: where, name, pieces }) => ({ places: where, name, pieces }));
		return {
			code: found.code,
			branch,
			vehicle,
			also,
			releasedAt,
			newer,
			lines,
			stays,
			policy,
			cautions: [...cautions]
		};
	}
});
