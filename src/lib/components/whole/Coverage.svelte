<script lang="ts">
	import type { CoverageView } from '$lib/core/views';
	import { shopFormats } from '../ui/shop-formats';

	const { price } = shopFormats();

	/** What each wish costs: sockets it leaves without a lamp, places where the best lamp changes, and the price of the lamps. */
	let {
		answer,
		currency,
		place
	}: {
		answer: { sockets: number; free: CoverageView; coverage: CoverageView[] };
		currency: string;
		place: (socket: string) => string;
	} = $props();

	const rows = $derived([{ ...answer.free, label: 'no wish' }, ...answer.coverage]);
	const last = $derived(answer.coverage.at(-1) ?? null);
	const signed = (minor: number) => `${minor < 0 ? '−' : '+'}${price(Math.abs(minor))}`;
</script>

<table class="grid-table">
	<caption class="sr-only">What each wish costs</caption>
	<thead>
		<tr
			><th scope="col">Wish</th><th scope="col">Sockets served</th><th scope="col" class="number">Lost</th><th
				scope="col"
				class="number">Changed</th
			><th scope="col" class="number">Lamps singly, {currency}</th></tr
		>
	</thead>
	<tbody>
		{#each rows as row, i (row.label)}
			<tr>
				<td class="font-medium">{row.label}</td>
				<td class="whitespace-nowrap">
					<span class="inline-block h-2 w-24 rounded-sm bg-raised align-middle outline outline-line"
						><span
							class="block h-2 rounded-sm bg-sea"
							style:width={`${row.of === 0 ? 0 : (100 * row.served) / row.of}%`}
						></span></span
					>
					{row.served} of {row.of}
				</td>
				<td class="number">{row.lost.length === 0 ? 0 : row.of - row.served}</td>
				<td class="number">{row.changed.length}</td>
				<td class="number"
					>{price(row.price)}{#if i > 0}<span class="ml-2 text-sm text-soft"
							>{signed(row.price - answer.free.price)}</span
						>{/if}</td
				>
			</tr>
		{/each}
	</tbody>
</table>
<p class="mt-1 text-sm text-soft">
	{answer.sockets - answer.free.of} of {answer.sockets} sockets have no LED that fits, alone or with parts, whatever is wished.
	Prices are those of the best lamp of each socket in its cheapest pack, without parts.
</p>
{#if last}
	{#if last.lost.length > 0}
		<h3 class="mt-3 mb-1 font-medium">Left without a lamp by: {last.label}</h3>
		<ul class="grid gap-0.5">
			{#each last.lost as move (move.socket)}
				<!-- eslint-disable svelte/no-navigation-without-resolve (the caller resolves) -->
				<li>
					<a class="link" href={place(move.socket)}>{move.name}</a>
					<span class="text-soft">would have had {move.before}</span>
				</li>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
			{/each}
		</ul>
	{/if}
	{#if last.changed.length > 0}
		<h3 class="mt-3 mb-1 font-medium">Another lamp than without the wish</h3>
		<table class="grid-table">
			<thead><tr><th scope="col">Place</th><th scope="col">Without</th><th scope="col">With</th></tr></thead>
			<tbody>
				{#each last.changed as move (move.socket)}
					<tr>
						<!-- eslint-disable svelte/no-navigation-without-resolve (the caller resolves) -->
						<td><a class="link" href={place(move.socket)}>{move.name}</a></td>
						<!-- eslint-enable svelte/no-navigation-without-resolve --><td>{move.before}</td><td>{move.after}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if last.lost.length === 0 && last.changed.length === 0}<p class="mt-2">The wish costs nothing here.</p>{/if}
{/if}
