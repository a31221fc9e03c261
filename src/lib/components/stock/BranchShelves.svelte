<script lang="ts">
	import { branchShelves, type PackThere } from '$lib/core/views';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';

	/** What lies of a thing at which branch, and a way to have some brought here. */
	let { packs, here }: { packs: readonly PackThere[]; here: string } = $props();

	const { price } = shopFormats();
	const shelves = $derived(branchShelves(packs, here));
</script>

<section class="panel grid gap-3 p-3" aria-label="At the branches">
	<h2>At the branches</h2>
	{#each shelves as { sku, there, sources } (sku)}
		<div class="grid gap-2 border-t border-line pt-2">
			<table class="w-full">
				<caption class="text-left font-semibold">{sku}</caption>
				<thead class="text-sm text-soft">
					<tr
						><th class="text-left font-normal" scope="col">Branch</th><th class="text-right font-normal" scope="col"
							>Packs</th
						><th class="text-right font-normal" scope="col">Price</th><th class="pl-3 text-left font-normal" scope="col"
							>Shelf</th
						></tr
					>
				</thead>
				<tbody>
					{#each there as row (row.name)}
						<tr class={{ 'font-semibold': row.name === here }}>
							<th scope="row" class="text-left font-[inherit]">{row.name}{row.name === here ? ', here' : ''}</th>
							<td class="number text-right">{row.stock ?? 'not counted'}</td>
							<td class="number text-right">{price(row.price)}</td>
							<td class="pl-3">{row.shelf ?? '–'}</td>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if sources.length > 0}
				<BusyForm action="?/bring" class="flex flex-wrap items-end gap-2"
					>{#snippet children(busy)}
						<input type="hidden" name="sku" value={sku} />
						<label class="grid gap-0.5 text-sm text-soft"
							>Packs <input
								name="packs"
								class="field w-16 text-base text-ink"
								inputmode="numeric"
								value="1"
								required
							/></label
						>
						<label class="grid gap-0.5 text-sm text-soft"
							>from <select name="from" class="field text-base text-ink">
								{#each sources as source (source.name)}<option value={source.branch ?? ''}
										>{source.name} ({source.stock})</option
									>{/each}
							</select></label
						>
						<button class="button" disabled={busy} aria-label="Bring packs of {sku} to {here}">Bring here</button>
					{/snippet}</BusyForm
				>
			{/if}
		</div>
	{/each}
	<p class="text-sm text-soft">Bring here writes both shelves; the packs themselves are carried by somebody.</p>
</section>
