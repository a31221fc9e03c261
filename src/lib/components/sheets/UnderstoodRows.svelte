<script lang="ts">
	import type { SheetsView } from '$lib/core/exchange';

	/** The first rows of a sheet as they were understood, before anything is written. */
	let { tab }: { tab: SheetsView['tabs'][number] } = $props();

	const { columns, rows } = $derived(tab.understood);
</script>

<section class="panel p-4" aria-label={`First rows of ${tab.tab}, as understood`}>
	<h2 class="mb-2">As understood: the first {rows.length} of {tab.rows} rows</h2>
	<div class="overflow-x-auto">
		<table class="grid-table dense">
			<thead
				><tr
					><th class="number">Row</th>{#each columns as column (column)}<th>{column}</th>{/each}<th>Problem</th></tr
				></thead
			>
			<tbody>
				{#each rows as row (row.number)}
					<tr>
						<td class="number text-soft">{row.number}</td>
						{#each row.cells as cell, i (i)}<td class="max-w-60 truncate">{cell}</td>{/each}
						<td class="text-refuse">{row.problems.join('; ')}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</section>
