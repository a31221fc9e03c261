<script lang="ts">
	import { money } from './money';

	/** Packs of an article: pieces, price and packs on the shelf. */
	let {
		packs,
		currency
	}: { packs: { sku: string; count: number; price: number; stock: number | null }[]; currency: string } = $props();
</script>

{#each packs as pack (pack.sku)}
	<span class="grid grid-cols-[2.5rem_6rem_5rem] justify-end gap-2 text-right whitespace-nowrap">
		<span>{pack.count} ×</span><span>{money(pack.price, currency)}</span>
		<span class="text-soft"
			>{pack.stock === null ? 'not known' : pack.stock === 0 ? 'none' : `${pack.stock} packs`}</span
		>
	</span>
{/each}
