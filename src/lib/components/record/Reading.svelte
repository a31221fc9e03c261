<script lang="ts">
	import type { WalkReading } from '$lib/core/walk';

	/** What a walk-line was understood to say, what keeps it from being taken, what to look at twice, and what is missing. */
	let { line, reading, underway }: { line: string; reading: WalkReading; underway: number } = $props();

	const ready = $derived(line.trim() !== '' && reading.problems.length === 0);
	const { draft } = $derived(reading);
	const where = $derived(
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
		<p class="flex flex-wrap items-center gap-1">
			<span class={['font-medium', ready ? 'text-sea' : 'text-soft']}>{ready ? 'Enter adds' : 'Not yet'}:</span>
			{#each reading.taken as part, i (i)}
				{#if part.label !== null}
					<span class="rounded bg-sea-wash px-1.5">{part.label}</span>
				{:else}
					<span class="rounded border border-dashed border-refuse px-1.5 text-refuse"
						>{line.slice(part.from, part.to)}?</span
					>
				{/if}
			{/each}
			{#if where}<span class="text-soft">→ {where}</span>{/if}
		</p>
		{#each reading.problems as problem (problem)}<p class="text-refuse">{problem}</p>{/each}
		{#each reading.doubts as doubt (doubt)}<p class="text-needs">Look twice: {doubt}</p>{/each}
		{#if ready && reading.missing.length > 0}
			<p class="text-sm text-soft">Not said yet: {reading.missing.join(', ')}</p>
		{/if}
	{/if}
</div>
