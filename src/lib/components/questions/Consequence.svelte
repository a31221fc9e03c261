<script lang="ts">
	import { counted } from '$lib/core/quantity';
	import type { DependenceView } from '$lib/core/views';
	import { VERDICT_WORD } from '../ui/level';

	/** What would follow for Match if a value were the right one. */
	let { consequence, inForce }: { consequence: DependenceView['consequences'][number]; inForce: boolean } = $props();

	const MAX_CHANGES = 5;
	const { counts, changes } = $derived(consequence);
</script>

<span class="mt-1 block border-t border-line pt-1 text-sm">
	<span class="block">
		In Match: {counts.fits} fit, {counts.parts} with parts, {counts.unknown} to check by hand, {counts.refused} refused
	</span>
	{#if !inForce}
		{#if changes.length === 0}
			<span class="block text-soft">No verdict would change.</span>
		{:else}
			<span class="block font-medium">{counted(changes.length, 'verdict')} would change:</span>
			{#each changes.slice(0, MAX_CHANGES) as change (`${change.socket} ${change.product}`)}
				<span class="block text-soft">{change.product}: {VERDICT_WORD[change.from]} → {VERDICT_WORD[change.to]}</span>
			{/each}
			{#if changes.length > MAX_CHANGES}<span class="block text-soft">and {changes.length - MAX_CHANGES} more</span
				>{/if}
		{/if}
	{/if}
</span>
