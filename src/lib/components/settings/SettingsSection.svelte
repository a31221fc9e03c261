<script lang="ts">
	import type { Snippet } from 'svelte';

	/** One group of settings under its heading, which the list of them leads to. */
	let { id, title, said = '', children }: { id: string; title: string; said?: string; children: Snippet } = $props();
</script>

<section {id} class="panel scroll-mt-4 p-4" aria-labelledby={`${id}-title`}>
	<h2 id={`${id}-title`}>{title}</h2>
	{#if said}<p class="max-w-prose text-sm text-soft">{said}</p>{/if}
	<div class="mt-3 grid gap-3">{@render children()}</div>
</section>
