<script lang="ts">
	import { costInMoney, MINUTE_COSTS, type Cost, type Score } from '$lib/core/practice';
	import { DEFAULT_CURRENCY, money } from '$lib/core/quantity';
	import LevelMark from '../ui/LevelMark.svelte';
	import { OUTCOME_LEVEL, OUTCOME_WORD } from './outcome-words';

	/** How an answer was scored: what stands, what would have said so, and what the mistake would have cost. */
	let { score }: { score: Score } = $props();

	/** What time and parts come to, as far as there are any. */
	const costWords = ({ minutes, parts = 0 }: Cost) =>
		[
			minutes > 0 ? `about ${minutes} min of somebody’s time` : '',
			parts > 0 && minutes > 0 ? `${amount(parts)} of parts and parcels` : ''
		]
			.filter(Boolean)
			.join(' and ')
			.replace(/^./, (letter) => letter.toUpperCase())
			.concat(minutes > 0 ? ':' : '');
	const amount = (minor: number) => money(minor, DEFAULT_CURRENCY);
</script>

<section class="panel p-3" aria-label="How it was scored">
	<h2 class="flex items-center gap-2" role="status">
		<LevelMark level={OUTCOME_LEVEL[score.outcome]} label="" size={18} />
		<span data-testid="outcome">{OUTCOME_WORD[score.outcome]}</span>
	</h2>
	{#if score.outcome !== 'right'}
		<p class="mt-1"><span class="text-soft">Right answer:</span> {score.standsFor}</p>
	{/if}
	{#if score.looks.least > 0}
		<p class="mt-1">
			<span class="text-soft">Looked at:</span>
			{score.looks.spent} min; {score.looks.least} min are enough.
			{#if score.outcome === 'lucky'}What was looked at does not say so: this time it was luck.{/if}
		</p>
	{/if}
	{#if score.cost}
		<p class="mt-1">
			<span class="text-soft">At a customer’s cost:</span>
			{score.cost.words}
			{costWords(score.cost)} <strong>{amount(costInMoney(score.cost))}</strong>
			<span class="text-sm text-soft">(assumed: {amount(60 * MINUTE_COSTS)} an hour)</span>
		</p>
	{/if}
	{#if score.opened.length > 0}
		<h3 class="mt-3 font-medium">Why</h3>
		<ul class="grid gap-2">
			{#each score.opened as { what, why, source }, i (i)}
				<li class="border-t border-line pt-1.5">
					<span class="block font-medium first-letter:uppercase">{what}</span>
					{why}
					<span class="block text-sm text-soft">Source: {source}</span>
				</li>
			{/each}
		</ul>
	{/if}
</section>
