<script lang="ts">
	import { resolve } from '$app/paths';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { counted } from '$lib/core/quantity';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { moment } = shopFormats();

	let { data, form } = $props();

	/** How often it is asked by itself, in words. */
	const EVERY = [
		[0, 'never'],
		[1, 'every hour'],
		[6, 'every 6 hours'],
		[24, 'every day'],
		[168, 'every week']
	] as const;
	const state = $derived(data.state);
	const time = (iso: string | null) => moment(iso) || 'never';
</script>

<svelte:head><title>Prices and stock · Rotalux</title></svelte:head>

<main class="page page-reading">
	<div class="flex flex-wrap items-center gap-3">
		<h1 class="mr-auto">Prices and stock</h1>
		<a class="button" href={resolve('/vehicles/import')}>Import a list instead</a>
		<a class="button" href={resolve('/stock')}>Back to Stock</a>
	</div>
	<section class="panel grid gap-2 p-4" aria-label="Supplier">
		<h2>{state.name}</h2>
		{#if state.simulated}
			<p>
				This supplier is simulated: its prices and stock are made up, change by the minute, and now and then it is down
				or sends nonsense. Set ROTALUX_SUPPLIER to the address of a real feed.
			</p>
		{/if}
		<dl class="grid grid-cols-[12rem_1fr] gap-x-3">
			<dt class="text-soft">Last good prices</dt>
			<dd>{time(state.lastGood)}</dd>
			<dt class="text-soft">Last asked</dt>
			<dd>{time(state.lastAsked)}</dd>
		</dl>
		<BusyForm action="?/ask"
			>{#snippet children(busy)}<button class="button" data-main disabled={busy}
					>{busy ? 'Asking the supplier…' : 'Ask for prices and stock now'}</button
				>{/snippet}</BusyForm
		>
		<BusyForm action="?/every" class="flex flex-wrap items-end gap-2">
			{#snippet children(busy)}
				<label class="grid gap-0.5 text-sm"
					>Ask automatically
					<select name="hours" class="field">
						{#each EVERY as [hours, words] (hours)}<option value={hours} selected={hours === data.every}>{words}</option
							>{/each}
					</select></label
				>
				<button class="button" disabled={busy}>Set</button>
			{/snippet}
		</BusyForm>
		{#if form && 'set' in form && form.set}<p role="status">Set.</p>{/if}
		{#if form && 'done' in form && form.done && !form.trouble}<p role="status">{form.done}</p>{/if}
	</section>
	{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
	{#if state.trouble}<Message
			text={state.trouble}
			kept={state.lastGood ? `They are of ${time(state.lastGood)}.` : 'They are those on record.'}
		/>{/if}
	{#if state.changed.length > 0}
		<section>
			<h2>
				What the last good answer changed · {state.changes}{state.changes > state.changed.length
					? `, the first ${state.changed.length}`
					: ''}
			</h2>
			<ul class="mt-1 columns-2 gap-6 text-sm">
				{#each state.changed as words (words)}<li>{words}</li>{/each}
			</ul>
			<p class="mt-1 text-sm text-soft">
				Released kits that it touches are flagged in Kits; none of them changes by itself.
			</p>
		</section>
	{/if}
	{#if state.ignored.length > 0}
		<section>
			<h2>{counted(state.ignored.length, 'row')} left out</h2>
			<ul class="mt-1 text-sm">
				{#each state.ignored as words (words)}<li>{words}</li>{/each}
			</ul>
		</section>
	{/if}
</main>
