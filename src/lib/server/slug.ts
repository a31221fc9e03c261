import { slugify } from 'transliteration';

const LONGEST = 70;

const plain = (text: string, lowercase: boolean) =>
	slugify(text, { lowercase, separator: '-', allowedChars: 'a-zA-Z0-9', trim: true })
		.slice(0, LONGEST)
		.replace(/^-+|-+$/g, '');

/**
 * A plain id from words of any alphabet: letters a to z, digits and hyphens. Empty when nothing is left of them.
 * @example slug('Fenholm Skerry II 2017') // "fenholm-skerry-ii-2017"
 * @example slug('Фенхольм') // "fenholm"
 */
export function slug(text: string): string {
	return plain(text, true);
}

/** A plain file name without its ending, capitals kept. @example fileName('K7-R1 kit sheet') // "K7-R1-kit-sheet" */
export function fileName(text: string): string {
	return plain(text, false);
}
