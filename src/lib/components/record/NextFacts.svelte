<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { counted } from '$lib/core/quantity';
	import type { NextFactView } from '$lib/core/views';
	import { readFactInput } from './fact-input';
	import SourceSelect from './SourceSelect.svelte';

	/** Facts worth finding out, the most decided a minute first; each is answered where it stands. */
	let { next }: { next: { sellable: number; sockets: number; facts: readonly NextFactView[] } } = $props();

	const SHOWN = 6;
	const desk = getDesk();
	let all = $state(false);
	let typed = $state<Record<string, string>>({});
	const facts = $derived(all ? next.facts : next.facts.slice(0, SHOWN));

	const answer = ({ subject, fact, key }: NextFactView, text: string) => {
		if (text.trim() === '') return;
		typed[key] = '';
		return desk.send({
			kind: 'claim',
			subject,
			facts: { [fact]: readFactInput(subject.kind, fact, text) },
			source: desk.source
		});
	};
</script>

<h2>What to find out next</h2>
<p class="text-soft" role="status">
	{next.sellable} of {counted(next.sockets, 'socket')} with a filament lamp {next.sellable === 1 ? 'has' : 'have'} an LED
	to sell.
</p>
{#if next.facts.length > 0}
	<div class="mt-1"><SourceSelect bind:value={desk.source} /></div>
	<ol class="mt-1">
		{#each facts as fact (fact.key)}
			<li class="border-b border-line py-2">
				<p class="flex items-baseline gap-2">
					<span class="mr-auto font-medium">{fact.subject.kind === 'vehicle' ? '' : `${fact.name}: `}{fact.label}</span>
					<span class="text-sm whitespace-nowrap text-soft tabular-nums"
						>decides {fact.sockets.length} · {fact.minutes} min</span
					>
				</p>
				<p class="text-sm text-soft">{fact.how}</p>
				{#if fact.choices}
					<div class="mt-1 flex flex-wrap gap-1" role="group" aria-label={`${fact.name}: ${fact.label}`}>
						{#each fact.choices as { value, label } (value)}
							<button type="button" class="chip" onclick={() => answer(fact, value)}>{label}</button>
						{/each}
					</div>
				{:else}
					<form
						class="mt-1 flex items-end gap-2"
						onsubmit={(event) => {
							event.preventDefault();
							answer(fact, typed[fact.key] ?? '');
						}}
					>
						<label class="flex items-center gap-2 text-sm text-soft"
							><span class="sr-only">{fact.name}: {fact.label}</span>
							<input class="field w-28 text-base text-ink" bind:value={typed[fact.key]} />{fact.unit}</label
						>
						<button class="button">Save</button>
					</form>
				{/if}
				<details class="mt-1 text-sm text-soft">
					<summary class="cursor-pointer">Which sockets</summary>
					{fact.sockets.join('; ')}
				</details>
			</li>
		{/each}
	</ol>
	{#if next.facts.length > SHOWN}
		<button type="button" class="link mt-1 min-h-6" onclick={() => (all = !all)}
			>{all ? 'Show the first few' : `Show all ${next.facts.length}`}</button
		>
	{/if}
{:else}
	<p class="text-soft">No fact of this record stands between a socket and its lamp.</p>
{/if}
