import type { KitView } from './kit';

/** Which wire of each part goes where, one sentence a part that has wires. `wires`: by accessory. */
export function wiresOf({
	kit,
	wires
}: {
	kit: Pick<KitView, 'parts'>;
	wires: Readonly<Record<string, readonly { colour: string; to: string }[]>>;
}): string[] {
	return kit.parts.flatMap((line) => {
		const own = wires[line.accessory ?? ''] ?? [];
		return own.length > 0 ? [`${line.name}: ${own.map((w) => `${w.colour} to ${w.to}`).join(', ')}.`] : [];
	});
}
