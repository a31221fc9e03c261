<script lang="ts">
	import { GATES } from '$lib/core/match/findings/finding';
	import type { CandidateView } from '$lib/core/views';
	import LevelMark from '../ui/LevelMark.svelte';
	import { LEVEL_WORD } from '../ui/level';

	/** Why a candidate got its verdict: each finding with what was measured, what was required, why, and the source. */
	let { candidate }: { candidate: CandidateView } = $props();

	const CELL = '@max-2xl:block @max-2xl:border-0 @max-2xl:px-0 @max-2xl:py-0.5';

	const byGate = $derived(
		GATES.map((gate) => ({ gate, findings: candidate.findings.filter((f) => f.gate === gate) })).filter(
			(g) => g.findings.length > 0
		)
	);
</script>

<!-- In a narrow panel a finding stands in lines of its own: nothing of it is cut off. -->
<table class="grid-table @max-2xl:block">
	<caption class="sr-only">Findings by gate</caption>
	<thead class="@max-2xl:sr-only">
		<tr
			><th scope="col">Gate</th><th scope="col">Level</th><th scope="col">Measured</th><th scope="col">Required</th><th
				scope="col">Why, and the source</th
			></tr
		>
	</thead>
	<tbody class="@max-2xl:block">
		{#each byGate as { gate, findings } (gate)}
			{#each findings as finding, i (i)}
				<tr class="@max-2xl:block @max-2xl:border-b @max-2xl:border-line @max-2xl:py-1.5">
					<td class={[CELL, 'font-medium capitalize', i > 0 && '@max-2xl:hidden']}>{i === 0 ? gate : ''}</td>
					<td class={[CELL, 'whitespace-nowrap']}
						><span class="inline-flex items-center gap-1.5"
							><LevelMark level={finding.level} label="" />{LEVEL_WORD[finding.level]}</span
						></td
					>
					<td class={CELL}><span class="text-soft @2xl:hidden">Measured:&nbsp;</span>{finding.measured}</td>
					<td class={CELL}><span class="text-soft @2xl:hidden">Required:&nbsp;</span>{finding.required}</td>
					<td class={CELL}>
						{finding.why}
						{#if finding.need}
							<span class="block">
								{finding.parts.length > 0
									? `On sale for it: ${finding.parts.map((p) => p.name).join('; ')}.`
									: 'No part on sale answers it.'}
							</span>
						{/if}
						<span class="block text-sm text-soft">Source: {finding.source}</span>
					</td>
				</tr>
			{/each}
		{/each}
	</tbody>
</table>
