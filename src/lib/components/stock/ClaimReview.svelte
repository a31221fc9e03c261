<script lang="ts">
	import type { ClaimLevel, ClaimReading } from '$lib/core/claims';
	import type { DeratedFlux } from '$lib/core/optics';
	import LevelMark from '../ui/LevelMark.svelte';

	/** What the maker claims, each with its derated reading. */
	let { claims, derated }: { claims: ClaimReading[]; derated: DeratedFlux | null } = $props();

	const MARK = {
		plausible: 'pass',
		doubtful: 'unknown',
		'not-credible': 'refuse',
		missing: 'unknown'
	} as const satisfies Record<ClaimLevel, string>;
	const WORD = {
		plausible: 'plausible',
		doubtful: 'doubtful',
		'not-credible': 'not credible',
		missing: 'missing'
	} as const;
</script>

<section class="panel grid gap-2 p-3" aria-label="Claims">
	<h2>Maker's claims, reviewed</h2>
	<p>
		{derated
			? `Rotalux reckons with ${Math.round(derated.lumens)} lm a lamp (${derated.basis}).`
			: 'No flux to reckon with: the light cannot be compared until it is measured.'}
	</p>
	<table class="grid-table dense">
		<thead><tr><th scope="col">Said</th><th scope="col">Reading</th><th scope="col">Why</th></tr></thead>
		<tbody>
			{#each claims as claim, i (i)}
				<tr>
					<td>{claim.claimed}</td>
					<td class="whitespace-nowrap"
						><span class="inline-flex items-center gap-1.5"
							><LevelMark level={MARK[claim.level]} label="" />{WORD[claim.level]}</span
						></td
					>
					<td class="text-sm">{claim.why}{claim.derated ? ` Instead: ${claim.derated}.` : ''}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>
