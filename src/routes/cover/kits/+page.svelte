<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { BALANCES } from '$lib/core/model/enumerations';
	import { counted } from '$lib/core/quantity';
	import { actionWithAsked } from '$lib/components/cover/cover-words';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	let { data, form } = $props();
	const shop = shopFormats();
	const EVERY_MS = 2000;

	$effect(() => {
		if (!data.underWay) return;
		const timer = setInterval(() => void invalidateAll(), EVERY_MS);
		return () => clearInterval(timer);
	});
</script>

<svelte:head><title>Kits in bulk · Cover · Rotalux</title></svelte:head>

<section class="panel grid gap-2 p-3" aria-labelledby="bulk">
	<h2 id="bulk">Kits for {counted(data.chosen, 'vehicle')}, one after another</h2>
	<p class="max-w-prose text-sm">
		Choose the vehicles above. Each kit becomes a draft; a person looks at it, checks it and releases it, as always.
	</p>
	<BusyForm action={actionWithAsked(page.url, 'queue')} class="flex flex-wrap items-end gap-3">
		{#snippet children(busy)}
			<label class="grid gap-0.5 text-sm"
				>Scope <select name="scope" class="field"
					>{#each data.scopes as scope (scope)}<option selected={scope === 'signals'}>{scope}</option>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				>Balance <select name="balance" class="field"
					>{#each BALANCES as balance (balance)}<option>{balance}</option>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				>When <select name="when" class="field"
					><option value="now">now, between other work</option><option value="tonight">tonight, from 22:00</option
					></select
				></label
			>
			{#if data.branch !== null}<label class="flex min-h-9 items-center gap-2 text-sm"
					><input type="checkbox" name="everyShelf" class="size-4" />Packs of every branch count</label
				>{/if}
			<button class="button" data-main disabled={busy || data.chosen === 0}>Queue the kits</button>
		{/snippet}
	</BusyForm>
	{#if form && 'refused' in form && form.refused}<Message text={form.refused} />{/if}
	<div class="flex flex-wrap items-center gap-3" role="status">
		<span>{data.counts.waiting} waiting, {data.counts.done} done, {data.counts.failed} failed</span>
		{#if data.counts.waiting > 0}
			<BusyForm action={actionWithAsked(page.url, 'drop')}>
				{#snippet children(busy)}<button class="button" disabled={busy}>Clear the queue</button>{/snippet}
			</BusyForm>
		{/if}
	</div>
</section>
{#if data.last.length > 0}
	<div class="panel overflow-x-auto">
		<table class="w-full text-sm">
			<thead class="text-left text-soft"
				><tr
					><th class="px-3 py-2 font-medium">vehicle</th><th class="font-medium">kit</th><th
						class="number text-right font-medium">left open</th
					><th class="number px-3 text-right font-medium">price</th></tr
				></thead
			>
			<tbody>
				{#each data.last as one (one.number)}
					<tr class="border-t border-line">
						<td class="px-3 py-1.5">{one.name}</td>
						{#if one.kit}
							<td
								><a class="link" href={resolve('/vehicles/[id]/kit/[kit]', { id: one.configuration, kit: one.kit.id })}
									>{one.kit.state === 'draft' ? 'check the draft' : one.kit.state}</a
								></td
							>
							<td class="number text-right">{one.kit.open}</td>
							<td class="number px-3 text-right">{shop.money(one.kit.total)}</td>
						{:else}
							<td colspan="3" class="text-soft">{one.why ?? 'the kit was taken away'}</td>
						{/if}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
{/if}
<section class="panel p-3" aria-labelledby="broken">
	<h2 id="broken">Released kits that a change has broken</h2>
	{#await data.broken}
		<p class="text-soft">Checking the released kits…</p>
	{:then broken}
		{#if broken.length === 0}
			<p class="text-soft">No released kit is broken.</p>
		{:else}
			<ul class="mt-1 grid gap-1 text-sm">
				{#each broken as kit (kit.id)}
					<li>
						<a class="link" href={resolve('/vehicles/[id]/kit/[kit]', { id: kit.configuration, kit: kit.id })}
							>{kit.name}</a
						>, {kit.vehicle}: {kit.words.join('; ')}
					</li>
				{/each}
			</ul>
		{/if}
	{:catch}
		<p class="text-soft">They cannot be checked just now.</p>
	{/await}
</section>
