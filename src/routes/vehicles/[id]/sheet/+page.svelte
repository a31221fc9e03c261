<script lang="ts">
	import { resolve } from '$app/paths';
	import Download from '@lucide/svelte/icons/download';
	import WalkPages from '$lib/components/record/WalkPages.svelte';
	import SheetMeaning from '$lib/components/sheets/SheetMeaning.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();

	const TABLES = ['vehicles', 'sockets', 'channels', 'evidence', 'units'];
	const id = $derived(data.vehicle.id);
</script>

<svelte:head><title>Spreadsheet · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid content-start gap-3 p-3">
	<section class="panel grid gap-3 p-3" aria-label="Out">
		<WalkPages {id} />
		<h2>Out</h2>
		<p class="text-soft">
			One row a socket, an output, a piece of evidence. What goes out comes in again as the same record. JSON takes the
			kits along.
		</p>
		<div class="flex flex-wrap gap-2">
			<a class="button" href={resolve('/vehicles/[id]/export.json', { id })} download>
				<Download class="size-4" aria-hidden="true" />JSON, with kits
			</a>
			<a class="button" href={resolve('/vehicles/[id]/sheet/vehicle.xlsx', { id })} download>
				<Download class="size-4" aria-hidden="true" />XLSX, all sheets
			</a>
			{#each TABLES as table (table)}
				<a class="button" href={resolve('/vehicles/[id]/sheet/[table].csv', { id, table })} download>
					<Download class="size-4" aria-hidden="true" />CSV, {table}
				</a>
			{/each}
		</div>
	</section>
	<BusyForm class="panel grid gap-3 p-3" upload
		>{#snippet children(busy)}
			<h2>In</h2>
			{#if form?.message}<Message text={form.message} />{/if}
			<label class="grid gap-0.5 text-sm text-soft"
				>Paste rows from a spreadsheet, with their headings
				<textarea
					name="pasted"
					rows="8"
					class="field text-base text-ink"
					placeholder="position&#9;side&#9;function&#9;bulb&#9;lens&#10;rear&#9;left&#9;turn&#9;PY21W&#9;clear"
				></textarea></label
			>
			<label class="grid gap-0.5 text-sm text-soft"
				>or choose a file, XLSX or CSV
				<input type="file" name="file" accept=".csv,.tsv,.txt,.xlsx" class="field py-1.5! text-base text-ink" /></label
			>
			<div class="flex flex-wrap items-end gap-3">
				<SheetMeaning suppliers={data.suppliers} source="listing" />
				<button class="button" data-main disabled={busy}>{busy ? 'Reading…' : 'Look at it first'}</button>
			</div>
			<p class="text-sm text-soft">
				Foreign headings are mapped on the next page. Values that count as evidence never overwrite a stronger source:
				where they differ, a question opens.
			</p>
		{/snippet}</BusyForm
	>
</main>
