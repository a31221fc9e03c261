export type Random = () => number;

/** One of a list. */
export const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)] as T;

/** True in a share of all cases. */
export const chance = (share: number, random: Random): boolean => random() < share;

const SYLLABLES = [
	'bran',
	'dal',
	'fen',
	'gar',
	'holm',
	'kas',
	'lund',
	'mor',
	'nor',
	'ost',
	'rav',
	'sel',
	'tor',
	'vik',
	'ulv',
	'ygg'
];

/** A made-up name of two or three syllables. */
export function invented(random: Random): string {
	const parts = Array.from({ length: 2 + Math.floor(random() * 2) }, () => pick(SYLLABLES, random));
	const text = parts.join('');
	return text.charAt(0).toUpperCase() + text.slice(1);
}
