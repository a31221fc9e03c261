<script lang="ts">
	import { contours } from 'd3-contour';
	import { geoPath } from 'd3-geo';
	import { scaleLinear } from 'd3-scale';
	import { ISO_SHARES } from '$lib/core/beam';
	import type { DrawnBeam } from '$lib/client/beam.worker';

	/**
	 * Two beams on one wall under one slider: before on the left of it, after on the right. As the camera saw them, or by light: a ramp from dark to
	 * bright with lines of equal light.
	 */
	let {
		before,
		after,
		mode,
		slider,
		lux,
		onslide
	}: {
		before: DrawnBeam;
		after: DrawnBeam;
		mode: 'photo' | 'light';
		/** Where the slider stands, 0 to 1. */
		slider: number;
		/** Lux of one unit of light; null while no place was measured. */
		lux: number | null;
		onslide: (to: number) => void;
	} = $props();

	const most = $derived(Math.max(before.reading.hotSpot.light, after.reading.hotSpot.light));
	/** No hue a lamp has: from night through sea to pale. */
	const ramp = $derived(
		scaleLinear<string>([0, 0.12, 0.4, 0.75, 1], ['#04080f', '#0c3346', '#0f7186', '#6fc3b6', '#f3fbf7']).clamp(true)
	);
	const size = $derived({ width: before.grid.width, height: before.grid.height });
	const path = geoPath();

	const lines = (beam: DrawnBeam) =>
		contours()
			.size([beam.grid.width, beam.grid.height])
			.thresholds(ISO_SHARES.map((share) => share * most))(Array.from(beam.grid.values))
			.map((one) => ({ share: one.value / most, path: path(one) ?? '' }));
	const drawnLines = $derived(mode === 'light' ? { before: lines(before), after: lines(after) } : null);
	const equal = (share: number) =>
		lux === null ? `${Math.round(share * 100)} %` : `${Number((share * most * lux).toPrecision(2))} lx`;

	function photo(beam: DrawnBeam) {
		return (canvas: HTMLCanvasElement) => {
			canvas.width = beam.image.width;
			canvas.height = beam.image.height;
			canvas.getContext('2d')?.drawImage(beam.image, 0, 0);
		};
	}

	function map(beam: DrawnBeam) {
		return (canvas: HTMLCanvasElement) => {
			const { width, height, values } = beam.grid;
			canvas.width = width;
			canvas.height = height;
			const context = canvas.getContext('2d');
			if (!context) return;
			for (let y = 0; y < height; y++)
				for (let x = 0; x < width; x++) {
					context.fillStyle = ramp(Math.sqrt((values[y * width + x] ?? 0) / most));
					context.fillRect(x, y, 1, 1);
				}
		};
	}

	const cutOff = (beam: DrawnBeam) => beam.line.map(({ x, y }) => `${x * size.width},${y * size.height}`).join(' ');
	const clip = (which: 'before' | 'after') =>
		which === 'before' ? `inset(0 ${(1 - slider) * 100}% 0 0)` : `inset(0 0 0 ${slider * 100}%)`;
	const SIDES = $derived([
		{ which: 'before' as const, beam: before },
		{ which: 'after' as const, beam: after }
	]);
</script>

<div class="relative overflow-hidden rounded bg-black" style:aspect-ratio={`${size.width} / ${size.height}`}>
	{#each SIDES as { which, beam } (which)}
		<div class="absolute inset-0" style:clip-path={clip(which)}>
			{#if mode === 'photo'}
				<canvas class="size-full" {@attach photo(beam)}></canvas>
			{:else}
				<canvas class="size-full" {@attach map(beam)}></canvas>
			{/if}
			<svg class="absolute inset-0 size-full" viewBox={`0 0 ${size.width} ${size.height}`} aria-hidden="true">
				{#each drawnLines?.[which] ?? [] as one (one.share)}
					<path class="iso" d={one.path} vector-effect="non-scaling-stroke" />
				{/each}
				{#if beam.line.length > 0}
					<polyline
						class="edge"
						points={cutOff(beam)}
						vector-effect="non-scaling-stroke"
						stroke-dasharray={which === 'before' ? '7 4' : ''}
					/>
				{/if}
				<circle
					class="spot"
					cx={beam.reading.hotSpot.x * size.width}
					cy={beam.reading.hotSpot.y * size.height}
					r={size.width * 0.012}
					vector-effect="non-scaling-stroke"
				/>
			</svg>
		</div>
	{/each}
	<div class="bar pointer-events-none absolute inset-y-0" style:left={`${slider * 100}%`}></div>
	<span class="tag" style:left="0.5rem">before</span>
	<span class="tag" style:right="0.5rem">after</span>
</div>
<label class="flex items-center gap-3 text-sm text-soft"
	>Before or after
	<input
		type="range"
		class="grow accent-(--sea)"
		min="0"
		max="1"
		step="0.01"
		value={slider}
		oninput={(event) => onslide(event.currentTarget.valueAsNumber)}
	/></label
>
{#if mode === 'light'}
	<p class="flex flex-wrap items-center gap-x-3 text-sm text-soft">
		Lines of equal light:
		{#each ISO_SHARES as share (share)}<span class="inline-flex items-center gap-1"
				><span class="inline-block size-3 rounded-sm border border-line" style:background={ramp(Math.sqrt(share))}
				></span>{equal(share)}</span
			>{/each}
		{lux === null ? 'of the brightest' : ''}
	</p>
{/if}

<style>
	.iso {
		fill: none;
		stroke: #d7e6ea;
		stroke-width: 0.8;
		opacity: 0.8;
	}
	.edge {
		fill: none;
		stroke: #5bc8d6;
		stroke-width: 2.2;
	}
	.spot {
		fill: none;
		stroke: #d79adb;
		stroke-width: 2;
	}
	.bar {
		width: 2px;
		background: #ffffff;
	}
	.tag {
		position: absolute;
		top: 0.4rem;
		padding: 0 0.4rem;
		border-radius: 3px;
		background: #000000a8;
		color: #ffffff;
		font-size: 0.85rem;
	}
</style>
