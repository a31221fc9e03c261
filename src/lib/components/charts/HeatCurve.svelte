<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { line } from 'd3-shape';
	import Ticks from './Ticks.svelte';
	import { steadyTemperature, temperatureAfter, type HeatCase } from '$lib/core/heat';

	/** One body: its heat, how fast it warms, and the limit it must not pass. */
	interface Curve {
		name: string;
		heat: HeatCase;
		timeConstant: number;
		limit: number | null;
	}

	/** Body temperature over time lit, against the limit; several curves share the axes. */
	let { curves, minutes = 30, height = 210 }: { curves: Curve[]; minutes?: number; height?: number } = $props();

	const WIDTH = 460;
	const [LEFT, RIGHT, BOTTOM] = [38, 70, 30];
	const DASHES = ['', '7 3', '2 3', '8 3 2 3'];

	const highest = $derived(Math.max(60, ...curves.flatMap((c) => [steadyTemperature(c.heat), c.limit ?? 0])) + 8);
	const lowest = $derived(Math.min(...curves.map((c) => c.heat.ambient)) - 5);
	const x = $derived(scaleLinear([0, minutes], [LEFT, WIDTH - RIGHT]));
	const y = $derived(scaleLinear([lowest, highest], [height - BOTTOM, 8]));
	const samples = $derived(Array.from({ length: 61 }, (_, i) => (i * minutes) / 60));
	const drawn = $derived(
		curves.map((c) => ({
			...c,
			end: steadyTemperature(c.heat),
			path: line<number>(
				(t) => x(t),
				(t) => y(temperatureAfter(c.heat, c.timeConstant, t * 60))
			)(samples)
		}))
	);
	const limits = $derived([...new Set(curves.flatMap((c) => c.limit ?? []))]);
	const words = $derived(
		drawn
			.map(
				(c) => `${c.name}: ${Math.round(c.end)} C after a long time${c.limit === null ? '' : `, limit ${c.limit} C`}`
			)
			.join('; ')
	);
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${height}`}
	class="chart w-full"
	role="img"
	aria-label={`Body temperature over ${minutes} minutes lit. ${words}`}
>
	<Ticks axis="y" ticks={y.ticks(5)} at={y} edge={LEFT} to={WIDTH - RIGHT} unit="C" />
	<Ticks axis="x" ticks={x.ticks(6)} at={x} edge={height - BOTTOM} unit="min" />
	{#each limits as limit (limit)}
		<path class="limit" d={`M${LEFT} ${y(limit)}H${WIDTH - RIGHT}`} />
		<text x={WIDTH - RIGHT + 4} y={y(limit) + 4}>limit {limit}</text>
	{/each}
	{#each drawn as curve, i (curve.name)}
		<path class="curve" d={curve.path} stroke-dasharray={DASHES[i % DASHES.length]} />
		<text
			x={WIDTH - RIGHT + 4}
			y={y(curve.end) + (limits.some((l) => Math.abs(y(l) - y(curve.end)) < 12) ? 15 : 4)}
			class="strong">{curves.length > 1 ? `${i + 1}: ` : ''}{Math.round(curve.end)} C</text
		>
	{/each}
</svg>

<style>
	.limit {
		stroke: var(--refuse);
		stroke-width: 1.5;
		stroke-dasharray: 6 3;
	}
</style>
