<script lang="ts">
	import type { LampCategory } from '$lib/core/lamps';

	let { data } = $props();

	let words = $state('');
	const text = (c: LampCategory) =>
		[c.category, ...c.aka, ...(c.nicknames ?? []), ...(c.related ?? []), ...c.caps, ...c.functions, c.glass]
			.join(' ')
			.toLowerCase();
	const found = $derived(
		data.categories.filter((c) =>
			words
				.toLowerCase()
				.split(/\s+/)
				.every((word) => text(c).includes(word))
		)
	);
	const pair = (major: number | undefined, minor: number | undefined) =>
		major === undefined ? '–' : minor === undefined ? String(major) : `${major} / ${minor}`;
</script>

<svelte:head><title>Reference · Rotalux</title></svelte:head>

<main class="grid gap-4 p-6">
	<div class="flex flex-wrap items-end gap-3">
		<h1 class="mr-auto">Lamp categories</h1>
		<label class="flex items-center gap-2">
			Search <input type="search" class="field w-72" bind:value={words} placeholder="P21W, 1156, BA15s, fog" />
		</label>
	</div>
	<p class="text-soft" aria-live="polite">
		{found.length} of {data.categories.length} categories. Facts of the UN and SAE standards; low confidence counts as not
		known until somebody confirms it in hand.
	</p>
	{#if found.length === 0}<p>No lamp category answers to “{words}”.</p>{/if}
	<div class="panel overflow-x-auto">
		<table class="grid-table">
			<caption class="sr-only">Lamp categories</caption>
			<thead>
				<tr>
					<th scope="col">Category</th><th scope="col">Also</th><th scope="col">Cap</th><th scope="col" class="number"
						>Filaments</th
					>
					<th scope="col" class="number">Power, W</th><th scope="col" class="number">Flux, lm</th><th scope="col"
						>Glass</th
					>
					<th scope="col" class="number">Length, mm</th><th scope="col">Notes</th><th scope="col">Confidence</th>
				</tr>
			</thead>
			<tbody>
				{#each found as c (c.category)}
					<tr>
						<td class="font-medium whitespace-nowrap"
							>{c.category} <span class="font-normal text-soft">{c.system}</span></td
						>
						<td>{[...c.aka, ...(c.nicknames ?? [])].join(', ')}</td>
						<td class="whitespace-nowrap">{c.caps.join(' or ')}</td>
						<td class="number">{c.filaments ?? '–'}</td>
						<td class="number">{pair(c.watts, c.wattsMinor)}</td>
						<td class="number">{pair(c.lumens, c.lumensMinor)}</td>
						<td>{c.glass}</td>
						<td class="number">{c.length ?? '–'}</td>
						<td class="max-w-md text-sm">{c.notes}</td>
						<td>{c.confidence}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</main>
