<script lang="ts">
	import { DOUBTFUL_EFFICACY } from '$lib/core/optics';
	import { counted } from '$lib/core/quantity';
	import { resolve } from '$app/paths';
	import { createTable } from '@tanstack/svelte-table';
	import ClaimList from '$lib/components/stock/ClaimList.svelte';
	import PackList from '$lib/components/ui/PackList.svelte';
	import { sortable } from '$lib/components/ui/sorting';
	import SortHeading from '$lib/components/ui/SortHeading.svelte';

	let { data } = $props();

	type Product = (typeof data.products)[number];

	let words = $state('');
	let doubted = $state(false);
	const typed = $derived(words.toLowerCase().split(/\s+/).filter(Boolean));
	const has = (text: string) => typed.every((word) => text.toLowerCase().includes(word));
	const products = $derived(
		data.products.filter(
			(p) => has(`${p.id} ${p.maker} ${p.name} ${p.fits} ${p.light}`) && (!doubted || p.claims.length > 0)
		)
	);
	const accessories = $derived(data.accessories.filter((a) => has(`${a.id} ${a.name} ${a.kind}`)));

	const table = createTable({
		features: sortable,
		columns: [
			{
				id: 'product',
				header: 'Product',
				accessorFn: (p: Product) => `${p.maker} ${p.name}`,
				sortFn: 'alphanumeric' as const
			},
			{ id: 'fits', header: 'Made for', accessorFn: (p: Product) => p.fits, sortFn: 'alphanumeric' as const },
			{ id: 'light', header: 'Light', accessorFn: (p: Product) => p.light, sortFn: 'alphanumeric' as const },
			{ id: 'watts', header: 'Power', accessorFn: (p: Product) => p.watts ?? 0, sortFn: 'basic' as const },
			{
				id: 'flux',
				header: 'Flux, derated',
				accessorFn: (p: Product) => p.derated?.lumens ?? 0,
				sortFn: 'basic' as const
			},
			{ id: 'packs', header: 'Packs', accessorFn: (p: Product) => p.packs[0]?.price ?? 0, sortFn: 'basic' as const }
		],
		get data() {
			return products;
		}
	});
	const numbers: ReadonlySet<string> = new Set(['watts', 'flux', 'packs']);
</script>

<svelte:head><title>Stock · Rotalux</title></svelte:head>

<main class="grid gap-4 p-6">
	<div class="flex flex-wrap items-end gap-3">
		<h1 class="mr-auto">Stock</h1>
		<a class="button" href={resolve('/stock/new')}>New product</a>
		<a class="button" href={resolve('/stock/supplier')}>Prices and stock</a>
		<a class="button" href={resolve('/vehicles/import')}>Import a list</a>
		<a class="button" href={resolve('/stock/[table].csv', { table: 'products' })} download>CSV</a>
		<a class="button" href={resolve('/stock/stock.xlsx')} download>XLSX</a>
		<label class="flex min-h-6 items-center gap-2">
			<input type="checkbox" class="size-4" bind:checked={doubted} />With claims to look at
		</label>
		<label class="flex items-center gap-2">
			Search <input type="search" class="field w-72" bind:value={words} placeholder="SKU, maker, category, colour" />
		</label>
	</div>
	<p class="text-soft" aria-live="polite">
		{products.length} of {data.products.length} products, {accessories.length} of {data.accessories.length} accessories. A
		claimed flux is the maker's word; the derated one is measured, or the claim per lamp but at most {DOUBTFUL_EFFICACY} lm
		per watt.
	</p>
	{#if data.products.length === 0 && data.accessories.length === 0}
		<p>
			Nothing is in stock yet. <a class="link" href={resolve('/vehicles/import')}>Import a rotalux/1 file</a> with products
			to begin.
		</p>
	{:else if products.length === 0 && accessories.length === 0}
		<p>Nothing in stock answers to “{words}”.</p>
	{/if}
	{#if products.length > 0}
		<div class="panel overflow-x-auto">
			<table class="grid-table">
				<caption class="sr-only">Products</caption>
				<thead>
					<tr>
						{#each table.getHeaderGroups()[0]?.headers ?? [] as header (header.id)}
							<SortHeading
								text={header.column.id === 'packs' ? `Packs, ${data.currency}` : String(header.column.columnDef.header)}
								number={numbers.has(header.column.id)}
								sorted={header.column.getIsSorted()}
								onsort={header.column.getToggleSortingHandler()}
							/>
						{/each}
					</tr>
				</thead>
				<tbody>
					{#each table.getRowModel().rows as row (row.original.id)}
						{@const p = row.original}
						<tr>
							<td
								><a class="link font-medium" href={resolve('/stock/[item]', { item: p.id })}>{p.maker} {p.name}</a>
								<span class="block text-sm text-soft"
									>{p.id}{p.withdrawn ? ', no longer offered' : ''}{p.complaints > 0
										? `, ${counted(p.complaints, 'open complaint')}`
										: ''}</span
								>
								<ClaimList claims={p.claims} /></td
							>
							<td>{p.fits}</td>
							<td class="whitespace-nowrap">{p.light}</td>
							<td class="number">{p.watts === null ? 'not given' : `${p.watts} W`}</td>
							<td class="number">
								{#if p.derated}{Math.round(p.derated.lumens)} lm
									<span class="text-sm text-soft">{p.derated.basis}</span>{:else}–{/if}
								{#if p.claimed && p.derated?.basis === 'capped'}<span class="block text-sm text-soft"
										>claim: {p.claimed}</span
									>{/if}
							</td>
							<td class="number"><PackList packs={p.packs} /></td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
	{#if accessories.length > 0}
		<h2>Accessories</h2>
		<div class="panel overflow-x-auto">
			<table class="grid-table">
				<thead
					><tr
						><th scope="col">Accessory</th><th scope="col">Kind</th><th scope="col">One serves</th><th
							scope="col"
							class="number">Packs</th
						></tr
					></thead
				>
				<tbody>
					{#each accessories as a (a.id)}
						<tr>
							<td
								><a class="link font-medium" href={resolve('/stock/[item]', { item: a.id })}>{a.name}</a>
								<span class="block text-sm text-soft">{a.id}</span></td
							>
							<td>{a.kind.replace('-', ' ')}</td>
							<td>a {a.scope}</td>
							<td class="number"><PackList packs={a.packs} /></td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
</main>
