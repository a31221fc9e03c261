<script lang="ts">
	import EmptyRoom from '$lib/components/ui/EmptyRoom.svelte';
	import { resolve } from '$app/paths';
	import Plus from '@lucide/svelte/icons/plus';
	import Search from '@lucide/svelte/icons/search';
	import Upload from '@lucide/svelte/icons/upload';
	import Pages from '$lib/components/ui/Pages.svelte';
	import VehicleCard from '$lib/components/vehicle/VehicleCard.svelte';

	let { data } = $props();
</script>

<svelte:head><title>Vehicles · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-end gap-3">
		<h1 class="mr-auto">Vehicles</h1>
		<form role="search" class="flex gap-2" action={resolve('/vehicles/identify')}>
			<input type="search" name="q" class="field w-72" aria-label="Search" placeholder="make, model, year, or a VIN" />
			<button class="button" data-main><Search class="size-4" aria-hidden="true" />Identify</button>
		</form>
		<a class="button" href={resolve('/vehicles/new')}><Plus class="size-4" aria-hidden="true" />New vehicle</a>
		<a class="button" href={resolve('/vehicles/import')}><Upload class="size-4" aria-hidden="true" />Import a file</a>
	</div>
	{#if data.total === 0}
		<EmptyRoom
			words="No vehicle is on record yet. Each will stand here as a wheel of its sockets, in the light that leaves them."
		>
			<a class="button" data-main href={resolve('/vehicles/new')}>Add a vehicle</a>
			<a class="button" href={resolve('/vehicles/import')}>Import a file</a>
		</EmptyRoom>
	{/if}
	<ul class="grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
		{#each data.vehicles as vehicle (vehicle.id)}<li><VehicleCard {vehicle} /></li>{/each}
	</ul>
	<Pages from={data.from} each={data.each} total={data.total} />
</main>
