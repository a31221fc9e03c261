import type { KitSheet } from '../../services/kits';

/** Which wire of each part goes where, one sentence a part that has wires. */
export function wiresOf({ kit, wires }: Pick<KitSheet, 'kit' | 'wires'>): string[] {
	return kit.parts.flatMap((line) => {
		const own = wires[line.accessory ?? ''] ?? [];
		return own.length > 0 ? [`${line.name}: ${own.map((w) => `${w.colour} to ${w.to}`).join(', ')}.`] : [];
	});
}
