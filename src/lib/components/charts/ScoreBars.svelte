<script lang="ts">
	import type { ScorePart } from '$lib/core/match';

	/** A score opened into its parts: the number behind each, its points, its weight, and what it adds. */
	let { parts, total }: { parts: ScorePart[]; total: number } = $props();

	const weights = $derived(parts.reduce((sum, part) => sum + (part.points === null ? 0 : part.weight), 0));
	const adds = (part: ScorePart) =>
		part.points === null || weights === 0 ? 0 : (100 * part.weight * part.points) / weights;
</script>

<table class="grid-table">
	<caption class="sr-only">The score in its parts</caption>
	<thead>
		<tr
			><th scope="col">Criterion</th><th scope="col">What was found</th><th scope="col">Points</th><th
				scope="col"
				class="number">Weight</th
			><th scope="col" class="number">Adds</th><th scope="col">How points follow</th></tr
		>
	</thead>
	<tbody>
		{#each parts as part (part.id)}
			<tr>
				<td class="font-medium">{part.label}</td>
				<td>{part.shown}</td>
				<td class="whitespace-nowrap">
					{#if part.points === null}<span class="text-soft">does not count</span>{:else}
						<span class="inline-block h-2 w-20 rounded-sm bg-raised align-middle outline outline-line"
							><span class="block h-2 rounded-sm bg-sea" style:width={`${part.points * 100}%`}></span></span
						>
						{Math.round(part.points * 100)}
					{/if}
				</td>
				<td class="number">{part.weight}</td>
				<td class="number">{adds(part).toFixed(1)}</td>
				<td class="text-sm text-soft">{part.how}</td>
			</tr>
		{/each}
		<tr class="font-medium"><td colspan="4">Score</td><td class="number">{total}</td><td></td></tr>
	</tbody>
</table>
