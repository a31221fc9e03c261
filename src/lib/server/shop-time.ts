import { log } from './log';
import { dayIn, momentIn, type TimeZone } from '../core/quantity';

function isZone(name: string): boolean {
	try {
		return Boolean(new Intl.DateTimeFormat('en', { timeZone: name }));
	} catch {
		return false;
	}
}

/** Where the shop stands, for days and times: `ROTALUX_TIME_ZONE`, or what this machine is set to. A zone nobody knows is taken for UTC, and that is said. */
export function zoneIn(env: NodeJS.ProcessEnv): TimeZone {
	const wanted = env.ROTALUX_TIME_ZONE || Intl.DateTimeFormat().resolvedOptions().timeZone;
	if (isZone(wanted)) return wanted;
	log.warn(
		`ROTALUX_TIME_ZONE is "${wanted}", which is no time zone; days are counted in UTC. Name one such as Europe/Oslo.`
	);
	return 'UTC';
}

let zone: TimeZone | undefined;

/** The time zone of this shop, read once. */
export const timeZone = (): TimeZone => (zone ??= zoneIn(process.env));

/** The calendar day of an instant in the shop, `YYYY-MM-DD`. */
export function shopDay(instant: string): string {
	return dayIn(instant, timeZone());
}

/** An instant to the minute in the shop. */
export function shopMoment(instant: string): string {
	return momentIn(instant, timeZone());
}
