<script lang="ts">
	import type { FilamentAnswer } from '$lib/core/views';

	/** Where every LED is refused: the filament lamps that fit, nearest in colour to the lamps beside them first. */
	let { answer, onselect }: { answer: FilamentAnswer; onselect: (product: string) => void } = $props();
</script>

<p class="border-b border-line bg-raised px-3 py-1.5">
	{answer.byPolicy ? "By the shop's policy this lamp stays a filament lamp." : 'Every LED is refused here.'}
	Nearest in colour to the lamps beside it:
	{#each answer.lamps as lamp, i (lamp.product)}
		{i > 0 ? ', ' : ''}<button type="button" class="link" onclick={() => onselect(lamp.product)}>{lamp.name}</button
		>{#if lamp.mired !== null}&nbsp;({Math.round(lamp.mired)} mired){/if}{/each}.
</p>
