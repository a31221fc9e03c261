<script lang="ts">
	import { enhance } from '$app/forms';
	import type { ShownKit } from '$lib/core/showing';
	import { money } from '../ui/money';

	/** The next best kits: what they cost more, and where they differ. Worked out when somebody asks. */
	let {
		runnersUp,
		total,
		currency,
		editable
	}: { runnersUp: ShownKit['runnersUp']; total: number; currency: string; editable: boolean } = $props();

	let busy = $state(false);
</script>

<h2>Runners-up</h2>
{#if runnersUp.length === 0 && editable}
	<form
		method="post"
		action="?/runners"
		use:enhance={() => {
			busy = true;
			return async ({ update }) => {
				await update({ reset: false });
				busy = false;
			};
		}}
	>
		<button class="button mt-1" disabled={busy}
			>{busy ? 'Working out two other kits…' : 'Work out the next best two'}</button
		>
	</form>
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
