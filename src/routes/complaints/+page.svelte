<script lang="ts">
	import { resolve } from '$app/paths';
	import SymptomMark from '$lib/components/complaints/SymptomMark.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { answerOf } from '$lib/components/ui/form-answer';
	import Message from '$lib/components/ui/Message.svelte';
	import { counted } from '$lib/core/quantity';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	let { data, form } = $props();

	const TABS = [
		['unread', 'From customers, to read'],
		['open', 'Open'],
		['settled', 'Settled'],
		['set-aside', 'Set aside']
	] as const;
	const answer = $derived(answerOf(form));
</script>

<svelte:head><title>Complaints · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-center gap-2">
		<h1 class="mr-auto">Complaints</h1>
		<a class="button" href={resolve('/follow-ups')}>Ask after: {data.due} due</a>
		<a class="button" href={resolve('/learned/[[month]]', {})}>What we learned</a>
		<a class="button" data-main href={resolve('/complaints/new')}>File a complaint</a>
	</div>
	<nav class="flex flex-wrap gap-1" aria-label="State">
		{#each TABS as [state, words] (state)}
			<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved, with a query behind it -->
			<a
				class="chip"
				aria-current={data.state === state ? 'page' : undefined}
				href={`${resolve('/complaints')}?show=${state}`}>{words} ({data.counts[state]})</a
			>
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		{/each}
	</nav>
	{#if answer.message}<Message text={answer.message} />{/if}
	{#if answer.done}<p role="status">{answer.done}</p>{/if}
	{#if data.rows.length === 0}
		<p class="text-soft">
			{data.state === 'open'
				? 'No complaint is open. What comes back to the counter is worth more than any claim: file it, and its cause is looked for.'
				: 'None here.'}
		</p>
	{/if}
	<ul class="grid gap-2">
		{#each data.rows as row (row.id)}
			<li class="panel flex flex-wrap items-start gap-3 p-3">
				<div class="flex gap-1 pt-0.5">
					{#each row.symptoms.slice(0, 3) as one, i (i)}<SymptomMark symptom={one.id} />{/each}
				</div>
				<div class="min-w-56 grow">
					<a class="link font-medium" href={resolve('/complaints/[complaint]', { complaint: row.id })}
						>{row.symptoms.length > 0
							? row.symptoms.map(({ label }) => label).join('; ')
							: (row.words ?? 'in words only')}</a
					>
					<p>{row.vehicle}</p>
					<p class="text-sm text-soft">
						{[row.product, row.code ? `kit ${row.code}` : null, row.symptoms.length > 0 ? row.words : null]
							.filter(Boolean)
							.join(' · ')}
					</p>
					{#if row.settled}<p class="text-sm">{row.settled}</p>{/if}
				</div>
				<p class="text-sm text-soft">
					{date(row.on)}{row.by ? `, ${row.by}` : ''}{row.from === 'customer' ? ', sent by a customer' : ''}
				</p>
				{#if row.state === 'unread'}
					<BusyForm action="?/read" class="flex gap-2"
						>{#snippet children(busy)}
							<input type="hidden" name="complaint" value={row.id} />
							<button class="button" data-main name="take" value="yes" disabled={busy}>It is one</button>
							<button class="button" name="take" value="no" disabled={busy}>Set aside</button>
						{/snippet}</BusyForm
					>
				{/if}
			</li>
		{/each}
	</ul>
	{#if data.rows.length >= 200}<p class="text-soft">
			The last {counted(data.rows.length, 'complaint')} are shown.
		</p>{/if}
</main>
