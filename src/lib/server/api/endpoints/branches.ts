import { z } from 'zod';
import { listBranches } from '../../repositories/branches';
import { endpoint } from '../api';

/** The open branches of a chain. */
export const branches = endpoint({
	path: '/branches',
	scope: 'stock',
	summary: 'The open branches of a chain, the first one first; none where a shop stands alone',
	params: z.object({}),
	query: z.object({}),
	answer: z.object({ branches: z.array(z.object({ id: z.string(), name: z.string() })) }),
	run: async ({ db }) => ({
		branches: (await listBranches(db)).flatMap(({ id, name, closed }) => (closed ? [] : [{ id, name }]))
	})
});
