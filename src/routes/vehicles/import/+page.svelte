<script lang="ts">
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import SheetMeaning from '$lib/components/sheets/SheetMeaning.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();
</script>

<svelte:head><title>Import · Rotalux</title></svelte:head>

<main class="page page-reading">
	<h1>Import</h1>
	<p>
		A rotalux/1 file (JSON) is taken whole or not at all: vehicles, products, accessories and kits with an id that is
		known take the place of the old ones; what it does not mention stays. A spreadsheet (XLSX or CSV) of vehicles,
		sockets, outputs or evidence is shown first, with every row that cannot be read; nothing is written until you
		accept. Released kits never change.
	</p>
	<BusyForm class="panel grid gap-3 p-4" upload
		>{#snippet children(busy)}
			<div class="flex flex-wrap items-end gap-3">
				<label class="grid gap-1 font-medium">
					File, at most 10 MB
					<input
						type="file"
						name="file"
						accept=".json,.csv,.tsv,.txt,.xlsx,application/json"
						required
						class="field py-1.5! font-normal"
					/>
				</label>
				<button class="button" data-main disabled={busy}>{busy ? 'Reading the file…' : 'Import'}</button>
			</div>
			<SheetMeaning suppliers={data.suppliers} />
		{/snippet}</BusyForm
	>
	{#if form?.message}
		<Message text={form.message} />
	{/if}
</main>
