<script lang="ts">
	import type { SheetsView, SheetOptionsView } from '$lib/core/exchange';
	import { counted } from '$lib/core/quantity';
	import BusyForm from '../ui/BusyForm.svelte';
	import HeadingMapping from './HeadingMapping.svelte';
	import ProblemTable from './ProblemTable.svelte';
	import SheetMeaning from './SheetMeaning.svelte';
	import UnderstoodRows from './UnderstoodRows.svelte';

	/** What a spreadsheet would do: how its headings are taken, which rows cannot be read, and what would change. */
	let {
		preview,
		options,
		columns,
		suppliers
	}: {
		preview: SheetsView;
		options: SheetOptionsView;
		columns: Record<string, string[]>;
		suppliers: string[];
	} = $props();

	const stock = $derived(
		(['products', 'accessories'] as const).filter((shelf) => preview[shelf].added + preview[shelf].changed > 0)
	);
	const vehicles = $derived(preview.newVehicles.length + preview.changedVehicles.length);
	const ready = $derived((vehicles > 0 || stock.length > 0) && (preview.problemCount === 0 || options.leaveOut));
	const good = $derived(preview.rows - preview.badRows);
</script>

<BusyForm class="grid gap-4" action="?/look"
	>{#snippet children(busy)}
		<input type="hidden" name="configuration" value={options.configuration ?? ''} />
		<section class="panel grid gap-2 p-4" aria-label="What would be written">
			<p class="text-lg">
				{preview.rows} rows: {preview.newVehicles.length} new and {preview.changedVehicles.length} changed vehicles,
				{preview.sockets.added} sockets added, {preview.sockets.changed} changed{#each stock as shelf (shelf)}, {preview[
						shelf
					].added} new and {preview[shelf].changed}
					changed {shelf}{/each}.
			</p>
			{#if preview.problemCount > 0}
				<p class="text-refuse">
					{counted(preview.problemCount, 'problem')} in {counted(preview.badRows, 'row')}. Put them right in the file,
					map a heading otherwise, or leave those rows out.
				</p>
				<label class="flex min-h-6 items-center gap-2">
					<input type="checkbox" name="leaveOut" value="yes" checked={options.leaveOut} />
					Leave {counted(preview.badRows, 'row')} out and take the other {good}
				</label>
			{:else if vehicles === 0 && stock.length === 0}
				<p class="text-soft">Nothing in it is new, or no heading was recognised.</p>
			{/if}
			<div class="flex flex-wrap items-end gap-3">
				<SheetMeaning
					{suppliers}
					supplier={options.supplier}
					source={options.source}
					kind={options.kind ?? null}
					isSingle={options.isSingle ?? false}
				/>
				<button class="button" disabled={busy}>Look again</button>
				<button class="button" data-main formaction="?/accept" disabled={busy || !ready}>Take it in</button>
			</div>
			<p class="text-sm text-soft">Nothing is written until you take it in; then everything is, or nothing.</p>
		</section>
		{#if preview.problems.length > 0}<ProblemTable problems={preview.problems} total={preview.problemCount} />{/if}
		{#each preview.tabs as tab (tab.tab)}
			<HeadingMapping {tab} {columns} />
			<UnderstoodRows {tab} />
		{/each}
	{/snippet}</BusyForm
>
