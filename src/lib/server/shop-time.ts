import { dayIn, momentIn, type TimeZone } from '../core/quantity';

const KNOWN = new Set(Intl.supportedValuesOf('timeZone'));

/** Where the shop stands, for days and times: `ROTALUX_TIME_ZONE`, or what this machine is set to. A zone nobody knows is taken for UTC. */
export function timeZone(env: NodeJS.ProcessEnv = process.env): TimeZone {
	const wanted = env.ROTALUX_TIME_ZONE ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
	return KNOWN.has(wanted) ? wanted : 'UTC';
}

/** The calendar day of an instant in the shop, `YYYY-MM-DD`. */
export function shopDay(instant: string): string {
	return dayIn(instant, timeZone());
}

/** An instant to the minute in the shop. */
export function shopMoment(instant: string): string {
	return momentIn(instant, timeZone());
}
