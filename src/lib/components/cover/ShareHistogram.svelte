<script lang="ts">
	import { brushX, type D3BrushEvent } from 'd3-brush';
	import { scaleLinear } from 'd3-scale';
	import { select } from 'd3-selection';
	import { counted } from '$lib/core/quantity';
	import { percent } from '../charts/shares';
	import Ticks from '../charts/Ticks.svelte';

	/** How many vehicles have which share of their sockets served; a stretch of it can be brushed, by pointer or by the fields below. */
	let {
		histogram,
		range,
		onrange
	}: {
		/** Vehicles by twentieths of their sockets; the last are served whole. */
		histogram: readonly number[];
		range: readonly [number, number];
		onrange: (range: [number, number]) => void;
	} = $props();

	const [WIDTH, HEIGHT, LEFT, RIGHT, TOP, BOTTOM] = [560, 130, 44, 12, 8, 24];
	const bins = $derived(histogram.length);
	const x = $derived(scaleLinear([0, bins], [LEFT, WIDTH - RIGHT]));
	const y = $derived(scaleLinear([0, Math.max(1, ...histogram)], [HEIGHT - BOTTOM, TOP]));
	const share = (bin: number) => Math.min(1, bin / (bins - 1));
	const isWhole = $derived(range[0] <= 0 && range[1] >= 1);

	/** Draws the brush over the bars, and says what was brushed once the hand lets go. */
	function brushed(node: SVGGElement) {
		const brush = brushX<null>()
			.extent([
				[LEFT, TOP],
				[WIDTH - RIGHT, HEIGHT - BOTTOM]
			])
			.on('end', ({ selection, sourceEvent }: D3BrushEvent<null>) => {
				if (!sourceEvent) return;
				if (!selection) return onrange([0, 1]);
				const [from, to] = selection as [number, number];
				onrange([share(Math.floor(x.invert(from))), share(Math.ceil(x.invert(to)) - 1)]);
			});
		const group = select<SVGGElement, null>(node);
		group.call(brush);
		if (!isWhole) {
			const to = Math.min(bins, Math.round(range[1] * (bins - 1)) + 1);
			group.call(brush.move, [x(Math.round(range[0] * (bins - 1))), x(to)]);
		}
		return () => void group.on('.brush', null);
	}

	/** A share that was typed, per cent; what is no share, or turns the stretch round, changes nothing. */
	function typed(end: 0 | 1, text: string) {
		const value = Number(text) / 100;
		const next: [number, number] = end === 0 ? [value, range[1]] : [range[0], value];
		if (next[0] >= 0 && next[1] <= 1 && next[0] <= next[1]) onrange(next);
	}
</script>

<figure class="grid gap-1">
	<svg
		viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
		class="chart w-full max-w-2xl"
		role="img"
		aria-label={`Vehicles by share of their sockets served: ${counted(histogram.at(-1) ?? 0, 'vehicle')} served whole`}
	>
		<Ticks axis="y" ticks={y.ticks(3).filter(Number.isInteger)} at={y} edge={LEFT} to={WIDTH - RIGHT} />
		{#each histogram as count, bin (bin)}
			<rect
				class="bar"
				class:out={share(bin) < range[0] - 1e-9 || share(bin) > range[1] + 1e-9}
				x={x(bin) + 1}
				width={x(1) - x(0) - 2}
				y={y(count)}
				height={HEIGHT - BOTTOM - y(count)}
			/>
		{/each}
		<Ticks
			axis="x"
			ticks={[0, 0.25, 0.5, 0.75]}
			at={(tick) => x(tick * (bins - 1))}
			edge={HEIGHT - BOTTOM}
			text={percent}
		/>
		<text x={x(bins - 0.5)} y={HEIGHT - BOTTOM + 15} text-anchor="middle">whole</text>
		{#key range}<g {@attach brushed}></g>{/key}
	</svg>
	<div class="flex flex-wrap items-center gap-2 text-sm">
		<label
			>Sockets served, from
			<input
				type="number"
				class="field w-20"
				min="0"
				max="100"
				value={Math.round(100 * range[0])}
				onchange={({ currentTarget }) => typed(0, currentTarget.value)}
			/> %</label
		>
		<label
			>to
			<input
				type="number"
				class="field w-20"
				min="0"
				max="100"
				value={Math.round(100 * range[1])}
				onchange={({ currentTarget }) => typed(1, currentTarget.value)}
			/> %</label
		>
		{#if !isWhole}<button type="button" class="button" onclick={() => onrange([0, 1])}>All</button>{/if}
	</div>
</figure>

<style>
	.bar {
		fill: var(--sea);
	}
	.bar.out {
		opacity: 0.25;
	}
	g :global(.selection) {
		fill: var(--sea);
		stroke: var(--ink);
	}
</style>
