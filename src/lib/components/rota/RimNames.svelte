<script lang="ts">
	import type { SocketView } from '$lib/core/views';
	import { rimLabels, type Cell } from '$lib/core/views/rota-layout';
	import { LARGE, NIGHT, pointAt } from './wheel';

	/** Upright names of the outer sockets in two columns, each with a line to its cell. */
	let {
		cells,
		sockets,
		selected
	}: { cells: Cell[]; sockets: ReadonlyMap<string, SocketView>; selected: string | null } = $props();

	const COLUMN = 272;
	const half = LARGE.height / 2;
	const places = $derived(rimLabels(cells, { cy: 0, radius: 272, gap: 16.5, top: -half + 12, bottom: half - 12 }));
</script>

<g aria-hidden="true">
	{#each places as place (place.id)}
		{@const cell = cells.find((c) => c.id === place.id)}
		{#if cell}
			{@const [x, y] = pointAt(cell, NIGHT)}
			{@const side = place.side === 'right' ? 1 : -1}
			<g class={['rim', place.id === selected && 'chosen']}>
				<polyline points={`${x},${y} ${side * (COLUMN - 12)},${place.y} ${side * (COLUMN - 4)},${place.y}`} />
				<text x={side * COLUMN} y={place.y + 4} text-anchor={side > 0 ? 'start' : 'end'}
					>{sockets.get(place.id)?.rim}</text
				>
			</g>
		{/if}
	{/each}
	<text y={-NIGHT - 12} class="compass">FRONT</text>
	<text y={NIGHT + 22} class="compass">REAR</text>
</g>

<style>
	text {
		font-size: 13px;
		fill: var(--ink);
	}
	polyline {
		fill: none;
		stroke: var(--line);
	}
	.chosen polyline {
		stroke: var(--sea);
		stroke-width: 2;
	}
	.chosen text {
		font-weight: 600;
		fill: var(--sea);
	}
	.compass {
		font-size: 11px;
		letter-spacing: 0.2em;
		text-anchor: middle;
		fill: var(--soft);
	}
</style>
