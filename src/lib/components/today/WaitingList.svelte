<script lang="ts">
	import type { Waiting } from '$lib/core/views';
	import { shopFormats } from '../ui/shop-formats';
	import { KIND_WORDS, placeOf } from './waiting-links';

	/** What wants a person today, most pressing first. */
	let { waiting }: { waiting: Waiting[] } = $props();

	const { money, date } = shopFormats();
	const AT_ONCE = 12;
	let whole = $state(false);
	const shown = $derived(whole ? waiting : waiting.slice(0, AT_ONCE));
</script>

<section class="panel" aria-labelledby="today">
	<h2 id="today" class="border-b border-line px-3 py-2">
		Wants you today <span class="text-sm font-normal text-soft">pressing first, then by what it is worth</span>
	</h2>
	<ul>
		{#each shown as one (`${one.kind} ${one.id}`)}
			<li class="border-b border-line last:border-0">
				<!-- eslint-disable svelte/no-navigation-without-resolve (resolved in waiting-links) -->
				<a
					data-answer
					href={placeOf(one)}
					class="grid grid-cols-[6rem_minmax(0,1fr)_auto] items-baseline gap-x-3 px-3 py-1.5 hover:bg-sea-wash max-sm:grid-cols-[minmax(0,1fr)_auto]"
				>
					<span class={['text-sm max-sm:col-span-2', one.isPressing ? 'font-medium text-refuse' : 'text-soft']}
						>{KIND_WORDS[one.kind]}</span
					>
					<span>
						<span class="block font-medium">{one.title}</span>
						<span class="block text-sm text-soft">{one.detail}</span>
					</span>
					<span class="number text-right text-sm whitespace-nowrap text-soft"
						>{one.worth > 0 ? money(one.worth) : ''}{#if one.day}<span class="block">{date(one.day)}</span>{/if}</span
					>
				</a>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
			</li>
		{:else}
			<li class="px-3 py-3 text-soft">Nothing waits. A good time to walk round a vehicle that is not on record yet.</li>
		{/each}
	</ul>
	{#if waiting.length > shown.length}
		<p class="border-t border-line px-3 py-2">
			<button type="button" class="button" onclick={() => (whole = true)}>All {waiting.length}</button>
		</p>
	{/if}
</section>
