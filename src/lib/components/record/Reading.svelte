<script lang="ts">
	import type { WalkReading } from '$lib/core/walk';
	import TakenWords from '../ui/TakenWords.svelte';

	/** What a walk-line was understood to say, what keeps it from being taken, what to look at twice, and what is missing. */
	let { line, reading, underway }: { line: string; reading: WalkReading; underway: number } = $props();

	const { draft } = $derived(reading);
	const place = $derived(
		draft.absent
			? 'Not fitted'
			: draft.zone && draft.functions.length > 0
				? `${draft.zone}, ${draft.sides.join(' and ')}${draft.index > 1 ? `, number ${draft.index}` : ''}`
				: ''
	);
</script>

<div class="min-h-12" aria-live="polite">
	{#if line.trim() === ''}
		<p class="text-soft">
			{underway > 0
				? `${underway} on the way to the record…`
				: 'For example: f tu py21w clear · repeater wy5w amber · chmsl led · no fog'}
		</p>
	{:else}
		<TakenWords {line} {...reading}>
			{#snippet where()}{#if place}<span class="text-soft">→ {place}</span>{/if}{/snippet}
		</TakenWords>
	{/if}
</div>
