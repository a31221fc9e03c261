<script lang="ts">
	import LampOutline from '../lamps/LampOutline.svelte';
	import type { Interchange, LampCategory } from '$lib/core/lamps';

	/** A lamp category in full, and what the interchange table says of it in both directions. */
	let { category, interchanges }: { category: LampCategory; interchanges: Interchange[] } = $props();

	const KIND_WORD: Record<Interchange['kind'], string> = {
		same: 'the same lamp',
		'other-electrics': 'same cap, other electrics',
		trim: 'only after a key is trimmed',
		wrong: 'enters, and is wrong',
		'no-fit': 'does not enter'
	};

	const into = $derived(interchanges.filter((row) => row.fromCategories.includes(category.category)));
	const takes = $derived(interchanges.filter((row) => row.toCategories.includes(category.category)));
	const facts = $derived([
		['Cap', category.caps.join(' or ')],
		['Also', [...category.aka, ...(category.nicknames ?? [])].join(', ')],
		['Near, not the same', category.related?.join('; ') ?? ''],
		['Used for', category.functions.join(', ')],
		['Glass', category.glass],
		['Size', category.length ? `${category.length} mm long, ${category.diameter ?? '?'} mm across` : 'not known'],
		[
			'Light centre',
			category.lightCentre ? `${category.lightCentre.mm} mm (${category.lightCentre.confidence})` : 'not known'
		],
		['Confidence', category.confidence]
	]);
</script>

<h2>{category.category} <span class="font-normal text-soft">{category.system}</span></h2>
<div class="my-2 h-28"><LampOutline {category} /></div>
<dl class="mt-1 grid grid-cols-[7rem_1fr] gap-x-2 gap-y-0.5">
	{#each facts as [name, value] (name)}
		{#if value}<dt class="text-soft">{name}</dt>
			<dd>{value}</dd>{/if}
	{/each}
</dl>
<p class="mt-2">{category.notes}</p>
{#each [{ title: 'This lamp, put into', rows: into, other: (row: Interchange) => row.to }, { title: 'Put into its socket', rows: takes, other: (row: Interchange) => row.from }] as side (side.title)}
	{#if side.rows.length > 0}
		<h3 class="mt-3 font-medium">{side.title}</h3>
		<ul>
			{#each side.rows as row, i (i)}
				<li class="border-b border-line py-1 last:border-0">
					<span class="font-medium">{side.other(row)}</span>: {KIND_WORD[row.kind]}
					<span class="block text-sm text-soft">{row.note} ({row.confidence} confidence)</span>
				</li>
			{/each}
		</ul>
	{/if}
{/each}
