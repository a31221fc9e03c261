<script lang="ts">
	import { counted } from '$lib/core/quantity';
	import type { ClaimReading } from '$lib/core/claims';

	/** What a maker claims that cannot be taken as it stands: what is said, what Rotalux reckons with instead, and why. */
	let { claims }: { claims: ClaimReading[] } = $props();

	const WORD: Record<ClaimReading['level'], string> = {
		plausible: 'plausible',
		doubtful: 'doubtful',
		'not-credible': 'not credible',
		missing: 'missing'
	};
	const worst = $derived(claims.some((claim) => claim.level === 'not-credible'));
</script>

{#if claims.length > 0}
	<details class="text-sm">
		<summary class={['min-h-6 cursor-pointer', worst ? 'text-refuse' : 'text-unknown']}>
			{`${counted(claims.length, 'claim')} to look at`}
		</summary>
		<ul class="mt-1 grid max-w-md gap-1">
			{#each claims as claim (claim.claim)}
				<li>
					<strong>{WORD[claim.level]}</strong>{claim.level === 'missing' ? '' : `: ${claim.claimed}`}
					{#if claim.derated}<span class="text-soft">→ {claim.derated}</span>{/if}
					<span class="block text-soft">{claim.why}</span>
				</li>
			{/each}
		</ul>
	</details>
{/if}
