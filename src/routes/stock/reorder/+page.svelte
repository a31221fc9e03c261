<script lang="ts">
	import { resolve } from '$app/paths';
	import { counted } from '$lib/core/quantity';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	let { data } = $props();
	const shop = shopFormats();
	const known = $derived(data.rows.reduce((sum, { cost }) => sum + (cost ?? 0), 0));
</script>

<svelte:head><title>What to order · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-center gap-3">
		<a class="link" href={resolve('/stock')}>Stock</a>
		<h1 class="mr-auto">What to order</h1>
		{#if data.rows.length > 0}<span>{counted(data.rows.length, 'product')}, {shop.money(known)}</span>{/if}
	</div>
	{#if data.branch}<p>
			For {data.isWhole ? 'the whole chain' : data.branch}; see
			<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it -->
			<a class="link" href={data.isWhole ? resolve('/stock/reorder') : `${resolve('/stock/reorder')}?shelves=chain`}
				>{data.isWhole ? `${data.branch} alone` : 'the whole chain'}</a
			>.{data.isWhole ? ' Packs at any branch count as available: bring them over before you order.' : ''}
		</p>{/if}
	<p class="max-w-prose text-sm text-soft">
		By what was sold or fitted in the last {data.days} days, a delivery time of 7 days with a reserve, and 30 days that a
		delivery should last. Reserved packs count as gone, packs on order as here.
	</p>
	{#if data.rows.length === 0}
		<p>Nothing has to be ordered today.</p>
	{:else}
		<div class="panel overflow-x-auto">
			<table class="w-full text-sm">
				<thead class="text-left text-soft"
					><tr
						><th class="px-3 py-2 font-medium">product</th><th class="font-medium">order</th><th
							class="number text-right font-medium">pieces</th
						><th class="number px-2 text-right font-medium">cost</th><th class="number px-2 text-right font-medium"
							>available</th
						><th class="number px-2 text-right font-medium">reorder point</th><th
							class="number px-3 text-right font-medium">a month</th
						></tr
					></thead
				>
				<tbody>
					{#each data.rows as row (row.id)}
						<tr class="border-t border-line">
							<td class="px-3 py-1.5"
								><a class="link" href={resolve('/stock/[item]', { item: row.id })}>{row.name}</a>
								<span class="text-soft">{row.maker}</span></td
							>
							<td>{row.packs} × {row.pack.sku}</td>
							<td class="number text-right">{row.pieces}</td>
							<td class="number px-2 text-right whitespace-nowrap"
								>{row.cost === null ? 'not known' : shop.money(row.cost)}</td
							>
							<td class="number px-2 text-right">{row.free}</td>
							<td class="number px-2 text-right">{row.point}</td>
							<td class="number px-3 text-right">{(30 * row.perDay).toFixed(1)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
</main>
