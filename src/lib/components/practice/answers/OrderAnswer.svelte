<script lang="ts">
	import type { Choice } from '$lib/core/practice';

	/** Steps put into an order: those that are not needed are left. */
	let {
		steps,
		chosen = $bindable(),
		disabled
	}: { steps: readonly Choice[]; chosen: string; disabled: boolean } = $props();

	const ids = $derived(chosen.split(' ').filter(Boolean));
	const done = $derived(ids.flatMap((id) => steps.find((one) => one.id === id) ?? []));
	const left = $derived(steps.filter(({ id }) => !ids.includes(id)));

	const put = (order: readonly string[]) => (chosen = order.join(' '));
	const later = (i: number) => put(ids.with(i, ids[i + 1] ?? '').with(i + 1, ids[i] ?? ''));
</script>

{#snippet said({ words, detail }: Choice)}
	<span class="grow">{words}<span class="block text-sm text-soft">{detail}</span></span>
{/snippet}

<section aria-label="Your order">
	<h3 class="font-medium">Your order</h3>
	{#if done.length === 0}<p class="text-soft">Nothing yet: tap what is done first.</p>{/if}
	<ol class="grid gap-1">
		{#each done as step, i (step.id)}
			<li class="flex min-h-9 items-center gap-2 rounded bg-sea-wash px-2">
				<span class="w-5 text-right text-soft">{i + 1}</span>
				{@render said(step)}
				{#if !disabled}
					<button
						type="button"
						class="button"
						disabled={i === done.length - 1}
						aria-label={`${step.words}: later`}
						onclick={() => later(i)}>↓</button
					>
					<button
						type="button"
						class="button"
						aria-label={`${step.words}: take out`}
						onclick={() => put(ids.filter((id) => id !== step.id))}>×</button
					>
				{/if}
			</li>
		{/each}
	</ol>
</section>
{#if !disabled && left.length > 0}
	<section aria-label="Steps">
		<h3 class="font-medium">Steps of this vehicle</h3>
		<ul class="grid gap-1">
			{#each left as step (step.id)}
				<li>
					<button
						type="button"
						class="flex min-h-9 w-full items-center gap-2 rounded border border-line px-2 text-left hover:bg-sea-wash"
						onclick={() => put([...ids, step.id])}>{@render said(step)}</button
					>
				</li>
			{/each}
		</ul>
	</section>
{/if}
