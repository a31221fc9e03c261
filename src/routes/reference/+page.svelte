<script lang="ts">
	import { pressed } from '$lib/client/shortcuts';
	import CategoryDetail from '$lib/components/reference/CategoryDetail.svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import LampOutline from '$lib/components/lamps/LampOutline.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import type { LampCategory } from '$lib/core/lamps';

	let { data } = $props();

	let words = $derived(page.url.searchParams.get('q') ?? '');
	let picked = $state<string | null>(null);

	const text = (c: LampCategory) =>
		[c.category, ...c.aka, ...(c.nicknames ?? []), ...(c.related ?? []), ...c.caps, ...c.functions, c.glass]
			.join(' ')
			.toLowerCase();
	const typed = $derived(words.toLowerCase().split(/\s+/).filter(Boolean));
	const found = $derived(data.categories.filter((c) => typed.every((word) => text(c).includes(word))));
	const selected = $derived(found.find((c) => c.category === picked) ?? found[0] ?? null);
	const pair = (major: number | undefined, minor: number | undefined) =>
		major === undefined ? '–' : minor === undefined ? String(major) : `${major} / ${minor}`;

	function step(event: KeyboardEvent, index: number): void {
		const way = pressed(event, ['list-down', 'list-up']);
		const by = way === 'list-down' ? 1 : -1;
		const next = way ? found[index + by] : undefined;
		if (!next) return;
		event.preventDefault();
		picked = next.category;
		const row = (event.currentTarget as HTMLElement).closest('tr');
		(by > 0 ? row?.nextElementSibling : row?.previousElementSibling)?.querySelector('button')?.focus();
	}
</script>

<svelte:head><title>Reference · Rotalux</title></svelte:head>

<main class="flex flex-col gap-3 p-4 lg:h-screen">
	<div class="flex flex-wrap items-end gap-x-6 gap-y-1">
		<h1>Lamp categories</h1>
		<a class="link" href={resolve('/reference/lamps')}>Which lamp is this?</a>
		<a class="link" href={resolve('/reference/interchange')}>Interchange map</a>
		<p class="mr-auto text-soft" aria-live="polite">
			{found.length} of {data.categories.length}. Low confidence counts as not known until somebody confirms it in hand.
		</p>
		<label class="flex items-center gap-2">
			Search <input type="search" class="field w-64" bind:value={words} placeholder="P21W, 1156, BA15s, fog" />
		</label>
	</div>
	{#if found.length === 0}<p>No lamp category answers to “{words}”.</p>{/if}
	<div class="grid min-h-0 grow gap-3 lg:grid-cols-[minmax(0,1fr)_25rem]">
		<ScrollPanel label="Lamp categories" class="max-lg:max-h-[55vh]">
			<table class="grid-table">
				<caption class="sr-only">Lamp categories</caption>
				<thead class="sticky top-0 bg-panel">
					<tr>
						<th scope="col"><span class="sr-only">Drawing</span></th><th scope="col">Category</th><th scope="col"
							>Also</th
						><th scope="col">Cap</th>
						<th scope="col" class="number">Power, W</th><th scope="col" class="number">Flux, lm</th>
						<th scope="col">Glass</th><th scope="col">Confidence</th>
					</tr>
				</thead>
				<tbody>
					{#each found as c, index (c.category)}
						<tr class={['hover:bg-raised', c === selected && 'bg-sea-wash!']} onclick={() => (picked = c.category)}>
							<td class="w-16"><div class="h-7 w-14"><LampOutline category={c} decorative /></div></td>
							<td>
								<button
									type="button"
									class="text-left font-medium"
									aria-pressed={c === selected}
									onkeydown={(event) => step(event, index)}>{c.category}</button
								>
								<span class="text-soft">{c.system}</span>
							</td>
							<td>{c.aka.join(', ')}</td>
							<td>{c.caps.join(' or ')}</td>
							<td class="number">{pair(c.watts, c.wattsMinor)}</td>
							<td class="number">{pair(c.lumens, c.lumensMinor)}</td>
							<td>{c.glass}</td>
							<td>{c.confidence}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</ScrollPanel>
		{#if selected}
			<ScrollPanel label="The category in full" class="p-3">
				<CategoryDetail category={selected} interchanges={data.interchanges} />
			</ScrollPanel>
		{/if}
	</div>
</main>
