<script lang="ts">
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import CandidateTable from '$lib/components/match/CandidateTable.svelte';
	import Reasons from '$lib/components/match/Reasons.svelte';
	import Rota from '$lib/components/rota/Rota.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { money } from '$lib/components/ui/money';
	import SocketFacts from '$lib/components/vehicle/SocketFacts.svelte';

	let { data, form } = $props();

	/** What the person picked on this socket; the best candidate until then. */
	let picked = $state<{ socket: string; product: string } | null>(null);

	const id = $derived(data.vehicle.id);
	const candidates = $derived(data.match.candidates);
	const selected = $derived(
		candidates.find((c) => picked?.socket === data.socket.id && c.product === picked.product) ?? candidates[0] ?? null
	);
	const refused = $derived(candidates.filter((c) => c.verdict === 'refused').length);

	const OPEN = {
		'factory-led': 'A factory LED stands here: there is no lamp to replace.',
		sealed: 'A sealed unit stands here: there is no lamp to replace.',
		'category-unknown': 'The lamp category is not known: read it from the lamp that came out.'
	} as const;
</script>

<svelte:head><title>{data.socket.name} · Match · Rotalux</title></svelte:head>

<main class="grid h-full gap-3 p-3 lg:grid-cols-[18.5rem_minmax(0,1fr)]">
	<div class="flex min-h-0 flex-col gap-3 sm:max-lg:h-72 sm:max-lg:flex-row">
		<div class="panel h-72 shrink-0 p-1 sm:max-lg:w-72">
			<Rota
				sockets={data.vehicle.sockets}
				selected={data.socket.id}
				label={data.vehicle.name}
				labels={false}
				onselect={(socket) =>
					goto(resolve('/vehicles/[id]/match/[[socket]]', { id, socket }), {
						keepFocus: true,
						noScroll: true,
						replaceState: true
					})}
				onopen={() => document.querySelector<HTMLElement>('[aria-label="Candidates"] button[aria-pressed]')?.focus()}
			/>
		</div>
		<ScrollPanel label="Facts of the socket" class="min-h-0 grow p-3">
			<SocketFacts socket={{ name: data.socket.name, facts: data.socket.known }} />
		</ScrollPanel>
	</div>
	<div class="flex min-h-0 min-w-0 flex-col gap-3">
		<ScrollPanel label="Candidates" class="min-h-56 max-lg:max-h-[45vh] lg:basis-1/2">
			{#if data.match.open}
				<p class="p-4">{OPEN[data.match.open]}</p>
			{:else if candidates.length === 0}
				<p class="p-4">No product in stock is made for this lamp category.</p>
			{:else}
				<CandidateTable
					{candidates}
					selected={selected?.product ?? null}
					currency={data.currency}
					onselect={(product) => (picked = { socket: data.socket.id, product })}
				/>
			{/if}
		</ScrollPanel>
		<ScrollPanel label="Reasons" class="min-h-56 p-3 lg:basis-1/2">
			{#if form?.message}<Message text={form.message} />{/if}
			{#if selected}
				<Reasons candidate={selected}>
					<BusyForm action="?/choose"
						>{#snippet children(busy)}
							<input type="hidden" name="product" value={selected.product} />
							<button class="button" data-main disabled={busy || selected.verdict === 'refused'}>
								{busy ? 'Working out the kit…' : selected.verdict === 'refused' ? 'Refused here' : 'Put into the kit'}
							</button>
						{/snippet}</BusyForm
					>
				</Reasons>
			{/if}
			<p class="mt-2 text-sm text-soft" role="status">
				{#if form?.kit}
					Put into <a class="link" href={resolve('/vehicles/[id]/kit/[kit]', { id, kit: form.kit })}>{form.name}</a>,
					now
					{money(form.total ?? 0, data.currency)}.
				{:else}
					{candidates.length} candidates, {refused} refused.
				{/if}
			</p>
		</ScrollPanel>
	</div>
</main>
