<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { percent, whole, withAsked } from './cover-words';

	interface Share {
		sockets: number;
		served: number;
		weight: number;
		servedWeight: number;
	}

	/** Lamp categories by functions: a cell is as wide as it is served, and opens into its sockets. */
	let {
		functions,
		rows
	}: {
		functions: readonly { id: string; label: string; mark: string; share: Share }[];
		rows: readonly { category: string; share: Share; cells: Readonly<Record<string, Share>> }[];
	} = $props();

	const to = (changed: Record<string, string | null>) => withAsked(page.url, resolve('/cover/places'), changed);
</script>

{#snippet bar({ weight, servedWeight }: Share)}
	<span class="mt-0.5 block h-1.5 w-full rounded-sm bg-line" aria-hidden="true"
		><span class="block h-1.5 rounded-sm bg-sea" style:width={weight > 0 ? `${(100 * servedWeight) / weight}%` : '0'}
		></span></span
	>
{/snippet}

<!-- eslint-disable svelte/no-navigation-without-resolve -- addresses of this room, resolved before the question is added -->
<ScrollPanel label="Served sockets, lamp category by function" class="max-h-[70vh]">
	<table class="text-sm">
		<caption class="sr-only">Served and all sockets, lamp category by function</caption>
		<thead class="sticky top-0 z-10 bg-panel">
			<tr>
				<th class="sticky left-0 bg-panel px-3 py-2 text-left">Category</th>
				<th class="px-2 text-right">all</th>
				{#each functions as { id, label, share } (id)}
					<th class="min-w-20 px-2 py-2 text-left align-bottom font-medium">
						<a class="link" href={to({ function: id, category: null, stands: 'open' })}>{label}</a>
						<span class="number block text-soft">{percent(share.servedWeight, share.weight)}</span>
					</th>
				{/each}
			</tr>
		</thead>
		<tbody>
			{#each rows as { category, share, cells } (category)}
				<tr class="border-t border-line">
					<th scope="row" class="sticky left-0 bg-panel px-3 py-1.5 text-left font-medium whitespace-nowrap"
						>{category}</th
					>
					<td class="number px-2 text-right whitespace-nowrap"
						><a class="link" href={to({ category, function: null, stands: 'open' })}
							>{percent(share.servedWeight, share.weight)}</a
						></td
					>
					{#each functions as { id, label } (id)}
						{@const cell = cells[id]}
						<td class="px-2 py-1">
							{#if cell}
								<a
									class="block rounded-sm px-1 hover:bg-sea-wash"
									href={to({ category, function: id, stands: cell.served < cell.sockets ? 'open' : 'served' })}
									aria-label={`${category}, ${label}: ${cell.served} of ${cell.sockets} served`}
									><span class="number block">{whole(cell.served)}/{whole(cell.sockets)}</span>{@render bar(cell)}</a
								>
							{/if}
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</ScrollPanel>
<!-- eslint-enable -->
