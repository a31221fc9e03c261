<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import GoOn from '$lib/components/start/GoOn.svelte';
	import ImportProgress from '$lib/components/sheets/ImportProgress.svelte';
	import SheetPreview from '$lib/components/sheets/SheetPreview.svelte';
	import { counted } from '$lib/core/quantity';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();

	const outcome = $derived(data.job.outcome);
</script>

<svelte:head><title>Import of {data.job.name} · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-center gap-3">
		<h1 class="mr-auto">{data.job.name}</h1>
		<a class="button" href={resolve('/vehicles/import')}>Another file</a>
	</div>
	{#if form && 'message' in form}<Message text={String(form.message)} />{/if}
	{#if data.start && (outcome?.kind === 'written' || outcome?.kind === 'document')}<GoOn start={data.start} />{/if}
	{#if outcome === null}
		<ImportProgress
			address={resolve('/vehicles/import/[job]/state', { job: data.job.id })}
			start={data.job.progress}
			ondone={invalidateAll}
		/>
	{:else if outcome.kind === 'trouble'}
		<Message text={outcome.message} />
	{:else if outcome.kind === 'problems'}
		<Message text={outcome.message} />
		<table class="grid-table">
			<thead><tr><th>Where</th><th>What</th></tr></thead>
			<tbody>
				{#each outcome.problems as problem, i (i)}
					<tr><td><code class="break-all">{problem.path || 'file'}</code></td><td>{problem.message}</td></tr>
				{/each}
			</tbody>
		</table>
	{:else if outcome.kind === 'document'}
		<div class="panel grid gap-2 p-4" role="status">
			<p class="font-medium">
				{outcome.report.configurations} vehicles, {outcome.report.products} products, {outcome.report.accessories} accessories,
				{outcome.report.kits} kits taken in.
			</p>
			{#each outcome.report.kept as sentence (sentence)}<p class="text-soft">{sentence}</p>{/each}
			<ul class="grid gap-x-4 sm:grid-cols-3">
				{#each outcome.vehicles.slice(0, 60) as id (id)}
					<li><a class="link" href={resolve('/vehicles/[id]/walk/[[socket]]', { id })}>Open {id}</a></li>
				{/each}
			</ul>
		</div>
	{:else if outcome.kind === 'cancelled'}
		<p role="status" class="panel p-4">Stopped. Nothing was written.</p>
	{:else if outcome.kind === 'written'}
		<div class="panel grid gap-2 p-4" role="status">
			<p class="font-medium">
				{outcome.report.rows} rows taken in, in {counted(outcome.report.vehicles.length, 'vehicle')}{outcome.report
					.leftOut > 0
					? `; ${counted(outcome.report.leftOut, 'row')} left out`
					: ''}.
			</p>
			<ul class="grid gap-x-4 sm:grid-cols-3">
				{#each outcome.report.vehicles.slice(0, 60) as id (id)}
					<li><a class="link" href={resolve('/vehicles/[id]/walk/[[socket]]', { id })}>Open {id}</a></li>
				{/each}
			</ul>
		</div>
	{:else}
		{#each outcome.notes as note (note)}<p class="text-needs">{note}</p>{/each}
		<SheetPreview
			preview={outcome.preview}
			options={data.job.options}
			columns={data.columns}
			suppliers={data.suppliers}
		/>
	{/if}
</main>
