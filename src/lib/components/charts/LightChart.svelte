<script lang="ts">
	import { scaleBand, scaleLog } from 'd3-scale';
	import Ticks from './Ticks.svelte';
	import { POINT_PLACES, type LightPoint } from '$lib/core/beam';

	/** One set of readings: a lamp on a side on a day, cd at each point. */
	interface Series {
		id: string;
		name: string;
		candela: Partial<Record<LightPoint, number>>;
	}

	/** Candela at the points of a beam, several lamps, sides and days beside each other. The scale is logarithmic: glare is a hundredth of a hot spot. */
	let { series, height = 250 }: { series: Series[]; height?: number } = $props();

	const WIDTH = 640;
	const [LEFT, RIGHT, BOTTOM, TOP] = [72, 8, 26, 10];
	const POINTS = Object.keys(POINT_PLACES) as LightPoint[];

	const values = $derived(series.flatMap(({ candela }) => Object.values(candela).filter((value) => value > 0)));
	const lowest = $derived(10 ** Math.floor(Math.log10(Math.min(100, ...values))));
	const highest = $derived(10 ** Math.ceil(Math.log10(Math.max(10_000, ...values))));
	const x = $derived(scaleBand(POINTS, [LEFT, WIDTH - RIGHT]).paddingInner(0.18));
	const inner = $derived(
		scaleBand(
			series.map(({ id }) => id),
			[0, x.bandwidth()]
		).paddingInner(0.12)
	);
	const y = $derived(scaleLog([lowest, highest], [height - BOTTOM, TOP]));
	const ticks = $derived(
		y.ticks().filter((tick) => Number.isInteger(Math.log10(tick) * 1 + 1e-9) || Math.abs(Math.log10(tick) % 1) < 1e-9)
	);
	const words = $derived(
		series
			.map(
				({ name, candela }) =>
					`${name}: ${POINTS.flatMap((point) => (candela[point] === undefined ? [] : `${POINT_PLACES[point].label.toLowerCase()} ${Math.round(candela[point])} cd`)).join(', ')}`
			)
			.join('; ')
	);
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${height}`}
	class="chart w-full"
	role="img"
	aria-label={`Candela at the points of the beam. ${words}`}
>
	<defs>
		{#each series as one, i (one.id)}
			<pattern
				id={`light-${i}`}
				width="6"
				height="6"
				patternUnits="userSpaceOnUse"
				patternTransform={`rotate(${i * 45})`}
			>
				<rect width="6" height="6" class={i === 0 ? 'first' : 'other'} />
				{#if i > 1}<path d="M0 0H6" class="stripe" />{/if}
			</pattern>
		{/each}
	</defs>
	<Ticks axis="y" {ticks} at={y} edge={LEFT} to={WIDTH - RIGHT} unit="cd" />
	{#each POINTS as point (point)}
		<text x={(x(point) ?? 0) + x.bandwidth() / 2} y={height - 8} text-anchor="middle">{POINT_PLACES[point].label}</text>
		{#each series as one, i (one.id)}
			{@const value = one.candela[point]}
			{#if value !== undefined && value > 0}
				<rect
					x={(x(point) ?? 0) + (inner(one.id) ?? 0)}
					y={y(Math.max(lowest, value))}
					width={inner.bandwidth()}
					height={Math.max(1, height - BOTTOM - y(Math.max(lowest, value)))}
					fill={`url(#light-${i})`}
					class="bar"
				/>
				<text
					class="strong"
					x={(x(point) ?? 0) + (inner(one.id) ?? 0) + inner.bandwidth() / 2}
					y={y(Math.max(lowest, value)) - 3}
					text-anchor="middle">{i + 1}</text
				>
			{/if}
		{/each}
	{/each}
</svg>
<ol class="flex flex-wrap gap-x-4 text-sm">
	{#each series as one, i (one.id)}<li>{i + 1}: {one.name}</li>{/each}
</ol>

<style>
	.bar {
		stroke: var(--ink);
		stroke-width: 0.6;
	}
	.first {
		fill: var(--line);
	}
	.other {
		fill: var(--sea);
	}
	.stripe {
		stroke: var(--panel);
		stroke-width: 2.4;
	}
</style>
