import { err, ok, type Result } from '../result';

/** Values of the letters in the check sum; I, O and Q are never used. Source: ISO 3779; 49 CFR 565, table III. */
const VALUES: Readonly<Record<string, number>> = Object.fromEntries(
	['ABCDEFGH', 'JKLMN P R', ' STUVWXYZ'].flatMap((row) =>
		[...row].map((letter, i) => [letter, i + 1] as const).filter(([letter]) => letter !== ' ')
	)
);
/** Weights by position; the check digit itself weighs nothing. Source: 49 CFR 565, table IV. */
const WEIGHTS = [8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2];
/** Letters of the model year from 1980 on, repeating after 30 years. Source: 49 CFR 565, table VII. */
const YEARS = 'ABCDEFGHJKLMNPRSTVWXY123456789';

/** A vehicle identification number in its parts. */
export interface VinParts {
	vin: string;
	/** World manufacturer identifier, positions 1 to 3. */
	maker: string;
	/** Vehicle descriptor, positions 4 to 8. */
	descriptor: string;
	/** Model years that position 10 may stand for, the latest first. */
	years: number[];
	/** Whether position 9 is the right check digit. Only some markets use it. */
	checkDigit: 'right' | 'wrong';
}

/** The check digit of a number, 0 to 9 or X: the weighted sum of its values modulo 11. */
export function checkDigitOf(vin: string): string {
	const sum = [...vin].reduce((total, letter, i) => {
		const value = /\d/.test(letter) ? Number(letter) : (VALUES[letter] ?? 0);
		return total + value * (WEIGHTS[i] ?? 0);
	}, 0);
	return sum % 11 === 10 ? 'X' : String(sum % 11);
}

/**
 * Takes a vehicle identification number apart, or says in one sentence what is wrong with it.
 * @param latest the latest model year that can be meant
 */
export function readVin(text: string, latest: number): Result<VinParts, string> {
	const vin = text.toUpperCase().replace(/[\s-]/g, '');
	if (vin.length !== 17) return err(`A vehicle identification number has 17 characters; this has ${vin.length}.`);
	const odd = [...vin].findIndex((letter) => !/[A-HJ-NPR-Z0-9]/.test(letter));
	if (odd >= 0)
		return err(`Character ${odd + 1}, “${vin[odd]}”, does not occur in these numbers: I, O and Q are left out.`);
	const letter = YEARS.indexOf(vin[9] ?? '');
	const years = letter < 0 ? [] : [1980 + letter, 2010 + letter, 2040 + letter].filter((year) => year <= latest);
	return ok({
		vin,
		maker: vin.slice(0, 3),
		descriptor: vin.slice(3, 8),
		years: years.reverse(),
		checkDigit: vin[8] === checkDigitOf(vin) ? 'right' : 'wrong'
	});
}
