<script lang="ts">
	import type { Drawing } from '$lib/core/practice';
	import type { SocketView } from '$lib/core/views';
	import BeamSketch from '../charts/BeamSketch.svelte';
	import LampOutline from '../lamps/LampOutline.svelte';
	import { GLASS, UNKNOWN_GLASS } from './glass';
	import LampFronts from './LampFronts.svelte';
	import VehicleWheel from './VehicleWheel.svelte';

	/** What is looked at beside the words of an exercise. Nothing in it says the answer, to the ear either. */
	let { drawing, wheel = null }: { drawing: Drawing; wheel?: SocketView[] | null } = $props();

	/** What a lamp sends. */
	const LIGHT: Readonly<Record<string, string>> = {
		white: '#ffffff',
		amber: '#ffb347',
		red: '#ff4a3d',
		'selective-yellow': '#ffe14a'
	};
	const ends = (degrees: number, radius: number) => {
		const angle = ((degrees - 90) * Math.PI) / 180;
		return [radius * Math.cos(angle), radius * Math.sin(angle)] as const;
	};
</script>

{#if drawing.kind === 'lamp'}
	<div class="h-40"><LampOutline category={drawing.category} decorative /></div>
	<p class="sr-only">
		A lamp from the side: held by a {drawing.category.mount}, {drawing.category.length} mm long, {drawing.category
			.diameter} mm across.
	</p>
{:else if drawing.kind === 'clock'}
	{@const [kx, ky] = ends(drawing.key, 46)}
	{@const [ex, ey] = ends(drawing.key + drawing.emitter, 34)}
	<svg
		viewBox="-62 -62 124 124"
		class="mx-auto size-40"
		role="img"
		aria-label={`Seen from the front, locked: the key stands at ${drawing.key} degrees, the plane of the chips ${drawing.emitter} degrees from it.`}
	>
		<circle r="46" class="ring" />
		{#each [0, 90, 180, 270] as tick (tick)}
			{@const [x, y] = ends(tick, 56)}
			<text {x} y={y + 4} text-anchor="middle">{{ 0: '12', 90: '3', 180: '6', 270: '9' }[tick]}</text>
		{/each}
		<circle cx={kx} cy={ky} r="5" class="key" />
		<path d={`M${-ex} ${-ey}L${ex} ${ey}`} class="chips" />
	</svg>
{:else if drawing.kind === 'beams'}
	<div class="grid gap-3 sm:grid-cols-2">
		{#each [{ name: 'Before', pattern: drawing.before }, { name: 'After', pattern: drawing.after }] as one (one.name)}
			<figure>
				<BeamSketch pattern={one.pattern} />
				<figcaption class="text-sm text-soft">{one.name} (simulated)</figcaption>
			</figure>
		{/each}
	</div>
{:else if drawing.kind === 'wheel'}
	{#if wheel}<VehicleWheel sockets={wheel} places={drawing.places} />{/if}
{:else if drawing.kind === 'fronts'}
	<LampFronts fronts={drawing.fronts} />
{:else}
	<svg
		viewBox="0 0 220 80"
		class="mx-auto w-full max-w-72"
		role="img"
		aria-label={`A ${drawing.colour} LED and a ${drawing.lens} lens`}
	>
		<rect width="220" height="80" rx="6" class="night" />
		<circle cx="40" cy="40" r="12" fill={LIGHT[drawing.colour] ?? '#ffffff'} />
		<path d="M60 40H150" class="ray" />
		<rect x="150" y="12" width="12" height="56" rx="3" fill={GLASS[drawing.lens] ?? UNKNOWN_GLASS} />
		<text x="190" y="46" text-anchor="middle" class="asked">?</text>
	</svg>
{/if}

<style>
	.ring {
		fill: none;
		stroke: var(--line);
		stroke-width: 2;
	}
	.key {
		fill: var(--ink);
	}
	.chips {
		stroke: var(--sea);
		stroke-width: 6;
	}
	.night {
		fill: #10181c;
	}
	.ray {
		stroke: #ffffff99;
		stroke-dasharray: 4 4;
	}
	text {
		font-size: 10px;
		fill: var(--soft);
	}
	.asked {
		font-size: 24px;
		font-weight: 600;
		fill: #ffffff;
	}
</style>
