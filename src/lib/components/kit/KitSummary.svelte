<script lang="ts">
	import type { Policy, PolicyException } from '$lib/core/model';
	import type { KitView } from '$lib/core/views';
	import { policySentences } from '$lib/core/views/cautions';
	import { shopFormats } from '../ui/shop-formats';

	const { money } = shopFormats();

	/** What is to be said below the lines of a kit: how good it is proven to be, its compromises, and the policy. */
	let {
		kit,
		policy,
		exception,
		quoted
	}: {
		kit: KitView;
		policy: Policy;
		exception: PolicyException | undefined;
		/** By whom and when prices were last quoted; null when they stand as on record. */
		quoted: string | null;
	} = $props();
</script>

<div class="grid gap-1 p-3 text-soft">
	{#each kit.complaints as words (words)}<p class="text-refuse">Circuit says: {words}.</p>{/each}
	{#each kit.missing as words (words)}<p class="text-ink">{words}: buy it elsewhere, or wait.</p>{/each}
	{#each kit.mismatches as { place, sight }, i (i)}
		<p class="text-ink">{place} stands out in its white beside its neighbours ({sight}).</p>
	{/each}
	<p>
		{kit.gap === 0
			? 'Proven best: no other kit does better by what was asked for'
			: `Not proven best: another kit may do better by at most ${money(kit.gap)}`}; whole packs, both sides alike, parts
		included.
	</p>
	{#if quoted}<p>Prices and stock as last quoted {quoted}.</p>{/if}
	{#each policySentences(policy, exception) as sentence (sentence)}<p>{sentence}</p>{/each}
</div>
