<script lang="ts">
	import { SvelteURLSearchParams } from 'svelte/reactivity';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import BayTests from '$lib/components/complaints/BayTests.svelte';
	import CauseList from '$lib/components/complaints/CauseList.svelte';
	import SettleForm from '$lib/components/complaints/SettleForm.svelte';
	import SymptomPicker from '$lib/components/complaints/SymptomPicker.svelte';
	import type { PickedSighting } from '$lib/components/complaints/picked';
	import Rota from '$lib/components/rota/Rota.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { answerOf } from '$lib/components/ui/form-answer';
	import Message from '$lib/components/ui/Message.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import TouchedKits from '$lib/components/complaints/TouchedKits.svelte';

	let { data, form } = $props();

	const { price, date } = shopFormats();
	const complaint = $derived(data.complaint);
	const diagnosis = $derived(data.diagnosis);
	const answer = $derived(answerOf(form));
	const isSettled = $derived(complaint.state === 'settled');
	const chosen = $derived(
		diagnosis?.causes.find(({ key }) => key === page.url.searchParams.get('cause'))?.key ??
			diagnosis?.causes[0]?.key ??
			null
	);
	let picked = $state<PickedSighting[]>([]);
	let at = $state<string | null>(null);

	/** The cause that is played and the mode stand in the address. */
	function show(more: Record<string, string>): void {
		const query = new SvelteURLSearchParams(page.url.searchParams);
		for (const [name, value] of Object.entries(more)) query.set(name, value);
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- this page, with another query
		void goto(`?${query.toString()}`, { replaceState: true, noScroll: true, keepFocus: true });
	}
</script>

<svelte:head><title>Complaint {complaint.id} · Rotalux</title></svelte:head>

