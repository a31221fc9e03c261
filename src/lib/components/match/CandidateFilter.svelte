<script lang="ts">
	import type { RememberedWords } from '$lib/client/remembered.svelte';
	import { VERDICTS, type Verdict } from '$lib/core/match/findings/verdict';
	import { VERDICT_LEVEL, VERDICT_WORD } from '../ui/level';
	import LevelMark from '../ui/LevelMark.svelte';
	import TypedField from '../ui/TypedField.svelte';
	import { COLUMNS } from './columns';

	/** What stands above the candidates: words to filter by, a switch for each verdict with its count, and the choice of columns. */
	let {
		counts,
		typed,
		left,
		shown,
		ontyped,
		onleft
	}: {
		counts: Record<Verdict, number>;
		typed: string;
		left: readonly Verdict[];
		shown: RememberedWords;
		ontyped: (typed: string) => void;
		onleft: (left: readonly Verdict[]) => void;
	} = $props();
</script>

<div class="flex flex-wrap items-center gap-x-2 gap-y-1 border-b border-line px-2 py-1.5">
	<TypedField
		class="min-h-7! min-w-24 grow py-0!"
		label="Filter candidates"
		placeholder="Filter: 4300"
		{typed}
		{ontyped}
	/>
	<details class="relative ml-auto">
		<summary class="chip inline-flex cursor-pointer items-center">Columns</summary>
		<fieldset class="panel absolute right-0 z-20 grid w-40 gap-1 p-2 shadow-md">
			<legend class="sr-only">Columns shown</legend>
			{#each COLUMNS as column (column.id)}
				<label class="flex min-h-6 items-center gap-2"
					><input
						type="checkbox"
						checked={shown.has(column.id)}
						onchange={() => shown.toggle(column.id)}
					/>{column.header}</label
				>
			{/each}
		</fieldset>
	</details>
	<div class="flex w-full flex-wrap gap-1" role="group" aria-label="Verdicts shown">
		{#each VERDICTS as verdict (verdict)}
			<button
				type="button"
				class={['chip inline-flex items-center gap-1', !left.includes(verdict) && 'opacity-60 line-through']}
				aria-pressed={left.includes(verdict)}
				onclick={() => onleft(left.includes(verdict) ? left.filter((v) => v !== verdict) : [...left, verdict])}
			>
				<LevelMark level={VERDICT_LEVEL[verdict]} label="" />{VERDICT_WORD[verdict]}
				<span class="number">{counts[verdict]}</span>
			</button>
		{/each}
	</div>
</div>
