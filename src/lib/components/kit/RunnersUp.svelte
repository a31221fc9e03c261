<script lang="ts">
	import type { KitView } from '$lib/core/views';
	import { shopFormats } from '../ui/shop-formats';
	import SolveForm from './SolveForm.svelte';

	const { money } = shopFormats();

	/** The next best kits: what they cost more, and where they differ. Worked out when somebody asks. */
	let {
		runnersUp,
		total,
		editable,
		vehicle,
		kit
	}: {
		runnersUp: KitView['runnersUp'];
		total: number;
		editable: boolean;
		vehicle: string;
		kit: string;
	} = $props();
</script>

<h2>Runners-up</h2>
{#if runnersUp.length === 0 && editable}
	<p class="text-sm text-soft">The next best kits that a person could tell from this one.</p>
	<SolveForm action="?/runners" {vehicle} {kit}
		>{#snippet children(busy)}
			<button class="button mt-1" disabled={busy}>Work out the next best two</button>
		{/snippet}</SolveForm
	>
{/if}
<ul>
	{#each runnersUp as other, i (i)}
		<li class="border-b border-line py-1.5 last:border-0">
			<span class="font-medium">{money(other.total)}</span>
			<span class="text-soft"
				>({other.total === total
					? 'the same price'
					: `${money(Math.abs(other.total - total))} ${other.total > total ? 'more' : 'less'}`})</span
			>
			{#each other.differs as sentence (sentence)}<span class="block text-sm">{sentence}</span>{/each}
		</li>
	{/each}
</ul>
