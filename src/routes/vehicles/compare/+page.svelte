<script lang="ts">
	import { resolve } from '$app/paths';
	import DifferenceTable from '$lib/components/identify/DifferenceTable.svelte';
	import VehicleCard from '$lib/components/vehicle/VehicleCard.svelte';

	let { data } = $props();
</script>

<svelte:head><title>Compare · Rotalux</title></svelte:head>

<main class="page">
	<h1>Side by side</h1>
	{#if data.vehicles.length < 2}
		<p>Two vehicles on record are needed. <a class="link" href={resolve('/vehicles/identify')}>Find them</a> first.</p>
	{:else}
		<ul class="grid gap-2 sm:grid-cols-3">
			{#each data.vehicles as vehicle (vehicle.id)}<li><VehicleCard {vehicle} /></li>{/each}
		</ul>
		{#if data.differences.length === 0}
			<p>As far as lamps, outputs and flasher are known, these are alike. They can be merged in Identify.</p>
		{:else}
			<h2>{data.differences.length} differences; everything else is the same</h2>
			<DifferenceTable differences={data.differences} vehicles={data.vehicles} />
		{/if}
	{/if}
</main>
