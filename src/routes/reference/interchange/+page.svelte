<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import CategoryDetail from '$lib/components/reference/CategoryDetail.svelte';
	import InterchangeMap from '$lib/components/reference/InterchangeMap.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { findCategory } from '$lib/core/lamps';

	let { data } = $props();

	const START = 'P21W';
	const asked = $derived(page.url.searchParams.get('category') ?? START);
	const found = $derived(findCategory(asked));
	const category = $derived(found.kind === 'found' ? found.category : null);
	/** Categories walked through, so that one can go back. */
	const trail = $derived((page.url.searchParams.get('from') ?? '').split('|').filter(Boolean));

	function walk(
		to: string,
		from: readonly string[] = [...trail, category?.category ?? ''].filter(Boolean).slice(-6)
	): void {
		const query = `category=${encodeURIComponent(to)}&from=${encodeURIComponent(from.join('|'))}`;
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with the query added
		void goto(`${resolve('/reference/interchange')}?${query}`, { keepFocus: true, noScroll: true });
	}
</script>

<svelte:head><title>Interchange of {asked} · Reference · Rotalux</title></svelte:head>

<main class="flex flex-col gap-3 p-4 lg:h-screen">
	<div class="flex flex-wrap items-end gap-x-6 gap-y-1">
		<h1>Interchange map</h1>
		<a class="link mr-auto" href={resolve('/reference')}>All lamp categories</a>
		<form
			onsubmit={(event) => {
				event.preventDefault();
				walk(String(new FormData(event.currentTarget).get('category') ?? ''), []);
			}}
			class="flex items-center gap-2"
		>
			<label class="flex items-center gap-2"
				>Category <input
					name="category"
					class="field w-40"
					list="categories"
					value={category?.category ?? asked}
				/></label
			>
			<datalist id="categories"
				>{#each data.categories as c (c.category)}<option value={c.category}></option>{/each}</datalist
			>
			<button class="button">Show</button>
		</form>
	</div>
	{#if trail.length > 0}
		<nav aria-label="Walked through" class="flex flex-wrap items-center gap-1 text-sm">
			{#each trail as name, i (i)}
				<button type="button" class="link" onclick={() => walk(name, trail.slice(0, i))}>{name}</button><span
					aria-hidden="true">›</span
				>
			{/each}
			<span>{category?.category ?? asked}</span>
		</nav>
	{/if}
	{#each data.troubles as trouble (trouble)}<p class="text-refuse">
			The table does not hold together: {trouble}
		</p>{/each}
	{#if category}
		<div class="grid min-h-0 grow gap-3 lg:grid-cols-[minmax(0,1fr)_23rem]">
			<ScrollPanel label="Map" class="p-3">
				<InterchangeMap
					category={category.category}
					cap={category.caps.join(' or ')}
					interchanges={data.interchanges}
					onwalk={(to) => walk(to)}
				/>
			</ScrollPanel>
			<ScrollPanel label="The category in full" class="p-3">
				<CategoryDetail {category} interchanges={data.interchanges} />
			</ScrollPanel>
		</div>
	{:else if found.kind === 'ambiguous'}
		<p>
			“{asked}” is the name of several lamps:
			{#each found.options as option (option.category)}<button
					type="button"
					class="link mr-2"
					onclick={() => walk(option.category, [])}>{option.category}</button
				>{/each}
		</p>
	{:else}
		<p>“{asked}” is not in the table of lamp categories.</p>
	{/if}
</main>
