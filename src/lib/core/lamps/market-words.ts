import { ruleFamily } from './markets';

/** Words of the trade that are said otherwise where the US rules hold. A new pair is one entry here. */
const US_WORDS: readonly (readonly [uk: string, us: string])[] = [
	['licence plate', 'license plate'],
	['earths', 'grounds'],
	['earth', 'ground'],
	['bonnet', 'hood'],
	['boot', 'trunk'],
	['indicators', 'turn signals'],
	['indicator', 'turn signal'],
	['colours', 'colors'],
	['colour', 'color'],
	['anticlockwise', 'counterclockwise'],
	['windscreen', 'windshield']
];

const PATTERN = new RegExp(`\\b(${US_WORDS.map(([uk]) => uk).join('|')})\\b`, 'gi');
const BY_WORD = new Map(US_WORDS);

/** A word with the capital of the one it stands for. */
const likewise = (word: string, like: string) =>
	/^[A-Z]/.test(like) ? word.charAt(0).toUpperCase() + word.slice(1) : word;

/**
 * A text in the words of a market.
 * @example inMarket('Licence plate: check the earth', 'US') // "License plate: check the ground"
 */
export function inMarket(text: string, market: string): string {
	if (ruleFamily(market) !== 'US') return text;
	return text.replace(PATTERN, (found) => likewise(BY_WORD.get(found.toLowerCase()) ?? found, found));
}
