import { parseAbsolute, parseDate, toCalendarDate, type ZonedDateTime } from '@internationalized/date';

/** IANA name of a time zone. @example "Europe/Stockholm" */
export type TimeZone = string;

const two = (value: number) => String(value).padStart(2, '0');

function at(instant: string, zone: TimeZone): ZonedDateTime {
	return parseAbsolute(instant, zone);
}

/**
 * The calendar day of an instant where the shop stands, `YYYY-MM-DD`.
 * @param instant ISO 8601 with an offset or Z
 * @example dayIn('2026-03-02T23:30:00Z', 'Europe/Stockholm') // "2026-03-03"
 */
export function dayIn(instant: string, zone: TimeZone): string {
	return toCalendarDate(at(instant, zone)).toString();
}

/** An instant to the minute where the shop stands. @example momentIn('2026-03-02T23:30:00Z', 'Europe/Stockholm') // "2026-03-03 00:30" */
export function momentIn(instant: string, zone: TimeZone): string {
	const moment = at(instant, zone);
	return `${toCalendarDate(moment).toString()} ${two(moment.hour)}:${two(moment.minute)}`;
}

/** A calendar day some months later; the last day of the month where there is no such day. @example monthsAfter('2026-01-31', 1) // "2026-02-28" */
export const monthsAfter = (day: string, months: number): string => parseDate(day).add({ months }).toString();

/** Days from one calendar day to another; negative when it lies before. @example daysBetween('2026-03-01', '2026-03-31') // 30 */
export const daysBetween = (from: string, to: string): number =>
	Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000);

/** Days of a mean month. */
export const DAYS_A_MONTH = 30.44;

/** The day of an instant in full, as one says it. @example longDay(new Date('2026-03-04T12:00Z'), 'UTC') // "Wednesday 4 March" */
export function longDay(instant: Date, timeZone: TimeZone): string {
	return new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone })
		.format(instant)
		.replace(',', '');
}
