<script lang="ts">
	import { resolve } from '$app/paths';
	import BranchShelves from '$lib/components/stock/BranchShelves.svelte';
	import ClaimReview from '$lib/components/stock/ClaimReview.svelte';
	import ProductEvidence from '$lib/components/stock/ProductEvidence.svelte';
	import StockFields from '$lib/components/stock/StockFields.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { answerOf } from '$lib/components/ui/form-answer';
	import Message from '$lib/components/ui/Message.svelte';
	import { provideSaw } from '$lib/components/ui/saw';
	import { counted } from '$lib/core/quantity';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { moment } = shopFormats();
	const newest = () => data.history.events[0]?.id ?? 0;

	let { data, form } = $props();

	const answer = $derived(answerOf(form));
	/** After somebody else's change was shown, saving again is meant to go over it. */
	const shown = $derived(form && 'moved' in form && form.moved && 'latest' in form ? Number(form.latest) : 0);
	provideSaw(() => String(Math.max(shown, newest())));
</script>

<svelte:head><title>{data.title} · Stock · Rotalux</title></svelte:head>

<main class="page lg:grid-cols-[minmax(0,1fr)_minmax(0,27rem)]">
	<div class="flex flex-wrap items-center gap-3 lg:col-span-2">
		<a class="link" href={resolve('/stock')}>Stock</a>
		<h1>{data.title}</h1>
		<span class="text-soft">{data.id}{data.withdrawn ? ', no longer offered' : ''}</span>
		<div class="ml-auto flex gap-2">
			<BusyForm action="?/step" quiet
				>{#snippet children(busy)}
					<input type="hidden" name="way" value="undo" />
					<button class="button" disabled={busy || data.history.undo === null}>Undo</button>
				{/snippet}</BusyForm
			>
			<BusyForm action="?/step" quiet
				>{#snippet children(busy)}
					<input type="hidden" name="way" value="redo" />
					<button class="button" disabled={busy || data.history.redo === null}>Redo</button>
				{/snippet}</BusyForm
			>
		</div>
	</div>
	{#if answer.message}<div class="lg:col-span-2"><Message text={answer.message} /></div>{/if}
	{#if answer.done}<p class="lg:col-span-2" role="status">{answer.done}</p>{/if}
	{#key `${data.id} ${data.history.events[0]?.id}`}
		<BusyForm action="?/save" class="grid content-start gap-3"
			>{#snippet children(busy)}
				<StockFields
					form={data.form}
					values={data.values}
					packs={data.packs}
					problems={answer.problems}
					currency={data.currency}
				/>
				<div class="flex flex-wrap items-center gap-4">
					<button class="button" data-main disabled={busy}>Save</button>
					<label class="flex min-h-8 items-center gap-2"
						><input type="checkbox" class="size-4" name="withdrawn" checked={data.withdrawn} />no longer offered: Match
						and kits leave it out</label
					>
				</div>
			{/snippet}</BusyForm
		>
	{/key}
	<div class="grid content-start gap-3">
		{#if data.branch && data.everywhere.length > 0}<BranchShelves packs={data.everywhere} here={data.branch} />{/if}
		{#if data.product}
			<ClaimReview claims={data.product.claims} derated={data.product.derated} />
			<ProductEvidence facts={data.product.facts} choices={data.product.choices} />
			<section class="panel p-3" aria-label="In the field">
				<h2>In the field</h2>
				<p>
					{data.product.open > 0 ? `${counted(data.product.open, 'open complaint')}. ` : ''}<a
						class="link"
						href={resolve('/stock/[item]/history', { item: data.id })}
						>Where it is fitted, what was said, how long it lives</a
					>
				</p>
			</section>
		{/if}
		<section class="panel p-3" aria-label="History">
			<h2>History</h2>
			{#if data.history.events.length === 0}<p class="text-soft">Nothing yet.</p>{/if}
			<ul>
				{#each data.history.events.slice(0, 12) as event (event.id)}
					<li class="text-sm">
						<span class="text-soft">{moment(event.at)} {event.by ?? 'no name given'}</span>
						{event.what}
					</li>
				{/each}
			</ul>
		</section>
	</div>
</main>
