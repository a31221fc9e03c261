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

/** How days may be written. */
export const DATE_STYLES = ['iso', 'day-first', 'month-first', 'dots'] as const;
export type DateStyle = (typeof DATE_STYLES)[number];

const STYLES: Readonly<Record<DateStyle, (year: string, month: string, day: string) => string>> = {
	iso: (y, m, d) => `${y}-${m}-${d}`,
	'day-first': (y, m, d) => `${d}/${m}/${y}`,
	'month-first': (y, m, d) => `${m}/${d}/${y}`,
	dots: (y, m, d) => `${d}.${m}.${y}`
};

/**
 * A day, or a day with its time, as the shop writes it; anything else stays as it is.
 * @param day `YYYY-MM-DD`, with more behind it or not
 * @example writtenDay('2026-03-04 12:30', 'dots') // "04.03.2026 12:30"
 */
export function writtenDay(day: string, style: DateStyle): string {
	const found = /^(\d{4})-(\d{2})-(\d{2})(.*)$/.exec(day);
	return found ? STYLES[style](found[1] ?? '', found[2] ?? '', found[3] ?? '') + (found[4] ?? '') : day;
}
