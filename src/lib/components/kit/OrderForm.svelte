<script lang="ts">
	import BusyForm from '../ui/BusyForm.svelte';
	import type { KitOrder } from '$lib/core/exchange';
	import { amount } from '$lib/core/units';
	import { BALANCE_OPTIONS, SCOPE_OPTIONS } from './options';

	/** What the kit is asked to be; sending it works the kit out again. */
	let { order, currency }: { order: KitOrder; currency: string } = $props();
</script>

<BusyForm action="?/order" class="grid gap-2"
	>{#snippet children(busy)}
		<label class="grid grid-cols-[5rem_1fr] items-center gap-2">
			Scope
			<select name="scope" class="field" value={order.scope}>
				{#each SCOPE_OPTIONS as option (option.value)}<option value={option.value}>{option.label}</option>{/each}
			</select>
		</label>
		<label class="grid grid-cols-[5rem_1fr] items-center gap-2">
			Balance
			<select name="balance" class="field" value={order.balance}>
				{#each BALANCE_OPTIONS as option (option.value)}<option value={option.value}>{option.label}</option>{/each}
			</select>
		</label>
		<label class="grid grid-cols-[5rem_1fr] items-center gap-2">
			Budget
			<span class="flex items-center gap-2">
				<input
					name="budget"
					class="field w-full min-w-0 text-right"
					inputmode="decimal"
					placeholder="none"
					value={order.budget === undefined ? '' : amount(order.budget)}
				/>
				{currency}
			</span>
		</label>
		<button class="button justify-center" data-main disabled={busy}
			>{busy ? 'Working out the best kit…' : 'Solve again'}</button
		>
	{/snippet}</BusyForm
>
