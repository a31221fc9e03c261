<script lang="ts">
	import { shopFormats } from './shop-formats';

	const { price } = shopFormats();

	/** Packs of an article: pieces, price and packs on the shelf. */
	let { packs }: { packs: { sku: string; count: number; price: number; stock: number | null }[] } = $props();
</script>

{#each packs as pack (pack.sku)}
	<span class="grid grid-cols-[2rem_3.5rem_4.2rem] justify-end gap-1.5 text-right whitespace-nowrap">
		<span>{pack.count} ×</span><span>{price(pack.price)}</span>
		<span class="text-soft"
			>{pack.stock === null ? 'not known' : pack.stock === 0 ? 'none' : `${pack.stock} packs`}</span
		>
	</span>
{/each}
