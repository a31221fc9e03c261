<script lang="ts">
	import { DOUBTFUL_EFFICACY } from '$lib/core/optics';
	import { counted } from '$lib/core/quantity';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import ClaimList from '$lib/components/stock/ClaimList.svelte';
	import PackList from '$lib/components/ui/PackList.svelte';
	import Pages from '$lib/components/ui/Pages.svelte';
	import SearchLine from '$lib/components/ui/SearchLine.svelte';
	import SortHeading from '$lib/components/ui/SortHeading.svelte';

	let { data } = $props();

	const COLUMNS = [
		{ id: 'product', header: 'Product', number: false },
		{ id: 'fits', header: 'Made for', number: false },
		{ id: 'light', header: 'Light', number: false },
		{ id: 'watts', header: 'Power', number: true },
		{ id: 'lumens', header: 'Flux, derated', number: true },
		{ id: 'price', header: 'Packs', number: true }
	] as const;

	const found = $derived(data.total.products + data.total.accessories);
	const sortedBy = $derived(data.by ?? 'product');

	/** The same page with something of its wish changed; it begins at the first row again. */
	function wish(changes: Record<string, string | null>): void {
		const kept = [...page.url.searchParams].filter(([name]) => name !== 'page' && !(name in changes));
		const added = Object.entries(changes).flatMap(([name, value]) => (value === null ? [] : [[name, value]]));
		const query = new URLSearchParams([...kept, ...added]).toString();
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with the query added
		void goto(resolve('/stock') + (query ? `?${query}` : ''), { keepFocus: true, noScroll: true, replaceState: true });
	}
	const sort = (id: string) => wish({ by: id, down: id === sortedBy && !data.down ? '' : null });
</script>

<svelte:head><title>Stock · Rotalux</title></svelte:head>

<main class="page">
	<div class="flex flex-wrap items-end gap-3">
		<h1 class="mr-auto">Stock</h1>
		<a class="button" href={resolve('/stock/new')}>New product</a>
		<a class="button" href={resolve('/stock/supplier')}>Prices and stock</a>
		<a class="button" href={resolve('/stock/reorder')}>What to order</a>
		<a class="button" href={resolve('/vehicles/import')}>Import a list</a>
		<a class="button" href={resolve('/stock/[table].csv', { table: 'products' })} download>CSV</a>
		<a class="button" href={resolve('/stock/stock.xlsx')} download>XLSX</a>
		<label class="flex min-h-6 items-center gap-2">
			<input
				type="checkbox"
				class="size-4"
				checked={data.doubted}
				onchange={(event) => wish({ doubted: event.currentTarget.checked ? '' : null })}
			/>With claims to look at
		</label>
		<SearchLine label="Search" placeholder="SKU, maker, category, colour" typed={data.typed} />
	</div>
	<p class="text-soft" aria-live="polite">
		{counted(data.total.products, 'product')} and {counted(
			data.total.accessories,
			'accessory',
			'accessories'
		)}{data.typed ? ` answer to “${data.typed}”${data.more ? ', and more: type more of it' : ''}` : ''}. A claimed flux
		is the maker's word; the derated one is measured, or the claim per lamp but at most {DOUBTFUL_EFFICACY} lm per watt.
	</p>
	{#if found === 0 && data.typed === '' && !data.doubted}
		<p>
			Nothing is in stock yet. <a class="link" href={resolve('/vehicles/import')}>Import a rotalux/1 file</a> with products
			to begin.
		</p>
	{:else if found === 0}
		<p>Nothing in stock answers to {data.typed ? `“${data.typed}”` : 'this'}.</p>
	{/if}
	{#if data.products.length > 0}
		<div class="panel overflow-x-auto">
			<table class="grid-table">
				<caption class="sr-only">Products</caption>
				<thead>
					<tr>
						{#each COLUMNS as { id, header, number } (id)}
							<SortHeading
								text={id === 'price' ? `Packs, ${data.currency}` : header}
								{number}
								sorted={id === sortedBy && (data.down ? 'desc' : 'asc')}
								onsort={() => sort(id)}
							/>
						{/each}
					</tr>
				</thead>
				<tbody>
					{#each data.products as p (p.id)}
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
	{#if data.accessories.length > 0}
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
					{#each data.accessories as a (a.id)}
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
	<Pages from={data.from} each={data.each} total={Math.max(data.total.products, data.total.accessories)} />
</main>
