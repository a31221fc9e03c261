import type { Seen } from '../lamps';

const CHOICES = {
	mount: ['flange', 'bayonet', 'wedge', 'festoon'],
	round: ['opposite', 'angled'],
	height: ['level', 'offset'],
	glass: ['clear', 'amber', 'red']
} as const;
const SIZES = ['length', 'across'] as const;
const MOST_MM = 200;

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

/** What was seen, as the query of an address; nothing for nothing. */
export function seenQuery(seen: Seen): string {
	const said = Object.entries(seen).filter(([, value]) => value !== undefined);
	const pairs = said.map(([name, value]) => `${name}=${encodeURIComponent(String(value))}`);
	return pairs.length > 0 ? `?${pairs.join('&')}` : '';
}
