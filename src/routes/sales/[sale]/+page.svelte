<script lang="ts">
	import { resolve } from '$app/paths';
	import { COMPLAINT_REASONS, LOST_REASONS, RETURN_REASONS } from '$lib/core/sale';
	import { LOST_WORDS, RETURN_WORDS, STATE_WORDS } from '$lib/components/sales/sale-words';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	let { data, form } = $props();
	const shop = shopFormats();
	const { sale } = $derived(data);
	/** Lines in the order in which somebody walks along the shelves. */
	const lines = $derived(
		[...sale.lines].sort((a, b) => (a.shelf ?? '~').localeCompare(b.shelf ?? '~') || a.sku.localeCompare(b.sku))
	);
	const onShelf = $derived(sale.state === 'quoted' || sale.state === 'ordered');
	const out = $derived(sale.state === 'picked' || sale.state === 'handed-over');
	const last = $derived(sale.returns.at(-1));
</script>

{#snippet step(name: string, label: string, main: boolean)}
	<BusyForm action="?/step">
		{#snippet children(busy)}
			<input type="hidden" name="step" value={name} />
			<button class="button" data-main={main ? '' : undefined} disabled={busy}>{label}</button>
		{/snippet}
	</BusyForm>
{/snippet}

<svelte:head><title>Sale {sale.id} · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-center gap-3">
		<a class="link" href={resolve('/sales')}>Kits for customers</a>
		<h1>{sale.id}: {data.vehicle}</h1>
		<span class="ml-auto rounded border border-sea px-2 py-0.5 font-medium">{STATE_WORDS[sale.state]}</span>
	</div>
	{#if form?.refused}<Message text={form.refused} kept="Nothing was changed." />{/if}
	<p>
		Kit
		{#if data.hasKit}<a
				class="link"
				href={resolve('/vehicles/[id]/kit/[kit]', { id: sale.configuration, kit: sale.kit })}>{sale.code}</a
			>{:else}{sale.code}{/if}, quoted {sale.quotedOn} at {shop.money(sale.total)}.
		{#if sale.reservedUntil && onShelf}Its packs are reserved until {sale.reservedUntil}.{/if}
	</p>
	<section class="flex flex-wrap items-end gap-3" aria-label="Next steps">
		{#if sale.state === 'quoted'}{@render step('order', 'Ordered', true)}{/if}
		{#if sale.state === 'ordered'}{@render step('pick', 'Picked from the shelves', true)}{/if}
		{#if sale.state === 'picked'}{@render step('hand-over', 'Handed over', true)}{/if}
		{#if onShelf}
			<BusyForm action="?/step" class="flex items-end gap-2">
				{#snippet children(busy)}
					<input type="hidden" name="step" value="reserve" />
					<label class="grid gap-0.5 text-sm"
						>Reserve until <input
							type="date"
							name="until"
							class="field"
							value={sale.reservedUntil ?? data.usualUntil}
						/></label
					>
					<button class="button" disabled={busy}>Reserve the packs</button>
				{/snippet}
			</BusyForm>
			{#if sale.reservedUntil}{@render step('free', 'End the reservation', false)}{/if}
			<BusyForm action="?/step" class="flex items-end gap-2">
				{#snippet children(busy)}
					<input type="hidden" name="step" value="lose" />
					<label class="grid gap-0.5 text-sm"
						>Not taken, because
						<select name="because" class="field"
							>{#each LOST_REASONS as reason (reason)}<option value={reason}>{LOST_WORDS[reason]}</option
								>{/each}</select
						></label
					>
					<button class="button" disabled={busy}>Lost</button>
				{/snippet}
			</BusyForm>
		{/if}
	</section>
	<section class="panel overflow-x-auto" aria-label="Packs, shelf by shelf">
		<table class="w-full text-sm">
			<thead class="text-left text-soft"
				><tr
					><th class="px-3 py-2 font-medium">shelf</th><th class="font-medium">pack</th><th
						class="number text-right font-medium">packs</th
					><th class="number px-3 text-right font-medium">on the shelf</th><th
						class="number px-3 text-right font-medium">reserved for others</th
					>{#if sale.returns.length > 0}<th class="number px-3 text-right font-medium">came back</th>{/if}</tr
				></thead
			>
			<tbody>
				{#each lines as line (line.sku)}
					{@const standing = data.standing[line.sku]}
					{@const short = onShelf && (standing?.stock ?? 0) - (standing?.promised ?? 0) < line.packs}
					<tr class="border-t border-line">
						<td class="px-3 py-1.5 font-medium">{line.shelf ?? 'not named'}</td>
						<td
							><a class="link" href={resolve('/stock/[item]', { item: line.item })}>{line.name}</a>
							<span class="text-soft">{line.sku}</span></td
						>
						<td class="number text-right">{line.packs}</td>
						<td class="number px-3 text-right"
							>{standing?.stock ?? 0}{#if short}<strong class="ml-2 text-refuse">too few</strong>{/if}</td
						>
						<td class="number px-3 text-right">{standing?.promised ?? 0}</td>
						{#if sale.returns.length > 0}<td class="number px-3 text-right">{line.returned}</td>{/if}
					</tr>
				{/each}
			</tbody>
		</table>
	</section>
	{#if out}
		<section class="panel grid gap-2 p-3" aria-labelledby="back">
			<h2 id="back">Return</h2>
			<BusyForm action="?/step" class="grid gap-2">
				{#snippet children(busy)}
					<input type="hidden" name="step" value="take-back" />
					<div class="flex flex-wrap gap-3">
						{#each lines.filter(({ packs, returned }) => returned < packs) as line (line.sku)}
							<label class="grid gap-0.5 text-sm"
								>{line.name} <span class="text-soft">{line.sku}</span>
								<input
									type="number"
									name={`packs:${line.sku}`}
									class="field w-24"
									min="0"
									max={line.packs - line.returned}
									value="0"
								/></label
							>
						{/each}
					</div>
					<div class="flex flex-wrap items-end gap-3">
						<label class="grid gap-0.5 text-sm"
							>Because
							<select name="reason" class="field"
								>{#each RETURN_REASONS as reason (reason)}<option value={reason}>{RETURN_WORDS[reason]}</option
									>{/each}</select
							></label
						>
						<label class="flex items-center gap-2"
							><input type="checkbox" name="restocked" value="yes" class="size-5" /> as new, back on the shelf</label
						>
						<button class="button" disabled={busy}>Book the return</button>
					</div>
				{/snippet}
			</BusyForm>
		</section>
	{/if}
	{#if last && COMPLAINT_REASONS.has(last.reason)}
		<p class="panel p-3">
			Returned because: {RETURN_WORDS[last.reason]}. That says something of the lamp or of the record.
			<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved before the question is added -->
			<a class="link" href={`${resolve('/complaints/new')}?code=${sale.code}`}>File a complaint</a>, so that the next
			customer is told.
		</p>
	{/if}
	<section class="panel grid gap-2 p-3" aria-labelledby="who">
		<h2 id="who">Customer</h2>
		{#if data.customer}
			<div class="flex flex-wrap items-center gap-3">
				<span><strong>{data.customer.name}</strong>, kept by consent of {data.customer.agreedOn}</span>
				<BusyForm action="?/forget">
					{#snippet children(busy)}<button class="button" disabled={busy}>Delete the name</button>{/snippet}
				</BusyForm>
			</div>
		{:else}
			<BusyForm action="?/customer" class="flex flex-wrap items-end gap-3">
				{#snippet children(busy)}
					<label class="grid gap-0.5 text-sm"
						>A name or a number <input name="customer" class="field w-64" maxlength="80" autocomplete="off" /></label
					>
					<label class="flex items-center gap-2"
						><input type="checkbox" name="agreed" value="yes" class="size-5" /> the customer agrees</label
					>
					<button class="button" disabled={busy}>Keep the name</button>
				{/snippet}
			</BusyForm>
		{/if}
	</section>
	<section aria-labelledby="log">
		<h2 id="log">What happened</h2>
		<ol class="mt-1 grid gap-0.5 text-sm">
			{#each sale.log as { on, by, what }, i (i)}<li><span class="number text-soft">{on}</span> {what}, {by}</li>{/each}
		</ol>
	</section>
</main>
