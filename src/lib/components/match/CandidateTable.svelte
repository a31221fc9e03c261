<script lang="ts">
	import { pressed } from '$lib/client/shortcuts';
	import { GATES } from '$lib/core/match/findings/finding';
	import type { Verdict } from '$lib/core/match/findings/verdict';
	import type { CandidateView, CandidateWish } from '$lib/core/views';
	import { CANDIDATE_ORDERS } from '$lib/core/views/candidate-orders';
	import { RememberedWords } from '$lib/client/remembered.svelte';
	import { progressivelyDrawn } from '$lib/client/progressively-drawn.svelte';
	import { LEVEL_WORD } from '../ui/level';
	import LevelMark from '../ui/LevelMark.svelte';
	import SortHeading from '../ui/SortHeading.svelte';
	import VerdictTag from '../ui/VerdictTag.svelte';
	import CandidateFilter from './CandidateFilter.svelte';
	import { shopFormats } from '../ui/shop-formats';
	import { COLUMNS, USUAL_COLUMNS } from './columns';
	import { triedWords } from './tried-words';

	const formats = shopFormats();

	/**
	 * Candidates for one socket, best first, with a mark for each gate. Arrow keys go from row to row, C takes a row into the
	 * comparison and out again.
	 */
	let {
		candidates,
		counts,
		wish,
		selected,
		compared,
		currency,
		onselect,
		oncompare,
		onwish
	}: {
		candidates: CandidateView[];
		/** How many there are of each verdict, before any wish. */
		counts: Record<Verdict, number>;
		/** What is shown of them, and in which order. */
		wish: CandidateWish;
		selected: string | null;
		/** Products in the comparison. */
		compared: readonly string[];
		currency: string;
		onselect: (product: string) => void;
		oncompare: (product: string) => void;
		onwish: (wish: CandidateWish) => void;
	} = $props();

	const shown = new RememberedWords({
		key: 'match-columns',
		choices: COLUMNS.map((column) => column.id),
		usual: USUAL_COLUMNS
	});
	const AT_ONCE = 7;
	/** Rows whose reason stands in full. */
	let opened = $state<readonly string[]>([]);

	const GATE_SHORT = {
		base: 'Base',
		size: 'Size',
		colour: 'Col.',
		electrics: 'El.',
		heat: 'Heat',
		law: 'Law'
	} as const;
	const columns = $derived(COLUMNS.filter((column) => shown.has(column.id)));
	/** What is in sight is drawn at once, so that a change of socket answers, in the rows that stand; the rest follows. */
	const drawn = progressivelyDrawn(() => candidates, AT_ONCE);
	const headings = $derived([{ id: 'product', header: 'Product', number: false }, ...columns]);
	/** A click sorts, a second one the other way, a third one brings the best first again. */
	function sort(id: string): void {
		const by = CANDIDATE_ORDERS.find((order) => order === id) ?? null;
		if (wish.by !== by) onwish({ ...wish, by, down: false });
		else if (!wish.down) onwish({ ...wish, down: true });
		else onwish({ ...wish, by: null, down: false });
	}

	function keys(event: KeyboardEvent, index: number, product: string): void {
		const way = pressed(event, ['compare', 'list-down', 'list-up']);
		if (way === 'compare') return oncompare(product);
		const by = way === 'list-down' ? 1 : -1;
		const next = way ? candidates[index + by] : undefined;
		if (!next) return;
		event.preventDefault();
		onselect(next.product);
		const row = (event.currentTarget as HTMLElement).closest('tr');
		const other = by > 0 ? row?.nextElementSibling : row?.previousElementSibling;
		other?.querySelector<HTMLElement>('[data-row]')?.focus();
	}

	/** What stands beside the verdict: what it needs, what stops it, how it did when it was tried. */
	const reasonInShort = (candidate: CandidateView) =>
		[
			isUnsure(candidate) ? candidate.firstReason : candidate.needs.join(', '),
			candidate.tried ? triedWords(candidate.tried) : ''
		]
			.filter(Boolean)
			.join(' · ');

	const isUnsure = ({ verdict }: CandidateView) => verdict === 'refused' || verdict === 'unknown';
	const toggled = (list: readonly string[], one: string) =>
		list.includes(one) ? list.filter((item) => item !== one) : [...list, one];
