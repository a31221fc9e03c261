import { categoryOrNull } from '../lamps';
import type { Meaning } from './term';

const NUMBER = '(\\d+(?:\\.\\d+)?)';
const MM = '(?: ?mm)?';
/** Two digits and more: a lone digit beside an x counts lamps. */
const LENGTH = '(\\d{2,}(?:\\.\\d+)?)';

interface Form {
	/** How it is typed, the first as short as it gets. */
	forms: readonly RegExp[];
	paths: readonly string[];
	label: string;
}

const FORMS: readonly Form[] = [
	{
		forms: [new RegExp(`^${NUMBER}x${NUMBER}(?:mm)?$`), new RegExp(`^${LENGTH}${MM} ?x ?${LENGTH}${MM}$`)],
		paths: ['envelope.frontLength', 'envelope.frontDiameter'],
		label: 'front'
	},
	{
		forms: [new RegExp(`^b${NUMBER}x${NUMBER}(?:mm)?$`), new RegExp(`^behind ?${NUMBER}${MM} ?x ?${NUMBER}${MM}$`)],
		paths: ['envelope.rearDepth', 'envelope.rearDiameter'],
		label: 'behind'
	},
	{
		forms: [new RegExp(`^o${NUMBER}$`), new RegExp(`^opening ?${NUMBER}${MM}$`)],
		paths: ['envelope.opening'],
		label: 'opening'
	},
	{ forms: [new RegExp(`^holder ?${LENGTH}${MM}$`)], paths: ['envelope.holderLength'], label: 'holder' },
	{
		forms: [new RegExp(`^k${NUMBER}$`), new RegExp(`^key(?: angle)? ?${NUMBER}(?: ?deg(?:rees)?)?$`)],
		paths: ['keyAngle'],
		label: 'key'
	}
];

/** True for a lamp by its number before an x, as in “194 x 12”: how many of them, and no length. */
const isLamp = (words: readonly string[]) => words.length > 1 && categoryOrNull(words[0]) !== null;

/**
 * A measure in a run of words: `45x22` or `45 x 22 mm` front length and diameter, `b62x70` or `behind 62 x 70` behind, `o20` or `opening 20`,
 * `holder36`, `k30` or `key 30` key angle. Lengths mm, the angle in degrees. Null when the words are none.
 */
export function measureTerm(words: readonly string[]): { meaning: Meaning; label: string } | null {
	if (isLamp(words)) return null;
	const text = words.join(' ');
	for (const { forms, paths, label } of FORMS) {
		const found = forms.map((form) => form.exec(text)).find((match) => match !== null);
		if (!found) continue;
		const facts = Object.fromEntries(paths.map((path, i) => [path, Number(found[i + 1])]));
		const unit = label === 'key' ? '°' : ' mm';
		return { meaning: { kind: 'fact', facts }, label: `${label} ${found.slice(1).join(' x ')}${unit}` };
	}
	return null;
}
