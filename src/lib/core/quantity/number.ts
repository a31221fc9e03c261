/**
 * Reads a number as people type it: a point or a comma for the decimals, spaces or the other sign between thousands.
 * Null for anything else. A lone comma or point stands for the decimals.
 * @example readNumber('1.234,5') // 1234.5
 */
export function readNumber(text: string): number | null {
	const bare = text.trim().replace(/[\s\u00a0\u202f'’]/g, '');
	const last = Math.max(bare.lastIndexOf(','), bare.lastIndexOf('.'));
	const decimalSign = bare[last];
	const both = bare.includes(',') && bare.includes('.');
	const repeated = last >= 0 && bare.indexOf(decimalSign ?? '') !== last;
	// The same sign twice can only part thousands; of two signs the last one is the decimal sign.
	const plain =
		last < 0 || (repeated && !both)
			? bare.replace(/[.,]/g, '')
			: `${bare.slice(0, last).replace(/[.,]/g, '')}.${bare.slice(last + 1)}`;
	if (!/^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(plain)) return null;
	if ((repeated || both) && !thousandsRight(bare, repeated && !both ? bare.length : last)) return null;
	const value = Number(plain);
	return Number.isFinite(value) ? value : null;
}

/** Groups of thousands have three digits each, but the first. */
function thousandsRight(bare: string, end: number): boolean {
	const [first = '', ...groups] = bare.slice(0, end).replace(/^[+-]/, '').split(/[.,]/);
	return /^\d{1,3}$/.test(first) && groups.every((group) => /^\d{3}$/.test(group));
}
