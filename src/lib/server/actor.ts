import { getRequestEvent } from '$app/server';
import type { Actor } from './services/record/store';

/** Name of whoever makes this request: the account's, or what they said at this browser; null when nobody said. */
export function personHere(): string | null {
	return getRequestEvent().locals.person?.name || null;
}

/** Who makes a change, and when. */
export function actorHere(): Actor {
	return { by: personHere(), now: new Date().toISOString() };
}
