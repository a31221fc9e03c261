<script lang="ts">
	import type { Difference } from '$lib/core/identify';

	/** What configurations differ in, side by side. */
	let { differences, vehicles }: { differences: Difference[]; vehicles: { id: string; name: string }[] } = $props();
</script>

<div class="overflow-x-auto">
	<table class="grid-table">
		<thead>
			<tr>
				<th scope="col">Where</th>
				<th scope="col">What</th>
				{#each vehicles as vehicle (vehicle.id)}<th scope="col" class="whitespace-normal!">{vehicle.name}</th>{/each}
			</tr>
		</thead>
		<tbody>
			{#each differences as difference, i (i)}
				<tr>
					<td>{difference.place}</td>
					<td class="text-soft">{difference.fact}</td>
					{#each difference.values as value, v (v)}<td>{value}</td>{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
