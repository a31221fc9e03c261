<script lang="ts">
	import { resolve } from '$app/paths';
	import KitTable from '$lib/components/kit/KitTable.svelte';
	import Pages from '$lib/components/ui/Pages.svelte';
	import SearchLine from '$lib/components/ui/SearchLine.svelte';

	let { data } = $props();
</script>

<svelte:head><title>Kits · Rotalux</title></svelte:head>

<main class="grid max-w-5xl gap-4 p-6">
	<div class="flex items-center justify-between gap-3">
		<h1>Kits</h1>
		<span class="flex gap-2">
			<a class="button" href={resolve('/sales')}>Kits for customers</a>
			<a class="button" href={resolve('/fittings')}>Fittings in the bay</a>
		</span>
	</div>
	{#if data.total === 0 && data.typed === ''}
		<p>
			No kit is on record yet. Open a <a class="link" href={resolve('/vehicles')}>vehicle</a> and its stage Kit to start one.
		</p>
	{:else}
		<SearchLine label="Search kits" placeholder="Name, code, make or model" typed={data.typed} />
		{#if data.kits.length === 0}<p>No kit answers to “{data.typed}”.</p>
		{:else}<div class="panel overflow-x-auto"><KitTable kits={data.kits} /></div>{/if}
		<Pages from={data.from} each={data.each} total={data.total} />
	{/if}
</main>
