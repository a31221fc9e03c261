<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { FactView } from '$lib/core/views';

	/** A socket's facts, each with where it comes from; what can be done next goes below. */
	let { socket, children }: { socket: { name: string; facts: FactView[] }; children?: Snippet } = $props();
</script>

<h2>{socket.name}</h2>
<dl class="mt-1 grid grid-cols-[6.5rem_1fr] gap-x-2 gap-y-0.5">
	{#each socket.facts as fact, i (i)}
		<dt class="text-soft">{fact.name}</dt>
		<dd>
			{fact.value}
			{#if fact.source}<span class="block text-sm leading-tight text-soft">{fact.source}</span>{/if}
		</dd>
	{/each}
</dl>
{@render children?.()}
