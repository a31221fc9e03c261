<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { counted } from '$lib/core/quantity';
	import CoverCurve from '$lib/components/cover/CoverCurve.svelte';
	import ProductTable from '$lib/components/cover/ProductTable.svelte';
	import { percent, withAsked } from '$lib/components/cover/cover-words';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	let { data } = $props();

	const shop = shopFormats();
	const view = $derived(data.assortment);
	const best = $derived(data.best);
	const choose = (k: number) =>
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- this page, asked otherwise
		goto(withAsked(page.url, page.url.pathname, { k }), { keepFocus: true, noScroll: true });
	const withAdds = $derived(
		best?.products.map((product) => ({
			...product,
			adds: view?.steps.find(({ id }) => id === product.id)?.adds ?? 0
		})) ?? []
	);
</script>

<svelte:head><title>Assortment · Cover · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve -- addresses of this room, resolved before the question is added -->
{#if view && best}
	<div class="flex flex-wrap items-center gap-4">
		<h2>What {counted(view.steps.length, 'product')} would serve, one after another</h2>
		<a
			class="link ml-auto text-sm"
			href={withAsked(page.url, resolve('/cover/[table].csv', { table: 'assortment' }), {})}>CSV</a
		>
	</div>
	<div class="grid items-start gap-3 lg:grid-cols-2">
		<section class="panel grid gap-2 p-3" aria-label="Cover against the number of products">
			<CoverCurve steps={view.steps} all={view.servable} k={data.k} onchoose={choose} />
			<p class="text-xs text-soft">
				Solid: each next product is the one that adds the most. Dashed: what no choice of as many can pass (proven).
			</p>
		</section>
		<section class="grid gap-2" aria-label="The best products">
			<div class="panel flex flex-wrap items-center gap-3 p-3">
				<label class="flex items-center gap-2"
					>The best
					<input
						type="number"
						class="field w-20"
						min="1"
						max="300"
						value={data.k}
						onchange={({ currentTarget }) => choose(Number(currentTarget.value))}
					/>
					products</label
				>
				<p role="status">
					serve <strong>{percent(best.served, view.servable)}</strong> of what can be served at all;
					{#if best.how === 'exact'}proven best.{:else}at most {percent(best.bound, view.servable)} is possible with as many
						(chosen one after another).{/if}
				</p>
			</div>
			<ProductTable label="The best products" rows={withAdds} what="adds" />
		</section>
	</div>
	<div class="grid items-start gap-3 lg:grid-cols-2">
		<section class="grid gap-1" aria-labelledby="idle">
			<h2 id="idle">
				Fit nothing on record: {counted(view.idle.length, 'product')}, {shop.money(view.dead.idle)} of {shop.money(
					view.dead.stock
				)} on the shelf
			</h2>
			<ProductTable label="Products that fit nothing on record" rows={view.idle} what="none" />
		</section>
		<section class="grid gap-1" aria-labelledby="doubles">
			<h2 id="doubles">
				Duplicates of a product that costs no more: {counted(view.doubles.length, 'product')}, {shop.money(
					view.dead.doubles
				)}
			</h2>
			<ProductTable label="Duplicates" rows={view.doubles} what="by" />
		</section>
	</div>
	{#if data.compared}
		{@const { both, onlyFirst, onlySecond, neither } = data.compared}
		<section class="panel p-3" aria-labelledby="compare">
			<h2 id="compare">The shelf as it is, beside the best {data.k} products of any catalogue</h2>
			<table class="mt-1 text-sm">
				<thead class="text-left text-soft"
					><tr
						><th class="pr-6 py-1 font-medium">sockets served by</th><th class="number text-right font-medium"
							>sockets</th
						></tr
					></thead
				>
				<tbody>
					{#each [['both', both], ['the shelf alone', onlyFirst], [`the best ${data.k} alone`, onlySecond], ['neither (another product would)', neither]] as const as [label, { sockets }] (label)}
						<tr class="border-t border-line"
							><th scope="row" class="py-1 pr-6 text-left font-normal">{label}</th><td class="number text-right"
								>{sockets}</td
							></tr
						>
					{/each}
				</tbody>
			</table>
		</section>
	{/if}
	<p class="text-xs text-soft">Stock value at what the shop paid; where no cost is on record, at the price it asks.</p>
{/if}
<!-- eslint-enable -->
