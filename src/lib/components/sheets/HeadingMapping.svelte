<script lang="ts">
	import type { SheetsView } from '$lib/core/exchange';

	/** How the headings of one sheet are taken: each can be mapped to another column, or left alone. */
	let { tab, columns }: { tab: SheetsView['tabs'][number]; columns: Record<string, string[]> } = $props();

	/** Parts of a field's name, which may hold anything a heading may. */
	const APART = '\u001f';
	let sheet = $derived(tab.sheet as string);
</script>

<section class="panel p-4" aria-label={`Headings of ${tab.tab}`}>
	<div class="mb-2 flex flex-wrap items-center gap-3">
		<h2>{tab.tab} · {tab.rows} rows</h2>
		<label class="flex items-center gap-2 text-soft"
			>holds
			<select name={`sheet${APART}${tab.tab}`} class="field text-ink" bind:value={sheet}>
				{#each Object.keys(columns) as name (name)}<option>{name}</option>{/each}
			</select></label
		>
	</div>
	<div class="overflow-x-auto">
		<table class="grid-table">
			<thead><tr><th>Heading in the file</th><th>Taken as</th><th>First rows</th></tr></thead>
			<tbody>
				{#each tab.samples as { heading, cells } (heading)}
					<tr>
						<td>{heading}</td>
						<td>
							<select
								name={`map${APART}${tab.tab}${APART}${heading}`}
								aria-label={`${heading} is taken as`}
								class="field"
								value={tab.map[heading] ?? ''}
							>
								<option value="">left alone</option>
								{#each columns[sheet] ?? [] as column (column)}<option>{column}</option>{/each}
							</select>
						</td>
						<td class="text-soft">{cells.filter((cell) => cell !== '').join(' · ')}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</section>
