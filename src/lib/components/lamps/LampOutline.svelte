<script lang="ts">
	import { lampOutline, type LampCategory } from '$lib/core/lamps';

	/** A lamp of a category from the side, drawn from its data. `perMm` draws it to a scale; without it, it fills its place. */
	let {
		category,
		perMm = null,
		decorative = false
	}: { category: LampCategory; perMm?: number | null; decorative?: boolean } = $props();

	const EDGE = 3;
	const GLASS = { clear: 'none', amber: '#ff9a1f55', red: '#ff3b1f55' } as const;
	const outline = $derived(lampOutline(category));
	const width = $derived(outline.length + 2 * EDGE);
	const height = $derived(Math.max(outline.across * 1.7, 12) + 2 * EDGE);
	const says = $derived(
		`${category.category} from the side${outline.isToScale ? `, ${outline.length} mm long, ${outline.across} mm across` : ', size not in the table'}`
	);
</script>

<svg
	viewBox={`${-EDGE} ${-height / 2} ${width} ${height}`}
	width={perMm === null ? undefined : width * perMm}
	height={perMm === null ? undefined : height * perMm}
	class={['max-w-none', perMm === null && 'h-full w-full']}
	role={decorative ? undefined : 'img'}
	aria-hidden={decorative ? 'true' : undefined}
	aria-label={decorative ? undefined : says}
>
	{#each outline.parts as part, i (i)}
		<path d={part.path} class={part.what} style:fill={part.what === 'glass' ? GLASS[category.glass] : undefined} />
	{/each}
	{#if outline.lightCentre !== null}<circle cx={outline.lightCentre} cy="0" r="1" class="centre" />{/if}
	{#if !outline.isToScale}<text x={outline.length / 2} y={height / 2 - 1}>size not known</text>{/if}
</svg>

<style>
	path {
		stroke: var(--ink);
		stroke-width: 0.5;
		stroke-linejoin: round;
	}
	.metal {
		fill: color-mix(in oklab, var(--soft) 45%, transparent);
	}
	.base {
		fill: color-mix(in oklab, var(--soft) 20%, transparent);
	}
	.pin,
	.contact {
		fill: var(--ink);
	}
	.centre {
		fill: none;
		stroke: var(--sea);
		stroke-width: 0.6;
	}
	text {
		font-size: 3px;
		text-anchor: middle;
		fill: var(--soft);
	}
</style>
