<script lang="ts">
	import { GLASS, UNKNOWN_GLASS } from './glass';
	import type { LampFront } from '$lib/core/practice';

	/** Lamps as they are seen from outside, burning: the lens, what is behind it, and the colour it glows in. */
	let { fronts }: { fronts: readonly LampFront[] } = $props();

	const uid = $props.id();
	const OPTIC: Readonly<Record<string, string>> = {
		projector: 'a projector behind it',
		reflector: 'a reflector behind it',
		'lens-only': 'a plain lens'
	};
</script>

<div class="flex flex-wrap justify-center gap-3">
	{#each fronts as { words, lens, optic, glow }, i (i)}
		<figure class="w-56">
			<svg
				viewBox="0 0 220 120"
				class="w-full"
				role="img"
				aria-label={`${words}: ${lens} lens, ${OPTIC[optic] ?? 'optic not known'}`}
			>
				<defs>
					<radialGradient id={`${uid}-${i}`}>
						<stop offset="0" stop-color="#ffffff" />
						<stop offset="0.35" stop-color={glow ?? '#3a444b'} />
						<stop offset="1" stop-color={glow ?? '#3a444b'} stop-opacity="0" />
					</radialGradient>
				</defs>
				<rect width="220" height="120" rx="8" class="night" />
				<rect
					x="20"
					y="18"
					width="180"
					height="84"
					rx="26"
					fill={GLASS[lens] ?? UNKNOWN_GLASS}
					opacity="0.35"
					class="rim"
				/>
				{#if optic === 'projector'}
					<circle cx="110" cy="60" r="34" class="bowl" />
					<circle cx="110" cy="60" r="24" fill={`url(#${uid}-${i})`} />
				{:else if optic === 'reflector'}
					{#each [-60, -36, -12, 12, 36, 60] as at (at)}<path d={`M${110 + at} 28V92`} class="rib" />{/each}
					<ellipse cx="110" cy="60" rx="70" ry="34" fill={`url(#${uid}-${i})`} />
				{:else}
					{#each [0, 1, 2, 3, 4, 5, 6] as n (n)}<path d={`M34 ${30 + 10 * n}H186`} class="rib" />{/each}
					<ellipse cx="110" cy="60" rx="60" ry="36" fill={`url(#${uid}-${i})`} />
				{/if}
			</svg>
			<figcaption class="text-sm text-soft first-letter:uppercase">
				{words}: {lens} lens, {OPTIC[optic] ?? ''} (drawn)
			</figcaption>
		</figure>
	{/each}
</div>

<style>
	.night {
		fill: #10181c;
	}
	.rim {
		stroke: #cfdde6;
		stroke-width: 1.5;
	}
	.bowl {
		fill: none;
		stroke: #cfdde6;
		stroke-width: 3;
	}
	.rib {
		stroke: #cfdde6;
		stroke-width: 0.8;
		opacity: 0.5;
	}
</style>
