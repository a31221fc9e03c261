import type pg from 'pg';
import { onlyLooksHere } from '../../request-here';
import { beforeEachAsked } from './asked';

/** How long a page waits for one answer of the server, ms. A server that is stuck keeps its connections and says nothing. */
const PATIENCE_MS = 15_000;

const BEGINS = /^\s*(begin|start transaction)\b/i;
const ENDS = /^\s*(commit|rollback)\s*;?\s*$/i;

/**
 * Makes a connection give up waiting where a request that only looks is answered. What is under way in a transaction is waited for: nobody
 * could say whether it was done.
 */
export function losePatience(connection: pg.Client, patienceMs = PATIENCE_MS): void {
	let changing = false;
	beforeEachAsked(connection, (asked) => {
		if (BEGINS.test(asked.text)) changing = true;
		if (!changing && onlyLooksHere()) asked.query_timeout ??= patienceMs;
		if (ENDS.test(asked.text)) changing = false;
	});
}
