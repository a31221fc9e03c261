<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { fitWords, type FitView } from '$lib/core/views';
	import { fitExtent, type FitExtent } from './fit';

	/**
	 * A lamp in its cavity from the side, to scale: hatched is what it does not have. Give the same `extent` to several drawings to
	 * compare them on one scale.
	 */
	let {
		fit,
		extent = fitExtent([fit]),
		height = 210
	}: { fit: FitView; extent?: FitExtent; height?: number } = $props();

	const WIDTH = 460;
	const EDGE = 30;
	const id = $props.id();

	const perMm = $derived(
		Math.min((WIDTH - 2 * EDGE) / (extent.behind + extent.ahead), (height - 2 * EDGE - 14) / extent.tall)
	);
	const width = $derived((extent.behind + extent.ahead) * perMm);
	const x = $derived(scaleLinear([-extent.behind, extent.ahead], [(WIDTH - width) / 2, (WIDTH + width) / 2]));
	const middle = $derived((height - 14) / 2);
	const up = (across: number) => middle - (across * perMm) / 2;

	const { room, body } = $derived(fit);
	const frontLength = $derived(body.frontLength ?? body.length);
	const roomFront = $derived(room.frontLength ?? room.holderLength);
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${height}`}
	class="w-full"
	role="img"
	aria-label={`Lamp in its cavity, side view to scale. ${fitWords(fit)}`}
>
	<defs>
		<pattern id={`${id}-over`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
			<path d="M0 0v6" class="hatch" />
		</pattern>
	</defs>
	{#if roomFront !== undefined && room.frontDiameter !== undefined}
		<rect
			class="room"
			x={x(0)}
			y={up(room.frontDiameter)}
			width={roomFront * perMm}
			height={room.frontDiameter * perMm}
		/>
	{/if}
	{#if fit.mount === 'flange' && room.rearDepth !== undefined}
		{@const across = room.rearDiameter ?? extent.tall}
		<rect class="room" x={x(-room.rearDepth)} y={up(across)} width={room.rearDepth * perMm} height={across * perMm} />
		{#if fit.capDepth}
			<rect
				class="cap"
				x={x(-room.rearDepth)}
				y={up(across)}
				width={Math.min(fit.capDepth, room.rearDepth) * perMm}
				height={across * perMm}
			/>
		{/if}
	{/if}
	{#if frontLength !== undefined && body.frontDiameter !== undefined}
		<rect
			class="body"
			x={x(0)}
			y={up(body.frontDiameter)}
			width={frontLength * perMm}
			height={body.frontDiameter * perMm}
			rx="3"
			style:fill={fit.hits.front ? `url(#${id}-over)` : undefined}
		/>
	{/if}
	{#if body.rearLength !== undefined && body.rearDiameter !== undefined}
		<rect
			class="body"
			x={x(-body.rearLength)}
			y={up(body.rearDiameter)}
			width={body.rearLength * perMm}
			height={body.rearDiameter * perMm}
			rx="4"
			style:fill={fit.hits.rear ? `url(#${id}-over)` : undefined}
		/>
		{#if fit.fan && fit.behind !== null}
			<rect
				class="air"
				x={x(-fit.behind)}
				y={up(body.rearDiameter)}
				width={(fit.behind - body.rearLength) * perMm}
				height={body.rearDiameter * perMm}
			/>
			<text x={x(-fit.behind) - 3} y={middle + 4} text-anchor="end">air</text>
		{/if}
	{/if}
	{#if fit.stock && fit.lightCentre !== null}
		{@const { outline } = fit.stock}
		<g
			class="stock"
			transform={`translate(${x(fit.lightCentre) - outline.lightCentre * perMm} ${middle}) scale(${perMm})`}
			style:stroke-width={1.2 / perMm}
		>
			{#each outline.parts as part, i (i)}<path d={part.path} />{/each}
		</g>
	{/if}
	{#if fit.lightCentre !== null}
		<path class="was" d={`M${x(fit.lightCentre)} ${middle - 12}v24`} />
		<text x={x(fit.lightCentre)} y={up(extent.tall) - 4} text-anchor="middle">filament {fit.lightCentre}</text>
	{/if}
	{#if body.lightCentre !== undefined}
		<circle class="centre" cx={x(body.lightCentre)} cy={middle} r="4" />
	{/if}
	{#if room.opening !== undefined}
		<path
			class="plane"
			d={`M${x(0)} ${up(extent.tall)}V${up(room.opening)}M${x(0)} ${middle + (room.opening * perMm) / 2}V${middle + (extent.tall * perMm) / 2}`}
		/>
	{:else}
		<path class="plane thin" d={`M${x(0)} ${up(extent.tall)}V${middle + (extent.tall * perMm) / 2}`} />
	{/if}
	<g class="axis">
		<path d={`M${x(-extent.behind)} ${height - 26}H${x(extent.ahead)}`} />
		{#each x.ticks(8) as tick (tick)}
			<path d={`M${x(tick)} ${height - 26}v4`} />
			<text x={x(tick)} y={height - 10} text-anchor="middle">{Math.abs(tick)}</text>
		{/each}
		<text x={x(extent.ahead) + 8} y={height - 22}>mm</text>
	</g>
</svg>

<style>
	.room {
		fill: var(--sea-wash);
		stroke: var(--sea);
	}
	.cap {
		fill: var(--raised);
		stroke: var(--soft);
	}
	.body {
		fill: color-mix(in oklab, var(--soft) 35%, transparent);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.hatch {
		stroke: var(--refuse);
		stroke-width: 3;
	}
	.air {
		fill: none;
		stroke: var(--soft);
		stroke-dasharray: 3 3;
	}
	.stock path {
		fill: none;
		stroke: var(--soft);
		stroke-dasharray: 1 1;
	}
	.was {
		stroke: var(--sea);
		stroke-width: 2;
		stroke-dasharray: 3 2;
	}
	.centre {
		fill: var(--panel);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.plane {
		stroke: var(--ink);
		stroke-width: 2.5;
		fill: none;
	}
	.thin {
		stroke-width: 1;
	}
	.axis path {
		stroke: var(--soft);
		fill: none;
	}
	text {
		font-size: 11px;
		fill: var(--soft);
	}
</style>
