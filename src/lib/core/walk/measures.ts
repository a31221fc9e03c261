import type { Meaning } from './term';

const NUMBER = '(\\d+(?:\\.\\d+)?)';
const PATTERNS: readonly { form: RegExp; paths: readonly string[]; label: string }[] = [
	{
		form: new RegExp(`^${NUMBER}x${NUMBER}$`),
		paths: ['envelope.frontLength', 'envelope.frontDiameter'],
		label: 'front'
	},
	{
		form: new RegExp(`^b(?:ehind)?${NUMBER}x${NUMBER}$`),
		paths: ['envelope.rearDepth', 'envelope.rearDiameter'],
		label: 'behind'
	},
	{ form: new RegExp(`^o(?:pening)?${NUMBER}$`), paths: ['envelope.opening'], label: 'opening' },
	{ form: new RegExp(`^holder${NUMBER}$`), paths: ['envelope.holderLength'], label: 'holder' },
	{ form: new RegExp(`^k(?:ey)?${NUMBER}$`), paths: ['keyAngle'], label: 'key' }
];

/**
 * A measure in one word: `45x22` front length and diameter, `b62x70` behind, `o20` opening, `holder36`, `k30` key angle.
 * Lengths mm, the angle in degrees. Null when the word is none.
 */
export function measureTerm(word: string): { meaning: Meaning; label: string } | null {
	for (const { form, paths, label } of PATTERNS) {
		const found = form.exec(word);
		if (!found) continue;
		const facts = Object.fromEntries(paths.map((path, i) => [path, Number(found[i + 1])]));
		const unit = label === 'key' ? '°' : ' mm';
		return { meaning: { kind: 'fact', facts }, label: `${label} ${found.slice(1).join(' x ')}${unit}` };
	}
	return null;
}
