<script lang="ts">
	import type { WallView } from '$lib/core/views';

	/** The wall with its marks, to scale, seen from behind the vehicle. */
	let { wall, length, label }: { wall: WallView; length: (mm: number) => string; label: string } = $props();

	const WIDTH = 720;
	const HEAD = 6;
	const scale = $derived(WIDTH / (wall.right - wall.left));
	const height = $derived(wall.top * scale + 34);
	const x = $derived((mm: number) => (mm - wall.left) * scale);
	const y = $derived((mm: number) => HEAD + (wall.top - mm) * scale);
</script>

<svg viewBox={`0 0 ${WIDTH} ${height}`} class="w-full" role="img" aria-label={label}>
	<rect class="wall" x="0" y={HEAD} width={WIDTH} height={wall.top * scale} />
	<path class="floor" d={`M0 ${y(0)}H${WIDTH}`} />
	<text x="4" y={y(0) + 14}>floor</text>
	<path class="centre" d={`M${x(0)} ${HEAD}V${y(0)}`} />
	<text x={x(0)} y={y(0) + 14} text-anchor="middle">centre line of the vehicle</text>
	{#each wall.lamps as lamp (lamp.side)}
		<rect
			class="band"
			x={x(Math.min(lamp.flat.x, lamp.x))}
			y={y(Math.max(lamp.least, lamp.most))}
			width={Math.abs(lamp.flat.x - lamp.x) * scale}
			height={Math.max(1, Math.abs(lamp.least - lamp.most) * scale)}
		/>
		<path
			class="lamp"
			d={`M${x(lamp.x)} ${y(0)}V${y(lamp.height + 120)}M${x(lamp.x) - 14} ${y(lamp.height)}H${x(lamp.x) + 14}`}
		/>
		<circle class="centre-mark" cx={x(lamp.x)} cy={y(lamp.height)} r="4" />
		<path
			class="mark"
			d={`M${x(lamp.flat.x)} ${y(lamp.mark)}H${x(lamp.x)}${lamp.arm ? `L${x(lamp.arm.x)} ${y(lamp.arm.y)}` : `H${x(2 * lamp.x - lamp.flat.x)}`}`}
		/>
		{#if lamp.now !== null}<path class="now" d={`M${x(lamp.flat.x)} ${y(lamp.now)}H${x(lamp.x)}`} />{/if}
		<text x={x(lamp.x)} y={y(lamp.height + 140)} text-anchor="middle" class="strong">{lamp.side} lamp</text>
		<text x={x(lamp.x)} y={y(0) - 6} text-anchor="middle">{length(Math.abs(lamp.x))} from the centre</text>
	{/each}
	{#if wall.lamps[0]}
		{@const lamp = wall.lamps[0]}
		<text x={WIDTH - 4} y={y(lamp.height) + 4} text-anchor="end">lamp height {length(lamp.height)}</text>
		<path class="centre" d={`M${x(lamp.x)} ${y(lamp.height)}H${WIDTH - 130}`} />
		<text x={WIDTH - 4} y={y(lamp.mark) + 14} text-anchor="end" class="strong"
			>cut-off {length(lamp.mark)} from the floor</text
		>
	{/if}
	{#each wall.points as one (one.point)}
		<g class="point">
			<circle cx={x(one.x)} cy={y(one.y)} r="5" />
			<path d={`M${x(one.x) - 8} ${y(one.y)}H${x(one.x) + 8}M${x(one.x)} ${y(one.y) - 8}V${y(one.y) + 8}`} />
		</g>
		<text x={x(one.x) + 9} y={y(one.y) - 5}>{one.label.toLowerCase()}</text>
	{/each}
</svg>

<style>
	.wall {
		fill: var(--raised);
	}
	.floor {
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.centre {
		stroke: var(--line);
		stroke-dasharray: 6 4;
	}
	.lamp {
		stroke: var(--soft);
		stroke-width: 0.8;
		fill: none;
	}
	.centre-mark {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.4;
	}
	.band {
		fill: var(--sea-wash);
	}
	.mark {
		fill: none;
		stroke: var(--sea);
		stroke-width: 2.6;
	}
	.now {
		stroke: var(--refuse);
		stroke-width: 2;
		stroke-dasharray: 5 3;
	}
	.point circle,
	.point path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.2;
	}
	text {
		font-size: 11px;
		fill: var(--soft);
	}
	.strong {
		fill: var(--ink);
		font-weight: 600;
	}
</style>
