<script lang="ts">
	import { counted } from '$lib/core/quantity';
	import { page } from '$app/state';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { actionWithAsked, whole } from '$lib/components/cover/cover-words';

	let { data, form } = $props();

	const SOURCES = {
		registered: ['On the road', 'vehicles, by a file'],
		asked: ['Asked for at the counter', 'questions; of who asked nothing is kept'],
		lost: ['Lost quotes', 'kits that were quoted and not taken']
	} as const;
	const problems = $derived(form && 'problems' in form ? (form.problems ?? []) : []);
</script>

<svelte:head><title>Demand · Cover · Rotalux</title></svelte:head>

<section class="panel p-3" aria-labelledby="known">
	<h2 id="known">What is known of demand</h2>
	<table class="mt-1 text-sm">
		<tbody>
			{#each Object.entries(SOURCES) as [source, [label, what]] (source)}
				{@const { rows, count } = data.totals[source as keyof typeof SOURCES]}
				<tr class="border-t border-line"
					><th scope="row" class="py-1 pr-4 text-left font-medium">{label}</th><td class="number pr-4 text-right"
						>{whole(count)}</td
					><td class="pr-4 text-soft">{what}</td><td class="number text-soft">{counted(rows, 'row')}</td></tr
				>
			{/each}
		</tbody>
	</table>
	<p class="mt-2 text-sm text-soft">
		Choose under “Weighted by” which of it counts. Sockets left open in kits are counted from the kits.
	</p>
</section>
<section class="panel grid gap-2 p-3" aria-labelledby="file">
	<h2 id="file">Vehicles on the road, from a file</h2>
	<p class="max-w-prose text-sm">
		CSV or XLSX with any of these headings: <b>configuration</b>, or <b>make</b>, <b>model</b>, <b>year</b>,
		<b>kind</b>, <b>market</b>; <b>function</b>; <b>count</b>. A row that means several configurations is shared among
		them evenly. The file takes the place of the one before.
	</p>
	<BusyForm action={actionWithAsked(page.url, 'registrations')} upload class="flex flex-wrap items-end gap-3">
		{#snippet children(busy)}
			<label class="grid gap-0.5 text-sm"
				>File <input type="file" name="file" accept=".csv,.tsv,.txt,.xlsx" class="field" /></label
			>
			<button class="button" data-main disabled={busy}>Take it in</button>
		{/snippet}
	</BusyForm>
	{#if form && 'refused' in form && form.refused}<Message text={form.refused} />{/if}
	{#if form && 'taken' in form && form.taken}
		<p role="status">
			{counted(form.taken.rows, 'row')} of {form.taken.name} taken in{form.taken.left > 0
				? `; ${counted(form.taken.left, 'row')} mean no vehicle on record or could not be read`
				: ''}.
		</p>
	{/if}
	{#if problems.length > 0}
		<ul class="grid gap-0.5 text-sm">
			{#each problems as { row, why } (row)}<li>Row {row}: {why}.</li>{/each}
		</ul>
	{/if}
</section>
