<script lang="ts">
	import { GATES } from '$lib/core/match/findings/finding';
	import type { CandidateView } from '$lib/core/views';
	import LevelMark from '../ui/LevelMark.svelte';
	import { LEVEL_WORD } from '../ui/level';

	/** Why a candidate got its verdict: each finding with what was measured, what was required, why, and the source. */
	let { candidate }: { candidate: CandidateView } = $props();

	const byGate = $derived(
		GATES.map((gate) => ({ gate, findings: candidate.findings.filter((f) => f.gate === gate) })).filter(
			(g) => g.findings.length > 0
		)
	);
</script>

<table class="grid-table">
	<caption class="sr-only">Findings by gate</caption>
	<thead>
		<tr
			><th scope="col">Gate</th><th scope="col">Level</th><th scope="col">Measured</th><th scope="col">Required</th><th
				scope="col">Why, and the source</th
			></tr
		>
	</thead>
	<tbody>
		{#each byGate as { gate, findings } (gate)}
			{#each findings as finding, i (i)}
				<tr>
					<td class="font-medium capitalize">{i === 0 ? gate : ''}</td>
					<td class="whitespace-nowrap"
						><span class="inline-flex items-center gap-1.5"
							><LevelMark level={finding.level} label="" />{LEVEL_WORD[finding.level]}</span
						></td
					>
					<td>{finding.measured}</td>
					<td>{finding.required}</td>
					<td>
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
