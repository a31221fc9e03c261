<script lang="ts">
	import type { SkillView } from '$lib/core/practice';
	import LevelMark from '../ui/LevelMark.svelte';
	import { shopFormats } from '../ui/shop-formats';
	import { OUTCOME_LEVEL, OUTCOME_WORD } from './outcome-words';

	/** What somebody knows, skill by skill: how sure it still is, at which level, and when it comes back. */
	let { skills, now }: { skills: readonly SkillView[]; now: string } = $props();

	const { day } = shopFormats();
	const DAY_MS = 24 * 3_600_000;

	function comesBack(due: string | null, isDue: boolean): string {
		if (due === null) return 'new';
		if (isDue) return 'today';
		const days = Math.ceil((Date.parse(due) - Date.parse(now)) / DAY_MS);
		return days <= 1 ? 'tomorrow' : `in ${days} days, ${day(due)}`;
	}
</script>

<table class="grid-table">
	<thead
		><tr
			><th scope="col">Skill</th><th scope="col">Still known</th><th scope="col" class="number">Level</th><th
				scope="col">Last time</th
			><th scope="col">Comes back</th></tr
		></thead
	>
	<tbody>
		{#each skills as { kind, skill, level, retention, due, isDue, last } (kind)}
			<tr>
				<th scope="row" class="text-ink! first-letter:uppercase">{skill}</th>
				<td>
					{#if retention === null}<span class="text-soft">never tried</span>
					{:else if last !== 'right'}<span class="text-soft">to be learned</span>
					{:else}
						<span class="flex items-center gap-2">
							<span class="h-2 w-32 rounded bg-raised ring-1 ring-line" aria-hidden="true"
								><span class="block h-2 rounded bg-sea" style:width={`${Math.round(100 * retention)}%`}></span></span
							>{Math.round(100 * retention)} %
						</span>
					{/if}
				</td>
				<td class="number">{level ?? '–'}</td>
				<td>
					{#if last}<span class="inline-flex items-center gap-1.5"
							><LevelMark level={OUTCOME_LEVEL[last]} label="" />{OUTCOME_WORD[last]}</span
						>{:else}–{/if}
				</td>
				<td class={isDue ? 'font-medium' : ''}>{comesBack(due, isDue)}</td>
			</tr>
		{/each}
	</tbody>
</table>
