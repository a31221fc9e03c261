/** Minutes as a clause says them. */
export interface SaidMinutes {
	minutesOff?: number;
	minutesOn?: number;
}

const NUMBER = '(\\d{1,3}(?:[.,]\\d)?)';
const MIN = '(?: ?min(?:utes?|s)?)?';
/** Shapes of a time, the one that says more first. */
const SHAPES: readonly { pattern: RegExp; off: number; on: number }[] = [
	{ pattern: new RegExp(`^${NUMBER}${MIN} off[ ,/]+(?:and )?${NUMBER}${MIN} on$`), off: 1, on: 2 },
	{ pattern: new RegExp(`^off ${NUMBER}${MIN}[ ,/]+(?:and )?on ${NUMBER}${MIN}$`), off: 1, on: 2 },
	{ pattern: new RegExp(`^${NUMBER} ?[/+] ?${NUMBER} ?min(?:utes?|s)?$`), off: 1, on: 2 },
	{ pattern: new RegExp(`^${NUMBER}${MIN} off$`), off: 1, on: 0 },
	{ pattern: new RegExp(`^${NUMBER}${MIN} on$`), off: 0, on: 1 },
	{ pattern: new RegExp(`^${NUMBER} ?min(?:utes?|s)?$`), off: 1, on: 1 }
];

/** Reads minutes off and on; null where a clause says none. One time alone counts for both ways. @example readMinutes('6 min off 8 on') */
export function readMinutes(text: string): SaidMinutes | null {
	const said = text.toLowerCase().trim();
	for (const { pattern, off, on } of SHAPES) {
		const found = pattern.exec(said);
		if (!found) continue;
		const at = (group: number) => Number(found[group]?.replace(',', '.'));
		return { ...(off > 0 ? { minutesOff: at(off) } : {}), ...(on > 0 ? { minutesOn: at(on) } : {}) };
	}
	return null;
}
