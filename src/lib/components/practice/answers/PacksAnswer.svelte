<script lang="ts">
	import type { PackOffer } from '$lib/core/practice';
	import { amount, DEFAULT_CURRENCY, money } from '$lib/core/quantity';

	/** Packs put into a kit, with what they come to. */
	let {
		packs,
		chosen = $bindable(),
		disabled
	}: { packs: readonly PackOffer[]; chosen: string; disabled: boolean } = $props();

	const MOST = 40;
	const basket = $derived(
		new Map(
			chosen
				.split(' ')
				.filter(Boolean)
				.map((one) => one.split('='))
				.map(([id = '', count]) => [id, Number(count)])
		)
	);
	const total = $derived(packs.reduce((sum, { id, price }) => sum + price * (basket.get(id) ?? 0), 0));

	const counts = $derived([...new Set(packs.map(({ count }) => count))].sort((a, b) => a - b));
	const things = $derived([...new Set(packs.map(({ of }) => of))]);
	const price = (minor: number) => amount(minor, DEFAULT_CURRENCY);

	function put(id: string, count: number): void {
		const packed = Math.max(0, Math.min(MOST, Math.round(count) || 0));
		chosen = packs
			.map((pack) => ({ sku: pack.id, now: pack.id === id ? packed : (basket.get(pack.id) ?? 0) }))
			.filter(({ now }) => now > 0)
			.map(({ sku, now }) => `${sku}=${now}`)
			.join(' ');
	}
</script>

<table class="grid-table">
	<thead>
		<tr
			><th scope="col">Item</th>{#each counts as count (count)}<th scope="col" class="number"
					>{count === 1 ? 'One by one' : `Packs of ${count}`}</th
				>{/each}</tr
		>
	</thead>
	<tbody>
		{#each things as of (of)}
			<tr>
				<th scope="row" class="whitespace-normal!">{of}</th>
				{#each counts as count (count)}
					{@const pack = packs.find((one) => one.of === of && one.count === count)}
					<td class="number">
						{#if pack}
							<label class="inline-flex items-center gap-1.5">
								<span>{price(pack.price)}</span>
								<input
									type="number"
									class="field w-14 text-right"
									min="0"
									max={MOST}
									inputmode="numeric"
									aria-label={`Packs of ${pack.words}`}
									{disabled}
									value={basket.get(pack.id) ?? 0}
									oninput={({ currentTarget }) => put(pack.id, currentTarget.valueAsNumber)}
								/>
							</label>
						{/if}
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>
<p class="text-right">Total <output class="font-medium">{money(total, DEFAULT_CURRENCY)}</output></p>
