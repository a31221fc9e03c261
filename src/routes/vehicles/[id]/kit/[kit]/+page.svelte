<script lang="ts">
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import ExceptionForm from '$lib/components/kit/ExceptionForm.svelte';
	import HandChoices from '$lib/components/kit/HandChoices.svelte';
	import Lines from '$lib/components/kit/Lines.svelte';
	import OpenSockets from '$lib/components/kit/OpenSockets.svelte';
	import OrderForm from '$lib/components/kit/OrderForm.svelte';
	import Release from '$lib/components/kit/Release.svelte';
	import RunnersUp from '$lib/components/kit/RunnersUp.svelte';
	import Rota from '$lib/components/rota/Rota.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { money } from '$lib/components/ui/money';
	import { policySentences } from '$lib/core/showing/cautions';

	let { data, form } = $props();

	let selected = $state<string | null>(null);
	const id = $derived(data.vehicle.id);
	const where = $derived({ id, kit: data.id });
	const draft = $derived(data.state === 'draft');
	const fixed = $derived(new Set<string>(Object.keys(data.order.choices)));
	const served = $derived(data.kit.lamps.reduce((sum, line) => sum + line.sockets.length, 0));
</script>

<svelte:head><title>{data.name} · Kit · Rotalux</title></svelte:head>

<main class="grid h-full gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_20rem]">
	<div class="flex min-h-0 min-w-0 flex-col gap-3">
		<section class="panel flex flex-wrap items-center gap-x-4 gap-y-2 px-3 py-2" aria-label="Kit">
			<BusyForm action="?/rename" class="flex items-center gap-2"
				>{#snippet children(busy)}
					<input
						name="name"
						class="field w-52 font-semibold"
						aria-label="Name of the kit"
						value={data.name}
						required
						maxlength="200"
					/>
					<button class="button" disabled={busy}>Rename</button>
				{/snippet}</BusyForm
			>
			<span class="text-soft">{data.code ? `released as ${data.code}` : 'draft'}</span>
			<span>{served} sockets served, {data.kit.spare} pieces spare</span>
			<strong class="ml-auto text-xl">{money(data.kit.total, data.currency)}</strong>
		</section>
		{#if form?.message}<Message text={form.message} />{/if}
		{#if data.stale}
			<p class="panel px-3 py-2" role="status">
				Facts have changed since this kit was worked out; the lines are as they were then. Solve it again.
			</p>
		{/if}
		<ScrollPanel label="Lines" class="min-h-0 grow">
			{#if data.kit.lamps.length === 0}
				<p class="p-4">Nothing in this kit yet: the reasons stand beside the open sockets.</p>
			{:else}
				<Lines title="Lamps" lines={data.kit.lamps} currency={data.currency} />
				{#if data.kit.parts.length > 0}<div class="mt-3">
						<Lines title="Parts" lines={data.kit.parts} currency={data.currency} />
					</div>{/if}
			{/if}
			<div class="grid gap-1 p-3 text-soft">
				<p>
					{data.kit.gap === 0
						? 'Proven best for its balance'
						: `Not proven best: at most ${money(data.kit.gap, data.currency)} from it`}; whole packs, both sides alike,
					parts included.
				</p>
				{#each policySentences(data.policy, data.order.exception) as sentence (sentence)}<p>{sentence}</p>{/each}
			</div>
		</ScrollPanel>
	</div>
	<div class="flex min-h-0 flex-col gap-3 overflow-y-auto">
		<div class="panel h-60 shrink-0 p-1">
			<Rota
				sockets={data.kit.sockets}
				{selected}
				label={`${data.vehicle.name}, as this kit would light it`}
				labels={false}
				onselect={(socket) => (selected = socket)}
				onopen={(socket) => goto(resolve('/vehicles/[id]/match/[[socket]]', { id, socket }))}
			/>
		</div>
		<div class="panel grid gap-2 p-3">
			<div class="flex flex-wrap gap-2">
				<a class="button" href={resolve('/vehicles/[id]/kit/[kit]/sheet', where)}>Sheet</a>
				<a class="button" href={resolve('/vehicles/[id]/kit/[kit]/sheet.pdf', where)} download>PDF</a>
				<a class="button" href={resolve('/vehicles/[id]/kit/[kit]/kit.csv', where)} download>CSV</a>
				<a class="button" href={resolve('/vehicles/[id]/kit/[kit]/kit.json', where)} download>JSON</a>
			</div>
			{#if draft}<OrderForm order={data.order} currency={data.currency} />{/if}
		</div>
		{#if draft && data.kit.byHand.length > 0}<div class="panel p-3"><HandChoices choices={data.kit.byHand} /></div>{/if}
		<div class="panel p-3"><OpenSockets open={data.kit.open} vehicle={id} {fixed} editable={draft} /></div>
		{#if draft}
			<div class="panel p-3"><ExceptionForm exception={data.order.exception ?? null} /></div>
			<div class="panel p-3"><Release wantsSignature={data.kit.wantsSignature} stale={data.stale} /></div>
		{/if}
		{#if draft || data.kit.runnersUp.length > 0}
			<div class="panel p-3">
				<RunnersUp runnersUp={data.kit.runnersUp} total={data.kit.total} currency={data.currency} editable={draft} />
			</div>
		{/if}
	</div>
</main>
