<script lang="ts">
	import { scaleLinear, scaleLog } from 'd3-scale';
	import { line } from 'd3-shape';
	import Ticks from './Ticks.svelte';
	import type { DrawnBeam } from '$lib/client/beam.worker';

	/** Light across the cut-off, along one vertical line over the wall: before and after, on a scale of powers of ten. */
	let {
		before,
		after,
		lux,
		height = 260
	}: { before: DrawnBeam; after: DrawnBeam; lux: number | null; height?: number } = $props();

	const WIDTH = 420;
	const [LEFT, RIGHT, TOP, BOTTOM] = [54, 60, 8, 30];
	const LOWEST = 0.001;
	const factor = $derived(lux ?? 100 / Math.max(before.reading.hotSpot.light, after.reading.hotSpot.light));
	const most = $derived(Math.max(before.reading.hotSpot.light, after.reading.hotSpot.light) * factor);
	const x = $derived(scaleLog([most * LOWEST, most * 1.2], [LEFT, WIDTH - RIGHT]).clamp(true));
	const y = $derived(scaleLinear([0, 1], [TOP, height - BOTTOM]));
	const drawn = $derived(
		[before, after].map((beam) =>
			line<{ y: number; light: number }>(
				(p) => x(Math.max(most * LOWEST, p.light * factor)),
				(p) => y(p.y)
			)(beam.profile)
		)
	);
	const unit = $derived(lux === null ? '% of the brightest' : 'lx');
	const ticks = $derived(x.ticks(4).filter((tick) => Math.abs(Math.log10(tick) % 1) < 1e-9));
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${height}`}
	class="chart w-full"
	role="img"
	aria-label={`Light from the top of the wall to the bottom, before dashed and after solid, in ${unit}`}
>
	<Ticks axis="x" {ticks} at={x} edge={height - BOTTOM} to={TOP} text={(tick) => String(Number(tick.toPrecision(3)))} />
	<text x={WIDTH - RIGHT} y={height - 2} text-anchor="end">{unit}</text>
	<text x="4" y={TOP + 10}>top</text>
	<text x="4" y={height - BOTTOM}>bottom</text>
	{#each [before, after] as beam, i (i)}
		{#if beam.reading.cutoff}
			<path
				class="cut"
				d={`M${LEFT} ${y(beam.reading.cutoff.height)}H${WIDTH - RIGHT}`}
				stroke-dasharray={i === 0 ? '6 4' : ''}
			/>
			<text x={WIDTH - RIGHT + 4} y={y(beam.reading.cutoff.height) + (i === 0 ? -3 : 11)}
				>cut-off {i === 0 ? 'before' : 'after'}</text
			>
		{/if}
	{/each}
	<path class="curve" d={drawn[0]} stroke-dasharray="6 4" />
	<path class="curve" d={drawn[1]} />
</svg>

<style>
	.cut {
		stroke: var(--refuse);
		stroke-width: 1;
	}
</style>
