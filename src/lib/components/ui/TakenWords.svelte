<script lang="ts">
	import type { Snippet } from 'svelte';

	/** What the words of a line were taken for, those not understood marked, and what keeps the line from being taken. */
	let {
		line,
		taken,
		problems,
		doubts,
		missing,
		where
	}: {
		line: string;
		taken: readonly { from: number; to: number; label: string | null }[];
		problems: readonly string[];
		doubts: readonly string[];
		missing: readonly string[];
		/** What is said behind the words. */
		where?: Snippet;
	} = $props();

	const ready = $derived(problems.length === 0);
</script>

<p class="flex flex-wrap items-center gap-1">
	<span class={['font-medium', ready ? 'text-sea' : 'text-soft']}>{ready ? 'Enter adds' : 'Not yet'}:</span>
	{#each taken as part, i (i)}
		{#if part.label !== null}
			<span class="rounded bg-sea-wash px-1.5">{part.label}</span>
		{:else}
			<span class="rounded border border-dashed border-refuse px-1.5 text-refuse"
				>{line.slice(part.from, part.to)}?</span
			>
		{/if}
	{/each}
	{@render where?.()}
</p>
{#each problems as problem (problem)}<p class="text-refuse">{problem}</p>{/each}
{#each doubts as doubt (doubt)}<p class="text-needs">Look twice: {doubt}</p>{/each}
{#if ready && missing.length > 0}
	<p class="text-sm text-soft">Not said yet: {missing.join(', ')}</p>
{/if}