</script>

<CandidateFilter
	{counts}
	typed={wish.typed}
	left={wish.verdicts}
	{shown}
	ontyped={(typed) => onwish({ ...wish, typed })}
	onleft={(verdicts) => onwish({ ...wish, verdicts })}
/>
<table class="grid-table dense">
	<caption class="sr-only">Candidates, the refused ones too, best first</caption>
	<thead class="sticky top-0 z-10 bg-panel">
		<tr>
			<th scope="col"><span class="sr-only">Compare</span></th>
			{#each GATES as gate (gate)}<th scope="col" class="px-0.5! text-center! text-[0.75rem]! leading-none"
					><abbr class="no-underline" title={`${gate} gate`}>{GATE_SHORT[gate]}</abbr></th
				>{/each}
			{#each headings as { id, header, number } (id)}
				<SortHeading
					text={id === 'price' ? `Price, ${currency}` : header}
					{number}
					sorted={wish.by === id && (wish.down ? 'desc' : 'asc')}
					onsort={() => sort(id)}
				/>
			{/each}
		</tr>
	</thead>
	<tbody>
		{#each candidates.slice(0, drawn()) as candidate, index (index)}
			{@const isOpen = opened.includes(candidate.product)}
			<tr
				class={['hover:bg-raised', candidate.product === selected && 'bg-sea-wash!']}
				onclick={() => onselect(candidate.product)}
			>
				<td class="pr-0!">
					<input
						type="checkbox"
						class="size-4"
						aria-label={`Compare ${candidate.maker} ${candidate.name}`}
						checked={compared.includes(candidate.product)}
						disabled={compared.length >= 4 && !compared.includes(candidate.product)}
						onclick={(event) => event.stopPropagation()}
						onchange={() => oncompare(candidate.product)}
					/>
				</td>
				{#each GATES as gate (gate)}
					<td class="px-1! text-center!"
						><LevelMark level={candidate.gates[gate]} label={`${gate}: ${LEVEL_WORD[candidate.gates[gate]]}`} /></td
					>
				{/each}
				<td class="w-full min-w-40">
					<button
						type="button"
						data-row
						aria-pressed={candidate.product === selected}
						class="block w-full text-left font-medium"
						onkeydown={(event) => keys(event, index, candidate.product)}
						onclick={() => onselect(candidate.product)}
					>
						{candidate.maker}
						{candidate.name}
					</button>
					<span class="block text-sm leading-tight text-soft">
						<VerdictTag verdict={candidate.verdict} /><span class="mx-1.5">{reasonInShort(candidate)}</span
						>{#if isUnsure(candidate)}<button
								type="button"
								class="size-6 rounded hover:bg-sea-wash hover:text-ink"
								aria-expanded={isOpen}
								aria-label={`All reasons for ${candidate.maker} ${candidate.name}`}
								onclick={(event) => {
									event.stopPropagation();
									opened = toggled(opened, candidate.product);
								}}>{isOpen ? '−' : '+'}</button
							>{/if}
					</span>
					{#if isOpen}
						{#each candidate.findings.filter((f) => f.level === 'refuse' || f.level === 'unknown') as f, i (i)}
							<span class="block text-sm text-soft"
								>{LEVEL_WORD[f.level]}, {f.gate}: {f.measured}; required: {f.required}. {f.why}</span
							>
						{/each}
					{/if}
				</td>
				{#each columns as column (column.id)}
					<td class={column.number ? 'number whitespace-nowrap' : 'whitespace-nowrap'}
						>{column.text(candidate, formats)}</td
					>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>
{#if candidates.length === 0}<p class="p-3">No candidate is left by this filter.</p>{/if}
