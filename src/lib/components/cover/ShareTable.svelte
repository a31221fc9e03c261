<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { percent, whole, withAsked } from './cover-words';

	interface Row {
		key: string;
		label: string;
		sockets: number;
		served: number;
		weight: number;
		servedWeight: number;
	}

	/** Shares by one thing, each number a way to its sockets. `parameter` is what a row filters by; none where it filters by itself. */
	let {
		title,
		rows,
		parameter,
		weighed
	}: {
		title: string;
		rows: readonly Row[];
		/** Parameters of the address for a row. */
		parameter: (key: string) => Record<string, string | null>;
		/** True when sockets weigh differently. */
		weighed: boolean;
	} = $props();

	const to = (key: string, stands: string) =>
		withAsked(page.url, resolve('/cover/places'), { ...parameter(key), stands });
</script>

<!-- eslint-disable svelte/no-navigation-without-resolve -- addresses of this room, resolved before the question is added -->
<ScrollPanel label={`By ${title}`} class="max-h-80 p-3">
	<table class="w-full text-sm">
		<caption class="sr-only">{title}</caption>
		<thead class="sticky top-0 bg-panel text-left text-soft">
			<tr
				><th class="py-1 font-medium">{title}</th><th class="number text-right font-medium">sockets</th><th
					class="number text-right font-medium">served</th
				><th class="number text-right font-medium">open</th><th class="w-32 pl-2 font-medium"
					>share{weighed ? ', weighted' : ''}</th
				></tr
			>
		</thead>
		<tbody>
			{#each rows as row (row.key)}
				<tr class="border-t border-line">
					<th scope="row" class="py-1 text-left font-normal">{row.label}</th>
					<td class="number text-right">{whole(row.sockets)}</td>
					<td class="number text-right"><a class="link" href={to(row.key, 'served')}>{whole(row.served)}</a></td>
					<td class="number text-right"
						>{#if row.sockets > row.served}<a class="link" href={to(row.key, 'open')}
								>{whole(row.sockets - row.served)}</a
							>{:else}0{/if}</td
					>
					<td class="pl-2"
						><span class="flex items-center gap-1.5"
							><span class="h-2 w-14 rounded-sm bg-line" aria-hidden="true"
								><span
									class="block h-2 rounded-sm bg-sea"
									style:width={row.weight > 0 ? `${(100 * row.servedWeight) / row.weight}%` : '0'}
								></span></span
							><span class="number whitespace-nowrap">{percent(row.servedWeight, row.weight)}</span></span
						></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
</ScrollPanel>
<!-- eslint-enable -->
