<script lang="ts">
	import type { KitOrder } from '$lib/core/model';
	import { BALANCE_WEIGHTS, GOALS } from '$lib/core/kit/weigh/balance';
	import { lampFunction, type FunctionId } from '$lib/core/lamps/functions';
	import { shopFormats } from '../ui/shop-formats';
	import { BALANCE_OPTIONS, SCOPE_OPTIONS, SOCKETS_SCOPE } from './options';
	import SolveForm from './SolveForm.svelte';

	const { price } = shopFormats();

	/** What the kit is asked to be; sending it works the kit out again. */
	let {
		order,
		currency,
		functions,
		isChain,
		vehicle,
		kit
	}: {
		order: KitOrder;
		currency: string;
		functions: FunctionId[];
		/** True where there are other branches, whose shelves may count too. */
		isChain: boolean;
		vehicle: string;
		kit: string;
	} = $props();

	// svelte-ignore state_referenced_locally (where the form begins; it is keyed by what is stored)
	let scope = $state(order.scope);
	// svelte-ignore state_referenced_locally
	let balance = $state(order.balance);
	// svelte-ignore state_referenced_locally
	let weights = $state({ ...(order.weights ?? BALANCE_WEIGHTS[order.balance]) });

	const scopes = $derived(order.scope === 'sockets' ? [...SCOPE_OPTIONS, SOCKETS_SCOPE] : SCOPE_OPTIONS);
	const named = $derived(BALANCE_WEIGHTS[balance]);
	const moved = $derived(GOALS.some(({ id }) => weights[id] !== named[id]));
	const row = 'grid grid-cols-[5.5rem_1fr] items-center gap-2';
</script>

<SolveForm action="?/order" class="grid gap-2" {vehicle} {kit}
	>{#snippet children(busy)}
		<label class={row}
			>Scope
			<select name="scope" class="field" bind:value={scope}>
				{#each scopes as option (option.value)}<option value={option.value}>{option.label}</option>{/each}
			</select>
		</label>
		{#if scope === 'function'}
			<label class={row}
				>Function
				<select name="function" class="field" value={order.function ?? functions[0]}>
					{#each functions as id (id)}<option value={id}>{lampFunction(id).label}</option>{/each}
				</select>
			</label>
		{/if}
		<label class={row}
			>Balance
			<select
				name="balance"
				class="field"
				bind:value={balance}
				onchange={() => (weights = { ...BALANCE_WEIGHTS[balance] })}
			>
				{#each BALANCE_OPTIONS as option (option.value)}<option value={option.value}>{option.label}</option>{/each}
			</select>
		</label>
		<fieldset class="grid gap-1">
			<legend class="text-sm text-soft"
				>Beside the price{moved
					? ', moved by hand'
					: `: ${BALANCE_OPTIONS.find((o) => o.value === balance)?.says}`}</legend
			>
			{#each GOALS as { id, label } (id)}
				<label class="grid grid-cols-[8.5rem_1fr_2rem] items-center gap-2">
					{label}
					<input
						type="range"
						name={id}
						min="0"
						max="3"
						step="0.5"
						bind:value={weights[id]}
						class="min-h-6 accent-sea"
					/>
					<output class="number text-right">{weights[id]}</output>
				</label>
			{/each}
		</fieldset>
		<label class={row}
			>Budget
			<span class="flex items-center gap-2">
				<input
					name="budget"
					class="field w-full text-right"
					inputmode="decimal"
					placeholder="none"
					value={order.budget === undefined ? '' : price(order.budget)}
				/>
				{currency}
			</span>
		</label>
		<label class={row}
			>One white
			<span class="flex items-center gap-2">
				<input
					name="kelvin"
					class="field w-full text-right"
					inputmode="numeric"
					placeholder="any"
					value={order.kelvin ?? ''}
				/> K
			</span>
		</label>
		<label class={row}
			>One maker <input
				name="maker"
				class="field w-full"
				placeholder="any"
				value={order.maker ?? ''}
				maxlength="200"
			/></label
		>
		<label class="flex min-h-6 items-center gap-2"
			><input type="checkbox" name="matched" class="size-4" checked={order.matched !== false} />Whites seen together
			match</label
		>
		<label class="flex min-h-6 items-center gap-2"
			><input type="checkbox" name="withoutParts" class="size-4" checked={order.withoutParts === true} />Nothing that
			needs a part</label
		>
		<label class="flex min-h-6 items-center gap-2"
			><input type="checkbox" name="whole" class="size-4" checked={order.whole === true} />All sockets or nothing</label
		>
		{#if isChain}<label class="flex min-h-6 items-center gap-2"
				><input type="checkbox" name="everyShelf" class="size-4" checked={order.everyShelf === true} />Packs of every
				branch count</label
			>{/if}
		<div class="sticky -bottom-3 grid bg-panel py-2">
			<button class="button justify-center" data-main disabled={busy}>{busy ? 'Working…' : 'Solve again'}</button>
		</div>
	{/snippet}</SolveForm
>
