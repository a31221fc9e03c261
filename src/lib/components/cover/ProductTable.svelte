<script lang="ts">
	import { resolve } from '$app/paths';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import { whole } from './cover-words';

	interface Listed {
		id: string;
		name: string;
		maker: string;
		fits: string[];
		pieces: number;
		money: number;
		by?: { id: string; name: string };
		adds?: number;
		sockets?: number;
	}

	/** Products of the assortment, what lies in them, and a number of their own. */
	let { label, rows, what }: { label: string; rows: readonly Listed[]; what: 'adds' | 'by' | 'none' } = $props();

	const shop = shopFormats();
</script>

<ScrollPanel {label} class="max-h-72 p-3">
	<table class="w-full text-sm">
		<caption class="sr-only">{label}</caption>
		<thead class="sticky top-0 bg-panel text-left text-soft"
			><tr
				><th class="py-1 font-medium">product</th><th class="font-medium">fits</th>{#if what === 'by'}<th
						class="font-medium">same job done by</th
					>{/if}<th class="number text-right font-medium">pieces</th><th
					class="number px-2 text-right font-medium whitespace-nowrap">stock value</th
				>{#if what === 'adds'}<th class="number text-right font-medium">adds</th>{/if}</tr
			></thead
		>
		<tbody>
			{#each rows as row (row.id)}
				<tr class="border-t border-line">
					<td class="py-1"
						><a class="link" href={resolve('/stock/[item]', { item: row.id })}>{row.name}</a>
						<span class="text-soft">{row.maker} · {row.id}</span></td
					>
					<td>{row.fits.join(', ')}</td>
					{#if what === 'by'}<td
							>{#if row.by}<a class="link" href={resolve('/stock/[item]', { item: row.by.id })}>{row.by.name}</a>
								<span class="text-soft">{row.by.id}</span>{/if}</td
						>{/if}
					<td class="number text-right">{whole(row.pieces)}</td>
					<td class="number px-2 text-right whitespace-nowrap">{shop.money(row.money)}</td>
					{#if what === 'adds'}<td class="number text-right">{whole(row.adds ?? 0)}</td>{/if}
				</tr>
			{/each}
		</tbody>
	</table>
</ScrollPanel>
