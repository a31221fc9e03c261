<script lang="ts">
	import EmptyRoom from '$lib/components/ui/EmptyRoom.svelte';
	import { resolve } from '$app/paths';
	import { STATE_WORDS } from '$lib/components/sales/sale-words';
	import Pages from '$lib/components/ui/Pages.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	let { data } = $props();
	const shop = shopFormats();
</script>

<svelte:head><title>Sales · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-center gap-3">
		<a class="link" href={resolve('/kits')}>Kits</a>
		<h1 class="mr-auto">Kits for customers</h1>
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- this page, all of it -->
		<a class="button" href={data.isAll ? resolve('/sales') : `${resolve('/sales')}?all`}
			>{data.isAll ? 'Open ones only' : 'All of them'}</a
		>
		<a class="button" data-main href={resolve('/sales/new')}>Quote a kit</a>
	</div>
	{#if data.total === 0}
		<EmptyRoom
			words="No kit is sold or quoted yet. A released kit is quoted by its code, and its packs are kept for it."
		>
			<a class="button" data-main href={resolve('/sales/new')}>Quote a kit</a>
			<a class="button" href={resolve('/kits')}>Kits</a>
		</EmptyRoom>
	{:else}
		<div class="panel overflow-x-auto">
			<table class="w-full">
				<thead class="text-left text-soft"
					><tr
						><th class="px-3 py-2 font-medium">Sale</th><th class="font-medium">Vehicle</th><th class="font-medium"
							>State</th
						><th class="font-medium">Reserved until</th><th class="font-medium">Customer</th><th
							class="number px-3 text-right font-medium">Price</th
						></tr
					></thead
				>
				<tbody>
					{#each data.sales as sale (sale.id)}
						<tr class="border-t border-line">
							<td class="px-3 py-2"><a class="link" href={resolve('/sales/[sale]', { sale: sale.id })}>{sale.id}</a></td
							>
							<td>{sale.vehicle}</td>
							<td>{STATE_WORDS[sale.state]}</td>
							<td>{sale.reservedUntil ?? ''}</td>
							<td>{sale.customer ?? ''}</td>
							<td class="number px-3 text-right">{shop.money(sale.price)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		<Pages from={data.from} each={data.each} total={data.total} />
	{/if}
</main>
