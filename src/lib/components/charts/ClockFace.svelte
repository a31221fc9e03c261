<script lang="ts">
	import type { ClockView } from '$lib/core/views';

	/** A sided lamp from the front when locked: where its emitters stand, and how far from 3 and 9 o'clock. */
	let { clock, size = 150 }: { clock: ClockView; size?: number } = $props();

	const angle = $derived(clock.key === null || clock.emitter === null ? null : clock.key + clock.emitter);
	const words = $derived(
		angle === null
			? 'Where the emitters stand is not known.'
			: clock.advice?.turn
				? `Emitters ${clock.advice.turn.degrees} degrees off; turn the collar ${clock.advice.turn.direction}, seen from the front.`
				: "Emitters at 3 and 9 o'clock."
	);
</script>

<figure class="grid justify-items-center gap-1">
	<svg
		viewBox="-62 -62 124 124"
		width={size}
		height={size}
		role="img"
		aria-label={`Seen from the front, locked. ${words}`}
	>
		<circle r="46" class="ring" />
		{#each [12, 3, 6, 9] as hour, i (hour)}
			<text x={54 * Math.sin((i * Math.PI) / 2)} y={4 - 54 * Math.cos((i * Math.PI) / 2)}>{hour}</text>
		{/each}
		<path d="M-46 0h92" class="wanted" />
		{#if clock.key !== null}
			<path d="M-6 -34h12v-11h-12z" class="key" transform={`rotate(${clock.key})`} />
		{/if}
		<circle r="32" class="lamp" />
		{#if angle !== null}
			<g transform={`rotate(${angle - 90})`}>
				<rect x="-30" y="-5" width="16" height="10" rx="2" class="emitter" />
				<rect x="14" y="-5" width="16" height="10" rx="2" class="emitter" />
				<path d="M-14 0h28" class="board" />
			</g>
		{:else}
			<text y="5" class="unknown">?</text>
		{/if}
	</svg>
	<figcaption class="max-w-56 text-center text-sm">{words}</figcaption>
</figure>

<style>
	.ring {
		fill: var(--raised);
		stroke: var(--line);
	}
	.wanted {
		stroke: var(--sea);
		stroke-width: 1.5;
		stroke-dasharray: 4 3;
	}
	.key {
		fill: var(--sea);
	}
	.lamp {
		fill: var(--panel);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.emitter {
		fill: var(--ink);
	}
	.board {
		stroke: var(--ink);
		stroke-width: 2;
	}
	text {
		font-size: 11px;
		text-anchor: middle;
		fill: var(--soft);
	}
	.unknown {
		font-size: 22px;
	}
</style>