<main class="page lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
	<div class="flex flex-wrap items-baseline gap-x-3 gap-y-1 lg:col-span-2">
		<a class="link" href={resolve('/complaints')}>Complaints</a>
		<h1>{data.row?.symptoms.map(({ label }) => label).join('; ') || 'A complaint in words'}</h1>
		<span class="text-soft"
			>{complaint.id} · {date(complaint.on)}{complaint.by ? `, ${complaint.by}` : ''}{complaint.from === 'customer'
				? ', sent by a customer'
				: ''} · {complaint.state.replace('-', ' ')}</span
		>
	</div>
	<p class="lg:col-span-2">
		{#if data.desk.about}<a
				class="link"
				href={resolve('/vehicles/[id]/walk/[[socket]]', {
					id: data.desk.about.id,
					...(complaint.socket ? { socket: complaint.socket } : {})
				})}>{data.desk.about.name}</a
			>{:else}{data.row?.vehicle}{/if}
		{#if complaint.product}· <a class="link" href={resolve('/stock/[item]/history', { item: complaint.product })}
				>{data.row?.product}</a
			>{/if}
		{#if complaint.code}· kit {complaint.code}{/if}
		{#if complaint.fitting}· <a class="link" href={resolve('/fittings/[fitting]', { fitting: complaint.fitting })}
				>its fitting</a
			>{/if}
		{#if complaint.words}<br />“{complaint.words}”{/if}
	</p>
	{#if answer.message}<div class="lg:col-span-2"><Message text={answer.message} /></div>{/if}
	{#if answer.done}<p class="lg:col-span-2" role="status">{answer.done}</p>{/if}
	{#if complaint.state === 'unread'}
		<p class="lg:col-span-2">
			A customer sent this. <a class="link" href={resolve('/complaints')}>Take it or set it aside</a> first; until then it
			counts for nothing.
		</p>
	{/if}
	{#if diagnosis}
		<div class="grid content-start gap-3 max-lg:order-last">
			<section class="panel p-3" aria-label="Causes">
				<h2 class="mb-2">What it comes from</h2>
				{#each diagnosis.contradictions as words (words)}<p class="mb-1 text-needs">{words}</p>{/each}
				<CauseList
					causes={diagnosis.causes}
					other={diagnosis.other}
					isExplained={diagnosis.isExplained}
					{chosen}
					onchoose={(key) => show({ cause: key })}
				/>
			</section>
			<TouchedKits kits={data.kits} />
		</div>
		<div class="grid content-start gap-3">
			{#if !isSettled}
				<section class="panel p-3" aria-label="Next test" aria-live="polite">
					<h2 class="mb-2">Find out in the bay</h2>
					<BayTests tests={diagnosis.tests} answered={diagnosis.answered} />
				</section>
			{/if}
			{#if diagnosis.play}
				<section class="panel grid gap-2 p-3" aria-label="Played">
					<div class="flex flex-wrap items-center gap-2">
						<h2 class="mr-auto">How it would look</h2>
						<label class="flex items-center gap-2 text-sm text-soft"
							>Mode
							<select
								class="field text-base text-ink"
								value={diagnosis.play.mode}
								onchange={(event) => show({ mode: event.currentTarget.value })}
							>
								{#each data.desk.modes as mode (mode.id)}<option value={mode.id}>{mode.label}</option>{/each}
							</select></label
						>
					</div>
					<p class="text-sm text-soft">
						{diagnosis.causes.find(({ key }) => key === diagnosis.play?.cause)?.words ?? ''}. Simulated, not seen.
					</p>
					<div class="h-72">
						<Rota
							sockets={data.sockets}
							selected={at}
							label={`${data.row?.vehicle ?? ''}, ${diagnosis.play.label}`}
							labels={false}
							play={new Map(diagnosis.play.shows)}
							onselect={(id) => (at = id)}
							onopen={() => undefined}
						/>
					</div>
					<p aria-live="polite">
						{#if at}{data.desk.places.find(({ id }) => id === at)?.name}: {new Map(diagnosis.play.shows).get(at)
								?.words ?? 'dark'}.{/if}
						{diagnosis.play.messages.length > 0 ? `Dash: ${diagnosis.play.messages.join('; ')}.` : 'Dash: no message.'}
					</p>
				</section>
			{/if}
			{#if isSettled}
				<section class="panel grid gap-1 p-3" aria-label="Settled">
					<h2>
						Settled{complaint.settledOn ? ` on ${complaint.settledOn}` : ''}{complaint.settledBy
							? `, ${complaint.settledBy}`
							: ''}
					</h2>
					<p>{data.others.find(({ id }) => id === complaint.cause)?.label ?? complaint.cause ?? ''}</p>
					<p>{complaint.settled}</p>
					<p class="text-soft">
						{[
							complaint.minutes === undefined ? null : `${complaint.minutes} min`,
							complaint.cost === undefined ? null : price(complaint.cost),
							complaint.neverAgain ? 'kept out of this place of this vehicle' : null
						]
							.filter(Boolean)
							.join(' · ')}
					</p>
					<label class="grid gap-0.5 text-sm text-soft"
						>For the customer, to copy<textarea class="field text-base text-ink" rows="6" readonly
							>{data.message}</textarea
						></label
					>
					<BusyForm action="?/reopen"
						>{#snippet children(busy)}<button class="button" disabled={busy}>Open it again</button>{/snippet}</BusyForm
					>
				</section>
			{:else if complaint.state === 'open'}
				<section class="panel p-3" aria-label="Settle">
					<h2 class="mb-2">Settle it</h2>
					<SettleForm
						causes={diagnosis.causes}
						others={data.others}
						{chosen}
						currency={data.currency}
						canNever={complaint.product !== undefined && complaint.configuration !== undefined}
					/>
				</section>
			{/if}
			{#if !isSettled}
				<details class="panel p-3">
					<summary class="min-h-6 cursor-pointer font-medium">Something more was seen</summary>
					<BusyForm action="?/more" class="mt-2 grid gap-2"
						>{#snippet children(busy)}
							<SymptomPicker
								choices={data.desk.choices}
								modes={data.desk.modes}
								places={data.desk.places}
								bind:picked
							/>
							<button
								class="button mr-auto"
								disabled={busy || picked.length === 0}
								onclick={() => setTimeout(() => (picked = []), 0)}>Add it</button
							>
						{/snippet}</BusyForm
					>
				</details>
			{/if}
		</div>
	{:else}
		<div class="grid content-start gap-3">
			<section class="panel p-3">
				<h2>The cause cannot be looked for</h2>
				<p>
					Its vehicle is not on record, so no circuit can be played.
					<a class="link" href={resolve('/vehicles/new')}>Add the vehicle</a>, then file the complaint there; these
					words stay.
				</p>
			</section>
			<TouchedKits kits={data.kits} />
		</div>
		{#if complaint.state === 'open'}
			<section class="panel p-3" aria-label="Settle">
				<h2 class="mb-2">Settle it</h2>
				<SettleForm causes={[]} others={data.others} chosen={null} currency={data.currency} canNever={false} />
			</section>
		{:else if isSettled}<p class="panel p-3">{complaint.settled}</p>{/if}
	{/if}
</main>
