import type { ChannelsView } from './channels';

/** A channel on the map: which rows of terminals it feeds, and how high it stands. */
export interface MappedChannel {
	id: string;
	rows: number[];
	y: number;
}

/**
 * Lays channels beside what they feed: each level with the middle of its terminals, pushed apart so that none covers another.
 * @param geometry height of a terminal's row, where the first one begins, and the height of the whole map
 */
export function channelMap(
	{ channels, terminals }: Pick<ChannelsView, 'channels' | 'terminals'>,
	{ rowHeight, top, height }: { rowHeight: number; top: number; height: number }
): MappedChannel[] {
	const middleOf = (row: number) => top + row * rowHeight + rowHeight / 2;
	const placed = channels
		.map(({ channel }): MappedChannel => {
			const rows = terminals.flatMap((t, i) => (t.channels.includes(channel.id) ? [i] : []));
			const y = rows.length > 0 ? rows.reduce((sum, row) => sum + middleOf(row), 0) / rows.length : height;
			return { id: channel.id, rows, y };
		})
		.sort((a, b) => a.y - b.y);
	const gap = 2 * rowHeight - 4;
	placed.forEach((c, i) => (c.y = Math.max(c.y, i === 0 ? top + rowHeight : (placed[i - 1]?.y ?? 0) + gap)));
	for (let i = placed.length - 1; i >= 0; i--) {
		const c = placed[i];
		if (c) c.y = Math.min(c.y, i === placed.length - 1 ? height - rowHeight : (placed[i + 1]?.y ?? 0) - gap);
	}
	return placed;
}
