<script lang="ts">
	import { complaintName, type BestSet, type RemedyTable } from '$lib/core/remedy';
	import { counted } from '$lib/core/quantity';
	import { shopFormats } from '../ui/shop-formats';

	const { price } = shopFormats();

	/** What there is to complain of, the best set of remedies for the whole vehicle, and why others are not to be had. */
	let {
		table,
		best,
		outputs,
		currency
	}: { table: RemedyTable; best: BestSet; outputs: ReadonlyMap<string, string>; currency: string } = $props();

	const chosen = $derived(new Set(best.remedies.map((r) => r.id)));
	const of = (id: string) => table.complaints.find((c) => c.id === id);
	const outputOf = (id: string) => outputs.get(of(id)?.channel ?? '') ?? 'the vehicle';
	const nameOf = (id: string) => complaintName(of(id)?.kind ?? 'message');
	const solvesWords = (ids: readonly string[]) => ids.map((id) => `${outputOf(id)}: ${nameOf(id)}`).join('; ');
</script>

{#if table.complaints.length === 0}
	<p>Nothing wrong with the LEDs chosen.</p>
{:else}
	<h2>Best for the whole vehicle</h2>
	<p>
		{counted(best.remedies.length, 'remedy', 'remedies')} for {counted(table.complaints.length, 'problem')}, {price(
			best.price
		)}
		{currency} in packs{best.gap === 0 ? ', proven best by price, heat and work' : ''}.
	</p>
	<table class="grid-table dense">
		<thead
			><tr
				><th scope="col">Remedy</th><th scope="col">Ends</th><th scope="col" class="number">Heat, W</th><th
					scope="col"
					class="number">Work, min</th
				><th scope="col">Caution</th></tr
			></thead
		>
		<tbody>
			{#each best.remedies as r (r.id)}
				<tr
					><td class="font-medium">{r.label}</td><td>{solvesWords(r.solves)}</td><td class="number"
						>{Math.round(r.heatWatts)}</td
					><td class="number">{r.minutes}</td><td class="text-sm">{r.caution}</td></tr
				>
			{/each}
		</tbody>
	</table>
	{#each best.left as id (id)}
		<p class="text-refuse">
			Nothing on sale ends: {outputOf(id)}, {nameOf(id)}, {of(id)?.why}.
		</p>
	{/each}
	<h2 class="mt-3">Problem by problem</h2>
	<ul class="grid gap-2">
		{#each table.complaints as c (c.id)}
			<li class="border-t border-line pt-1">
				<p>
					<span class="font-medium">{outputOf(c.id)}: {complaintName(c.kind)}</span>
					<span class="text-soft">in {c.modes.join(', ').toLowerCase()}</span>
				</p>
				<p class="text-sm">{c.why}.</p>
				<ul class="text-sm">
					{#each table.remedies.filter((r) => r.solves.includes(c.id)).slice(0, 6) as r (r.id)}
						<li>
							{chosen.has(r.id) ? '● ' : '○ '}{r.label}: {price(r.price)}
							{currency}, {Math.round(r.heatWatts)} W, {r.minutes} min{r.solves.length > 1
								? `, ends ${r.solves.length} problems`
								: ''}
						</li>
					{/each}
					{#each table.refused.filter((r) => r.complaint === c.id) as { remedy } (remedy.label)}
						<li class="text-soft">{remedy.label}: {remedy.why}</li>
					{/each}
				</ul>
			</li>
		{/each}
	</ul>
{/if}
