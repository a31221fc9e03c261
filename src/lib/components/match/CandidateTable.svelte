<script lang="ts">
	import { createTable } from '@tanstack/svelte-table';
	import { GATES } from '$lib/core/match/finding';
	import type { ShownCandidate } from '$lib/core/showing';
	import { VERDICTS } from '$lib/core/match/verdict';
	import { amount } from '$lib/core/units';
	import LevelMark from '../ui/LevelMark.svelte';
	import { LEVEL_WORD } from '../ui/level';
	import { sortable } from '../ui/sorting';
	import SortHeading from '../ui/SortHeading.svelte';
	import VerdictTag from '../ui/VerdictTag.svelte';

	/** Candidates for one socket, best first, with a mark for each gate. Arrow keys go from row to row. */
	let {
		candidates,
		selected,
		currency,
		onselect
	}: {
		candidates: ShownCandidate[];
		selected: string | null;
		currency: string;
		onselect: (product: string) => void;
	} = $props();

	const perLamp = (c: ShownCandidate) => (c.pack ? c.pack.price / c.pack.count : Infinity);
	const columns = [
		{
			id: 'verdict',
			header: 'Verdict',
			accessorFn: (c: ShownCandidate) => VERDICTS.indexOf(c.verdict),
			sortFn: 'basic' as const
		},
		{
			id: 'product',
			header: 'Product',
			accessorFn: (c: ShownCandidate) => `${c.maker} ${c.name}`,
			sortFn: 'alphanumeric' as const
		},
		{ id: 'colour', header: 'Light', accessorFn: (c: ShownCandidate) => c.colour, sortFn: 'alphanumeric' as const },
		{ id: 'price', header: 'Price', accessorFn: perLamp, sortFn: 'basic' as const },
		{ id: 'stock', header: 'Stock', accessorFn: (c: ShownCandidate) => c.stock, sortFn: 'basic' as const }
	];
	const table = createTable({
		features: sortable,
		columns,
		get data() {
			return candidates;
		}
	});
	const numbers: ReadonlySet<string> = new Set(['price', 'stock']);
	const rows = $derived(table.getRowModel().rows.map((row) => row.original));

	function step(event: KeyboardEvent, index: number): void {
		const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
		const next = by === undefined ? undefined : rows[index + by];
		if (by === undefined || !next) return;
		event.preventDefault();
		onselect(next.product);
		const row = (event.currentTarget as HTMLElement).closest('tr');
		const other = by > 0 ? row?.nextElementSibling : row?.previousElementSibling;
		other?.querySelector('button')?.focus();
	}
</script>

<table class="grid-table">
	<caption class="sr-only">Candidates, the refused ones too, best first</caption>
	<thead class="sticky top-0 bg-panel">
		<tr>
			{#each table.getHeaderGroups()[0]?.headers ?? [] as header (header.id)}
				<SortHeading
					text={header.column.id === 'price' ? `Price, ${currency}` : String(header.column.columnDef.header)}
					number={numbers.has(header.column.id)}
					sorted={header.column.getIsSorted()}
					onsort={header.column.getToggleSortingHandler()}
				/>
				{#if header.column.id === 'colour'}
					{#each GATES as gate (gate)}<th scope="col" class="px-0.5! text-center! text-sm capitalize">{gate}</th>{/each}
				{/if}
			{/each}
		</tr>
	</thead>
	<tbody>
		{#each rows as candidate, index (candidate.product)}
			<tr
				class={['hover:bg-raised', candidate.product === selected && 'bg-sea-wash!']}
				onclick={() => onselect(candidate.product)}
			>
				<td><VerdictTag verdict={candidate.verdict} /></td>
				<td>
					<button
						type="button"
						aria-pressed={candidate.product === selected}
						class="text-left font-medium"
						onkeydown={(event) => step(event, index)}
						onclick={() => onselect(candidate.product)}
					>
						{candidate.maker}
						{candidate.name}
					</button>
					{#if candidate.verdict === 'refused' || candidate.verdict === 'unknown'}
						<span class="line-clamp-1 text-sm text-soft">{candidate.firstReason}</span>
					{:else if candidate.needs.length > 0}
						<span class="line-clamp-1 text-sm text-soft">needs {candidate.needs.join(', ')}</span>
					{/if}
				</td>
				<td class="whitespace-nowrap">{candidate.colour}</td>
				{#each GATES as gate (gate)}
					<td class="px-1! text-center!"
						><LevelMark level={candidate.gates[gate]} label={`${gate}: ${LEVEL_WORD[candidate.gates[gate]]}`} /></td
					>
				{/each}
				<td class="number">
					{#if candidate.pack}{amount(candidate.pack.price)}&nbsp;<span class="text-sm text-soft"
							>for {candidate.pack.count}</span
						>{:else}–{/if}
				</td>
				<td class="number">{candidate.stock}</td>
			</tr>
		{/each}
	</tbody>
</table>
