<script lang="ts">
	import type { SheetsView } from '$lib/core/exchange';

	/** The rows that cannot be read, each with its column and why. */
	let { problems, total }: { problems: SheetsView['problems']; total: number } = $props();
</script>

<section class="panel p-4" aria-label="Problems">
	<table class="grid-table">
		<thead><tr><th>Sheet</th><th class="number">Row</th><th>Column</th><th>What is wrong</th></tr></thead>
		<tbody>
			{#each problems as problem, i (i)}
				<tr>
					<td>{problem.tab}</td>
					<td class="number">{problem.row > 0 ? problem.row : 'all'}</td>
					<td>{problem.column ?? 'whole row'}</td>
					<td>{problem.message}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if total > problems.length}<p class="mt-2 text-soft">The first {problems.length} of {total}.</p>{/if}
</section>
