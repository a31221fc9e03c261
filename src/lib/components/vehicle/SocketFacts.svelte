<script lang="ts">
	import type { FactView } from '$lib/core/views';

	/** A socket's facts, each with where it comes from. */
	let { facts }: { facts: FactView[] } = $props();
</script>

<dl class="grid grid-cols-[6.5rem_1fr] gap-x-2 gap-y-0.5">
	{#each facts as fact, i (i)}
		<dt class="text-soft">{fact.name}</dt>
		<dd>
			{fact.value}
			{#if fact.source}<span class="block text-sm leading-tight text-soft">{fact.source}</span>{/if}
		</dd>
	{/each}
</dl>
