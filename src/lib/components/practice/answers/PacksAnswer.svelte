<script lang="ts">
	import type { PackOffer } from '$lib/core/practice';
	import { DEFAULT_CURRENCY, money } from '$lib/core/quantity';

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

	function put(id: string, count: number): void {
		const next = new Map(basket).set(id, Math.max(0, Math.min(MOST, Math.round(count) || 0)));
		chosen = [...next]
			.filter(([, packed]) => packed > 0)
			.map(([sku, packed]) => `${sku}=${packed}`)
			.join(' ');
	}
</script>

<table class="grid-table">
	<thead
		><tr><th scope="col">Pack</th><th scope="col" class="number">Price</th><th scope="col" class="number">Packs</th></tr
		></thead
	>
	<tbody>
		{#each packs as { id, words, price } (id)}
			<tr>
				<th scope="row" class="whitespace-normal!">{words}</th>
				<td class="number">{money(price, DEFAULT_CURRENCY)}</td>
				<td class="number">
					<input
						type="number"
						class="field w-16 text-right"
						min="0"
						max={MOST}
						inputmode="numeric"
						aria-label={`Packs of ${words}`}
						{disabled}
						value={basket.get(id) ?? 0}
						oninput={({ currentTarget }) => put(id, currentTarget.valueAsNumber)}
					/>
				</td>
			</tr>
		{/each}
	</tbody>
	<tfoot>
		<tr
			><th scope="row">Together</th><td class="number font-medium"><output>{money(total, DEFAULT_CURRENCY)}</output></td
			><td></td></tr
		>
	</tfoot>
</table>
