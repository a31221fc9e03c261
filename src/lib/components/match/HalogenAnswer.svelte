<script lang="ts">
	import type { CandidateView } from '$lib/core/views';

	/** Where every LED is refused: the filament lamps that fit, nearest in colour to the lamps beside them first. */
	let { candidates, onselect }: { candidates: CandidateView[]; onselect: (product: string) => void } = $props();

	const leds = $derived(candidates.filter((c) => c.kind !== 'halogen'));
	const out = $derived(leds.length > 0 && leds.every((c) => c.verdict === 'refused'));
	const byPolicy = $derived(
		leds.some((c) => c.findings.some((f) => f.level === 'refuse' && f.code.startsWith('law.policy')))
	);
	const halogen = $derived(
		candidates
			.filter((c) => c.kind === 'halogen' && c.verdict === 'fits')
			.sort((a, b) => (a.mired ?? Infinity) - (b.mired ?? Infinity) || b.score - a.score)
	);
</script>

{#if out && halogen.length > 0}
	<p class="border-b border-line bg-raised px-3 py-1.5">
		{byPolicy ? "By the shop's policy this lamp stays a filament lamp." : 'Every LED is refused here.'}
		Nearest in colour to the lamps beside it:
		{#each halogen.slice(0, 3) as lamp, i (lamp.product)}
			{i > 0 ? ', ' : ''}<button type="button" class="link" onclick={() => onselect(lamp.product)}
				>{lamp.maker} {lamp.name}</button
			>{#if lamp.mired !== null}&nbsp;({Math.round(lamp.mired)} mired){/if}{/each}.
	</p>
{/if}
