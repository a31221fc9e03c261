<script lang="ts">
	import type { Play, SocketView } from '$lib/core/views';
	import type { Cell } from '$lib/core/views/rota-layout';
	import { LEVEL_TINT, VERDICT_LEVEL } from '../ui/level';
	import LevelShape from '../ui/LevelShape.svelte';
	import { outline, pointAt, RIM, type WheelSize } from './wheel';

	/** What is drawn in one cell: its body, the lamp's light on its edge, the function's mark, the verdict's shape. */
	let { cell, socket, size, play }: { cell: Cell; socket: SocketView; size: WheelSize; play?: Play | undefined } =
		$props();

	const band = $derived(size.rings[cell.ring]);
	const mark = $derived(pointAt(cell, band[1] - size.markInset));
	const shape = $derived(pointAt(cell, band[0] + size.shapeInset));
	const level = $derived(socket.verdict ? VERDICT_LEVEL[socket.verdict] : null);
	const lamp = $derived(outline(cell, cell.ring === 'exterior' ? RIM : [band[1] - 4, band[1]]));
</script>

<path d={outline(cell, band)} class="body" />
{#if play}
	<path
		d={lamp}
		fill={play.colour ?? 'none'}
		opacity={play.light}
		class={['lamp', play.period !== null && 'flashes', play.strobes && 'strobes']}
		style:--period={`${play.period ?? 1}s`}
	/>
{:else}
	<path d={lamp} fill={socket.light?.colour ?? 'none'} class={['lamp', !socket.light && 'dark']} />
{/if}
<text x={mark[0]} y={mark[1] + size.shape / 2.6} class="mark" style:font-size={`${size.shape * 1.15}px`}
	>{socket.mark}</text
>
{#if level}
	<g transform={`translate(${shape[0]} ${shape[1]})`} class={LEVEL_TINT[level]}>
		<LevelShape {level} size={size.shape} />
	</g>
{/if}

<style>
	.body {
		fill: var(--raised);
		stroke: var(--line);
	}
	.lamp.dark {
		stroke: var(--soft);
		stroke-dasharray: 2 2;
	}
	.flashes {
		animation: flash var(--period) steps(1) infinite;
	}
	.strobes {
		animation: flash 0.08s steps(1) infinite;
	}
	@keyframes flash {
		50% {
			opacity: 0;
		}
	}
	/* Without motion a flashing lamp stays lit and is outlined; its rate stands in words beside the wheel. */
	@media (prefers-reduced-motion: reduce) {
		.flashes,
		.strobes {
			animation: none;
			stroke: var(--sea);
			stroke-width: 2;
			stroke-dasharray: 3 2;
		}
	}
	.mark {
		font-weight: 600;
		text-anchor: middle;
		fill: var(--ink);
	}
	:global(.rota-cell:hover) .body {
		stroke: var(--sea);
	}
	:global(.rota-cell[aria-selected='true']) .body {
		fill: var(--sea-wash);
		stroke: var(--sea);
		stroke-width: 2.5;
	}
	:global(.rota-paper) .body {
		fill: #fff;
		stroke: #555;
	}
	:global(.rota-paper) .lamp {
		stroke: #555;
		stroke-width: 0.6;
	}
	:global(.rota-paper) .mark {
		fill: #000;
	}
</style>
