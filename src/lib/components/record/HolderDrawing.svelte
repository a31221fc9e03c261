<script lang="ts">
	import { categoryOrNull } from '$lib/core/lamps';
	import { numberIn, type Room } from './room';

	/** A festoon holder from the side, to scale, as it is typed, with the stock lamp between its contacts. */
	let { room, category }: { room: Room; category: string | null } = $props();

	const WIDTH = 640;
	const HEIGHT = 200;
	const holder = $derived(numberIn(room, 'envelope.holderLength'));
	const across = $derived(numberIn(room, 'envelope.frontDiameter'));
	const lamp = $derived(categoryOrNull(category ?? undefined));
	const long = $derived(Math.max(holder ?? 0, lamp?.length ?? 0, 30));
	const perMm = $derived(Math.min((WIDTH - 160) / long, (HEIGHT - 70) / Math.max(across ?? 0, 14)));
	const middle = HEIGHT / 2 - 8;
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
	class="w-full"
	role="img"
	aria-label={`Side view to scale: ${holder === null ? 'holder length not measured' : `contacts ${holder} mm apart`}, ${across === null ? 'width not measured' : `${across} mm free across`}`}
>
	{#if across !== null}
		<rect
			class="free"
			x={WIDTH / 2 - (long * perMm) / 2}
			y={middle - (across * perMm) / 2}
			width={long * perMm}
			height={across * perMm}
		/>
	{/if}
	{#if lamp?.length !== undefined}
		<rect
			class="lamp"
			x={WIDTH / 2 - (lamp.length * perMm) / 2}
			y={middle - ((lamp.diameter ?? 10) * perMm) / 2}
			width={lamp.length * perMm}
			height={(lamp.diameter ?? 10) * perMm}
			rx="8"
		/>
		<text x={WIDTH / 2} y={middle + 4} text-anchor="middle">stock {lamp.category}, {lamp.length} mm</text>
	{/if}
	{#if holder !== null}
		{#each [-1, 1] as side (side)}
			<path
				class="contact"
				d={`M${WIDTH / 2 + (side * holder * perMm) / 2} ${middle - 34}l${side * 9} 26l${-side * 4} 8l${side * 4} 8l${-side * 9} 26`}
			/>
		{/each}
		<path
			class="measure"
			d={`M${WIDTH / 2 - (holder * perMm) / 2} ${HEIGHT - 30}h${holder * perMm}m0 -5v10m${-holder * perMm} 0v-10`}
		/>
		<text x={WIDTH / 2} y={HEIGHT - 12} text-anchor="middle">{holder} mm between the contacts</text>
	{/if}
</svg>

<style>
	.free {
		fill: var(--sea-wash);
		stroke: var(--sea);
	}
	.lamp {
		fill: none;
		stroke: var(--soft);
		stroke-dasharray: 2 3;
	}
	.contact,
	.measure {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.measure {
		stroke-width: 1;
		stroke: var(--soft);
	}
	text {
		font-size: 12px;
		fill: var(--soft);
	}
</style>
