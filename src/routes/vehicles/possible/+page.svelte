<script lang="ts">
	import { resolve } from '$app/paths';
	import VerdictTag from '$lib/components/ui/VerdictTag.svelte';
	import VehicleCard from '$lib/components/vehicle/VehicleCard.svelte';

	let { data } = $props();

	const served = $derived(data.across.places.filter((place) => place.best.length > 0).length);
</script>

<svelte:head><title>What fits all · Rotalux</title></svelte:head>

<main class="page page-list">
	<h1>What fits, whichever of these {data.across.vehicles.length} it is</h1>
	{#if data.across.vehicles.length === 0}
		<p>
			None of these vehicles is on record. <a class="link" href={resolve('/vehicles/identify')}>Identify one</a> first.
		</p>
	{:else}
		<ul class="grid gap-2 sm:grid-cols-3">
			{#each data.across.vehicles as vehicle (vehicle.id)}
				<li><VehicleCard {vehicle} /></li>
			{/each}
		</ul>
		<p class="text-soft">
			{served} of {data.across.places.length} places have a lamp that is not refused in any of them. The verdict is the worst
			of all; where the lamp category differs, look at the lamp before selling.
		</p>
		<table class="grid-table">
			<thead><tr><th>Place</th><th>Lamp category</th><th>Fits all of them</th></tr></thead>
			<tbody>
				{#each data.across.places as place (place.name)}
					{@const alike = place.categories.every((c) => c === place.categories[0])}
					<tr>
						<td>{place.name}</td>
						<td class={alike ? '' : 'text-needs'}>
							{alike ? (place.categories[0] ?? 'not known') : place.categories.map((c) => c ?? 'none').join(' / ')}
						</td>
						<td>
							{#each place.best as lamp, i (i)}
								<span class="mr-4 inline-flex items-center gap-2"
									><VerdictTag verdict={lamp.verdict} /> {lamp.maker} {lamp.name}</span
								>
							{:else}
								<span class="text-soft">nothing: find out which one it is</span>
							{/each}
							{#if place.others > 0}<span class="text-soft">and {place.others} more</span>{/if}
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</main>
