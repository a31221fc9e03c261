<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { area, curveStepAfter, line } from 'd3-shape';
	import type { SurvivalStep } from '$lib/core/learn';
	import { percent, SHARES } from './shares';
	import Ticks from './Ticks.svelte';

	/** The share of lamps that still work over the months since they were fitted, with its band, beside what their maker claims. */
	let {
		name,
		steps,
		longest,
		lives,
		claimMonths = null,
		height = 220
	}: {
		name: string;
		steps: SurvivalStep[];
		/** Months the longest watched lamp was watched. */
		longest: number;
		/** How long each lamp was watched, months. */
		lives: readonly number[];
		/** The life its maker claims, months of use; null where none is claimed. */
		claimMonths?: number | null;
		height?: number;
	} = $props();

	const WIDTH = 560;
	const [LEFT, RIGHT, TOP, BOTTOM] = [58, 14, 12, 46];

	interface Point {
		time: number;
		survives: number;
		low: number;
		high: number;
	}

	const end = $derived(Math.max(1, Math.ceil(longest)));
	const points = $derived<Point[]>([
		{ time: 0, survives: 1, low: 1, high: 1 },
		...steps,
		{ ...(steps.at(-1) ?? { survives: 1, low: 1, high: 1 }), time: end }
	]);
	const x = $derived(scaleLinear([0, end], [LEFT, WIDTH - RIGHT]));
	const y = $derived(scaleLinear([0, 1], [height - BOTTOM, TOP]));
	const curve = $derived(
		line<Point>()
			.x(({ time }) => x(time))
			.y(({ survives }) => y(survives))
			.curve(curveStepAfter)(points)
	);
	const band = $derived(
		area<Point>()
			.x(({ time }) => x(time))
			.y0(({ low }) => y(low))
			.y1(({ high }) => y(high))
			.curve(curveStepAfter)(points)
	);
	const months = $derived(x.ticks(Math.min(12, end)).filter(Number.isInteger));
	const watched = (month: number) => String(lives.filter((time) => time >= month).length);
	const words = $derived(
		steps.length === 0
			? 'none has died so far'
			: steps.map(({ time, survives }) => `after ${time.toFixed(1)} months ${Math.round(100 * survives)} %`).join(', ')
	);
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${height}`}
	class="chart w-full max-w-2xl"
	role="img"
	aria-label={`Share of lamps that still work, ${name}: ${words}`}
>
	<Ticks axis="y" ticks={SHARES} at={y} edge={LEFT} to={WIDTH - RIGHT} text={percent} />
	<Ticks axis="x" ticks={months} at={x} edge={height - BOTTOM} />
	<Ticks axis="x" ticks={months} at={x} edge={height - BOTTOM + 16} text={watched} />
	<text x={LEFT - 12} y={height - BOTTOM + 15} text-anchor="end">months</text>
	<text x={LEFT - 12} y={height - BOTTOM + 31} text-anchor="end">watched</text>
	<path class="band" d={band} />
	<path class="curve" d={curve} />
	{#if claimMonths !== null && claimMonths <= end}
		<path class="claim" d={`M${x(claimMonths)} ${TOP}V${height - BOTTOM}`} />
		<text x={x(claimMonths) - 4} y={TOP + 10} text-anchor="end">claimed</text>
	{/if}
</svg>

<style>
	.band {
		fill: var(--sea);
		opacity: 0.18;
	}
	.claim {
		stroke: var(--ink);
		stroke-width: 1.2;
		stroke-dasharray: 4 3;
	}
</style>
