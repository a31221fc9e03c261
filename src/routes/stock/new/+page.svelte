<script lang="ts">
	import { resolve } from '$app/paths';
	import StockFields from '$lib/components/stock/StockFields.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { answerOf } from '$lib/components/ui/form-answer';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();

	const answer = $derived(answerOf(form));
	const word = $derived(data.shelf === 'products' ? 'product' : 'accessory');
</script>

<svelte:head><title>New {word} · Stock · Rotalux</title></svelte:head>

<main class="page page-reading">
	<div class="flex flex-wrap items-baseline gap-3">
		<a class="link" href={resolve('/stock')}>Stock</a>
		<h1>New {word}</h1>
		<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
		<a class="link" href={`${resolve('/stock/new')}?shelf=${data.shelf === 'products' ? 'accessories' : 'products'}`}
			>{data.shelf === 'products' ? 'an accessory instead' : 'a lamp instead'}</a
		>
		<!-- eslint-enable svelte/no-navigation-without-resolve -->
	</div>
	{#if answer.message}<Message text={answer.message} />{/if}
	<BusyForm class="grid gap-3"
		>{#snippet children(busy)}
			<label class="panel grid gap-0.5 p-3 text-sm text-soft"
				>Number of the {word}, unique in the stock
				<input name="id" class="field w-60 text-base text-ink" required /></label
			>
			<StockFields form={data.form} problems={answer.problems} currency={data.currency} />
			<p><button class="button" data-main disabled={busy}>Add to the stock</button></p>
		{/snippet}</BusyForm
	>
</main>
