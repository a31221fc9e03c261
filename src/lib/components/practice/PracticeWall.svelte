<script lang="ts">
	import type { OnWall, ScrewWall } from '$lib/core/practice';

	/** A wall before a headlamp: the height of the lamp and the vertical through it are taped on, the cut-off lies where it lies. */
	let { wall, at, label }: { wall: ScrewWall; at: OnWall; label: string } = $props();

	/** What is drawn of the wall, mm to each side of the lamp's centre. */
	const HALF = { x: 480, y: 300 } as const;
	const STEP = 100;
	/** An arm of a cut-off rises at 15 degrees. */
	const RISE = Math.tan((15 * Math.PI) / 180);
	const kept = (value: number, half: number) => Math.max(-half, Math.min(half, value));
	const x = $derived(kept(at.right, HALF.x));
	const y = $derived(kept(at.drop, HALF.y));
	const arm = $derived(wall.rises === 'right' ? HALF.x - x : HALF.x + x);
	const away = $derived(wall.rises === 'right' ? 1 : -1);
	const edge = $derived(`M${-away * HALF.x} ${y}H${x}L${x + away * arm} ${y - RISE * arm}`);
	const lit = $derived(`${edge}V${HALF.y}H${-away * HALF.x}Z`);
	const ticks = Array.from({ length: (2 * HALF.y) / STEP + 1 }, (_, i) => i * STEP - HALF.y);
</script>

<svg
	viewBox={`${-HALF.x} ${-HALF.y} ${2 * HALF.x} ${2 * HALF.y}`}
	class="chart w-full rounded"
	role="img"
	aria-label={label}
>
	<rect x={-HALF.x} y={-HALF.y} width={2 * HALF.x} height={2 * HALF.y} class="wall" />
	<path d={lit} class="lit" />
	{#each ticks as tick (tick)}
		<path d={`M${-HALF.x} ${tick}H${-HALF.x + 18}`} class="tape" />
		{#if tick !== 0 && Math.abs(tick) < HALF.y}
			<text x={-HALF.x + 26} y={tick + 8}>{Math.abs(tick)} mm {tick < 0 ? 'over' : 'under'}</text>
		{/if}
	{/each}
	<path d={`M${-HALF.x} 0H${HALF.x}`} class="tape" />
	<path d={`M0 ${-HALF.y}V${HALF.y}`} class="tape" />
	<path d={edge} class="edge" />
	<text x={HALF.x - 10} y="-10" text-anchor="end">height of the lamp</text>
	<text x="10" y={-HALF.y + 28}>vertical through it</text>
</svg>

<style>
	.wall {
		fill: #10181c;
	}
	.lit {
		fill: #f4e9c8;
		opacity: 0.28;
	}
	.edge {
		fill: none;
		stroke: #f8edc9;
		stroke-width: 5;
	}
	.tape {
		stroke: #8fb7d1;
		stroke-width: 2;
		stroke-dasharray: 10 7;
	}
	text {
		font-size: 22px;
		fill: #cfdde6;
	}
</style>
