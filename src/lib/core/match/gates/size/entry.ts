import { finding } from '../../findings/finding';
import type { Rule } from '../rule';

/** A lamp goes in straight, or has to be turned in behind an offset opening; a long one cannot be turned there. */
export const entryRule: Rule = ({ socket, category, source }, { product, lamp }) => {
	if (lamp === 'filament' || category.mount !== 'flange') return null;
	const { entry, rearDepth } = socket.envelope ?? {};
	const { frontLength, rearLength } = product.size ?? {};
	// What is missing here is missing for the front and rear rules as well, and they say so.
	if (entry === 'straight' || rearDepth === undefined || frontLength === undefined || rearLength === undefined)
		return null;
	const data = { length: frontLength + rearLength, room: rearDepth };
	if (data.length <= rearDepth) return finding('size.entry.turns', data, { level: 'pass', source: source('envelope') });
	return entry === 'offset'
		? finding('size.entry.offset', data, { level: 'unknown', source: source('envelope') })
		: finding('size.entry.unknown', data, { level: 'unknown', source: source('envelope') });
};
