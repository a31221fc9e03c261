<script lang="ts">
	import BusyForm from '../ui/BusyForm.svelte';
	import type { ShownKit } from '$lib/core/showing';
	import { money } from '../ui/money';

	/** The next best kits: what they cost more, and where they differ. Worked out when somebody asks. */
	let {
		runnersUp,
		total,
		currency,
		editable
	}: { runnersUp: ShownKit['runnersUp']; total: number; currency: string; editable: boolean } = $props();
</script>

<h2>Runners-up</h2>
{#if runnersUp.length === 0 && editable}
	<BusyForm action="?/runners"
		>{#snippet children(busy)}
			<button class="button mt-1" disabled={busy}
				>{busy ? 'Working out two other kits…' : 'Work out the next best two'}</button
			>
		{/snippet}</BusyForm
	>
{/if}
<ul>
	{#each runnersUp as other, i (i)}
		<li class="border-b border-line py-1.5 last:border-0">
			<span class="font-medium">{money(other.total, currency)}</span>
			<span class="text-soft"
				>({other.total === total
					? 'the same price'
					: `${money(Math.abs(other.total - total), currency)} ${other.total > total ? 'more' : 'less'}`})</span
			>
			{#each other.differs as sentence (sentence)}<span class="block text-sm">{sentence}</span>{/each}
		</li>
	{/each}
</ul>
