import type { Seen } from '../lamps';

const CHOICES = {
	mount: ['flange', 'bayonet', 'wedge', 'festoon'],
	round: ['opposite', 'angled'],
	height: ['level', 'offset'],
	glass: ['clear', 'amber', 'red']
} as const;
const SIZES = ['length', 'across'] as const;
const MOST_MM = 200;
const MOST_LINE = 200;

/** What an address says was seen of a lamp; what cannot be read was not seen. */
export function seenIn(asked: { get(name: string): string | null }): Seen {
	const chosen = Object.entries(CHOICES).flatMap(([name, values]) => {
		const value = (values as readonly string[]).find((one) => one === asked.get(name));
		return value === undefined ? [] : [[name, value]];
	});
	const sizes = SIZES.flatMap((name) => {
		const value = Number(asked.get(name));
		return value > 0 && value <= MOST_MM ? [[name, value]] : [];
	});
	const contacts = asked.get('contacts');
	return Object.fromEntries([
		...chosen,
		...sizes,
		...(contacts === '1' || contacts === '2' ? [['contacts', Number(contacts)]] : [])
	]) as Seen;
}

/** The walk somebody came from: its vehicle, and what stood in its line. */
export interface WalkLeft {
	vehicle: string;
	line: string;
}

/** The walk that an address leads back to; null where nobody came from one. */
export function walkIn(asked: { get(name: string): string | null }): WalkLeft | null {
	const vehicle = asked.get('walk');
	return vehicle ? { vehicle, line: (asked.get('line') ?? '').slice(0, MOST_LINE) } : null;
}

/** The walk that was left, as a part of a query. */
export const walkQuery = ({ vehicle, line }: WalkLeft): string =>
	[`walk=${encodeURIComponent(vehicle)}`, line && `line=${encodeURIComponent(line)}`].filter(Boolean).join('&');

/** What was seen, as the query of an address, with the walk to go back to; nothing for nothing. */
export function seenQuery(seen: Seen, walk: WalkLeft | null = null): string {
	const said = Object.entries(seen).filter(([, value]) => value !== undefined);
	const pairs = said.map(([name, value]) => `${name}=${encodeURIComponent(String(value))}`);
	if (walk) pairs.push(walkQuery(walk));
	return pairs.length > 0 ? `?${pairs.join('&')}` : '';
}
