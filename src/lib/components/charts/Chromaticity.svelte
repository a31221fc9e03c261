<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { line } from 'd3-shape';
	import type { RuleFamily, SignalColour } from '$lib/core/lamps';
	import { boundaryOutline, planckianLocus, spectralLocus, type Chromaticity } from '$lib/core/optics';

	/** A point of the diagram: the light before the lens or behind it. `light` is the colour a screen shows for it. */
	interface Point extends Chromaticity {
		label: string;
		stage: 'before' | 'behind';
		light: string;
	}

	/** CIE 1931 chromaticity with the signal boundaries of a rule family, and points before and behind the lens. */
	let { points, family, asked }: { points: Point[]; family: RuleFamily; asked: readonly SignalColour[] } = $props();

	const WIDTH = 330;
	const HEIGHT = 300;
	const x = scaleLinear([0.1, 0.76], [34, WIDTH - 6]);
	const y = scaleLinear([0.2, 0.62], [HEIGHT - 26, 6]);
	const path = line<Chromaticity>(
		(p) => x(p.x),
		(p) => y(p.y)
	);
	const COLOURS: readonly SignalColour[] = ['white', 'selective-yellow', 'amber', 'red'];
	const NAME_AT: Record<SignalColour, [number, number]> = {
		white: [0.33, 0.275],
		'selective-yellow': [0.37, 0.55],
		amber: [0.575, 0.455],
		red: [0.66, 0.345]
	};
	const locus = spectralLocus();
	const planck = planckianLocus();
	const words = $derived(
		points.map((p) => `${p.label} ${p.stage} the lens x ${p.x.toFixed(3)}, y ${p.y.toFixed(3)}`).join('; ')
	);
	const pairs = $derived(
		[...new Set(points.map((p) => p.label))].map((label) => points.filter((p) => p.label === label))
	);
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
	class="w-full max-w-md"
	role="img"
	aria-label={`Chromaticity, CIE 1931, ${family} boundaries. ${words}`}
>
	<g class="axis">
		{#each x.ticks(6) as tick (tick)}
			<path d={`M${x(tick)} ${HEIGHT - 26}V6`} />
			<text x={x(tick)} y={HEIGHT - 12} text-anchor="middle">{tick.toFixed(1)}</text>
		{/each}
		{#each y.ticks(5) as tick (tick)}
			<path d={`M34 ${y(tick)}H${WIDTH - 6}`} />
			<text x="30" y={y(tick) + 4} text-anchor="end">{tick.toFixed(1)}</text>
		{/each}
		<text x={WIDTH - 8} y={HEIGHT - 1} text-anchor="end">x</text>
		<text x="6" y="12">y</text>
	</g>
	<path class="locus" d={path(locus)} />
	<path class="planck" d={path(planck)} />
	{#each planck.filter(({ kelvin }) => [2500, 4300, 6500].includes(kelvin)) as p (p.kelvin)}
		<circle cx={x(p.x)} cy={y(p.y)} r="1.8" class="dot" />
		<text x={x(p.x) - 4} y={y(p.y) + 12} text-anchor="end">{p.kelvin} K</text>
	{/each}
	{#each COLOURS as colour (colour)}
		<path class={['boundary', asked.includes(colour) && 'asked']} d={`${path(boundaryOutline(colour, family))}Z`} />
		<text x={x(NAME_AT[colour][0])} y={y(NAME_AT[colour][1])} class={['name', asked.includes(colour) && 'strong']}
			>{colour.replace('-', ' ')}</text
		>
	{/each}
	{#each pairs as pair, i (i)}
		{#if pair.length === 2}<path class="move" d={path(pair)} />{/if}
		{#each pair as p (p.stage)}
			<circle
				cx={x(p.x)}
				cy={y(p.y)}
				r={p.stage === 'behind' ? 6 : 4.5}
				class="point"
				style:fill={p.stage === 'behind' ? p.light : 'var(--panel)'}
			/>
		{/each}
		{#if pairs.length > 1}
			{@const last = pair.at(-1)}
			{#if last}<text x={x(last.x) + 9} y={y(last.y) + 4} class="strong">{i + 1}</text>{/if}
		{/if}
	{/each}
</svg>

<style>
	.axis path {
		stroke: var(--line);
		stroke-width: 0.5;
	}
	.locus,
	.planck {
		fill: none;
		stroke: var(--soft);
	}
	.planck {
		stroke-dasharray: 2 2;
	}
	.dot {
		fill: var(--soft);
	}
	.boundary {
		fill: none;
		stroke: var(--soft);
	}
	.asked {
		stroke: var(--sea);
		stroke-width: 2.5;
		fill: var(--sea-wash);
		fill-opacity: 0.6;
	}
	.move {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.2;
	}
	.point {
		stroke: var(--ink);
		stroke-width: 1.6;
	}
	text {
		font-size: 10.5px;
		fill: var(--soft);
	}
	.strong {
		fill: var(--ink);
		font-weight: 600;
	}
</style>
