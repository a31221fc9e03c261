<script lang="ts">
	import type { Look, Seen } from '$lib/core/practice';
	import LampFronts from './LampFronts.svelte';

	/** What can be looked at first, at a cost, and what was seen. */
	let {
		looks,
		seen,
		query,
		isOver
	}: {
		looks: readonly Look[];
		seen: readonly (Seen & { id: string })[];
		/** What the address of the exercise says already. */
		query: URLSearchParams;
		/** True once it was answered. */
		isOver: boolean;
	} = $props();

	const shown = $derived(new Map(seen.map((one) => [one.id, one])));
	const spent = $derived(looks.filter(({ id }) => shown.has(id)).reduce((sum, { minutes }) => sum + minutes, 0));
	/** The address with one look more; whatever else it says stays. */
	const lookedAt = (id: string) => `?${new URLSearchParams([...query, ['looked', id]])}`;
</script>

<section aria-label="What can be looked at">
	<h3 class="font-medium">Look first <span class="font-normal text-soft">{spent} min so far</span></h3>
	<ul class="grid">
		{#each looks as { id, words, how, minutes } (id)}
			<li class="flex min-h-9 flex-wrap items-center gap-x-3 border-t border-line py-1">
				<span class="min-w-0 grow basis-60"
					>{words}{#if how}<span class="block text-sm text-soft">{how}</span>{/if}</span
				>
				{#if shown.has(id)}
					{@const { words: told, fronts = [] } = shown.get(id)!}
					<strong class="first-letter:uppercase inline-block" data-testid="seen">{told}</strong>
					{#if fronts.length > 0}<div class="basis-full"><LampFronts {fronts} /></div>{/if}
				{:else if !isOver}
					<!-- eslint-disable svelte/no-navigation-without-resolve (the same page with what was looked at) -->
					<a
						class="button"
						href={lookedAt(id)}
						data-sveltekit-noscroll
						data-sveltekit-replacestate
						data-sveltekit-keepfocus
						data-sveltekit-preload-data="off"
						aria-label={`Look for ${minutes} min: ${words}`}>Look, {minutes} min</a
					>
					<!-- eslint-enable svelte/no-navigation-without-resolve -->
				{/if}
			</li>
		{/each}
	</ul>
</section>
