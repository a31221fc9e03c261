import { afterAll, describe, expect, it } from 'vitest';
import { crash } from '../../torture/crash';
import { doors } from '../../torture/doors';
import { fuzz } from '../../torture/fuzz';
import { powerCut } from '../../torture/power-cut';
import { server } from '../../torture/server';
import { cleanUp } from '../../torture/support';
import { together } from '../../torture/together';

afterAll(cleanUp);

/** A limit, not a wait: a slow machine takes three times as long. */
const LIMIT_MS = 180_000;

/** A smaller part of `npm run torture`, on the built application. */
describe('what is promised holds when', () => {
	it.each([
		['the server is killed in the middle of work', crash, 0.5],
		['the power goes', powerCut, 0.5],
		['processes on a server are killed, or cut off from it', server, 0.5],
		['people, processes and an import are at it together', together, 0.2],
		['requests come that no page makes', fuzz, 0.1],
		['somebody comes in by any door in any role', doors, 0.5]
	] as const)(
		'%s',
		async (_, torture, effort) => {
			expect((await torture(effort)).wrong).toEqual([]);
		},
		LIMIT_MS
	);
});
