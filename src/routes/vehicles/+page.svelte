<script lang="ts">
	import { resolve } from '$app/paths';
	import Upload from '@lucide/svelte/icons/upload';
	import VehicleCard from '$lib/components/vehicle/VehicleCard.svelte';

	let { data } = $props();

	let words = $state('');
	const found = $derived(
		data.vehicles.filter((v) =>
			words
				.toLowerCase()
				.split(/\s+/)
				.every((word) => `${v.name} ${v.kind} ${v.market}`.toLowerCase().includes(word))
		)
	);
</script>

<svelte:head><title>Vehicles · Rotalux</title></svelte:head>

<main class="grid max-w-5xl gap-4 p-6">
	<div class="flex flex-wrap items-end gap-3">
		<h1 class="mr-auto">Vehicles</h1>
		<label class="flex items-center gap-2"
			>Search <input type="search" class="field" bind:value={words} placeholder="make, model, year" /></label
		>
		<a class="button" href={resolve('/vehicles/import')}><Upload class="size-4" aria-hidden="true" />Import a file</a>
	</div>
	{#if data.vehicles.length === 0}
		<p>
			No vehicle is on record yet. <a class="link" href={resolve('/vehicles/import')}>Import a rotalux/1 file</a> to begin.
		</p>
	{:else if found.length === 0}
		<p>None of the {data.vehicles.length} vehicles answers to “{words}”.</p>
	{/if}
	<ul class="grid gap-2 sm:grid-cols-2">
		{#each found as vehicle (vehicle.id)}<li><VehicleCard {vehicle} /></li>{/each}
	</ul>
</main>
