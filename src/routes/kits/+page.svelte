<script lang="ts">
	import { resolve } from '$app/paths';
	import KitTable from '$lib/components/kit/KitTable.svelte';
	import EmptyRoom from '$lib/components/ui/EmptyRoom.svelte';
	import Pages from '$lib/components/ui/Pages.svelte';
	import SearchLine from '$lib/components/ui/SearchLine.svelte';

	let { data } = $props();
</script>

<svelte:head><title>Kits · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex items-center justify-between gap-3">
		<h1>Kits</h1>
		<span class="flex gap-2">
			<a class="button" href={resolve('/sales')}>Kits for customers</a>
			<a class="button" href={resolve('/fittings')}>Fittings in the bay</a>
		</span>
	</div>
	{#if data.total === 0 && data.typed === ''}
		<EmptyRoom
			words="No kit is on record yet. A kit begins with a vehicle: open one, and let its stage Kit work it out."
		>
			<a class="button" data-main href={resolve('/vehicles')}>Choose a vehicle</a>
			<a class="button" href={resolve('/start')}>The first hour</a>
		</EmptyRoom>
	{:else}
		<SearchLine label="Search kits" placeholder="Name, code, make or model" typed={data.typed} />
		{#if data.kits.length === 0}<p>No kit answers to “{data.typed}”.</p>
		{:else}<div class="panel overflow-x-auto"><KitTable kits={data.kits} /></div>{/if}
		<Pages from={data.from} each={data.each} total={data.total} />
	{/if}
</main>
