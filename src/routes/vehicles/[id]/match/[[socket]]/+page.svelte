<script lang="ts">
	import { goto, replaceState } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import CandidatePanel from '$lib/components/match/CandidatePanel.svelte';
	import CandidateTable from '$lib/components/match/CandidateTable.svelte';
	import HalogenAnswer from '$lib/components/match/HalogenAnswer.svelte';
	import { tabNamed, type MatchTab } from '$lib/components/match/tabs';
	import WhyNot from '$lib/components/match/WhyNot.svelte';
	import Rota from '$lib/components/rota/Rota.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { OPEN_WORDS } from '$lib/core/match/wording/open';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import SocketFacts from '$lib/components/vehicle/SocketFacts.svelte';

	const { money } = shopFormats();

	let { data, form } = $props();

	const params = page.url.searchParams;
	/** What the person looks at; kept in the address, so that a reload or a link shows the same. */
	let picked = $state({ socket: page.params.socket ?? '', product: params.get('product') });
	let tab = $state<MatchTab>(tabNamed(params.get('tab')));
	let compared = $state(params.get('with')?.split(',').filter(Boolean) ?? []);

	const id = $derived(data.vehicle.id);
	const here = $derived(data.socket.id);
	const candidates = $derived(data.match.candidates);
	const wanted = $derived(
		picked.socket === here ? (picked.product ?? data.match.asked?.product) : data.match.asked?.product
	);
	const selected = $derived(candidates.find((c) => c.product === wanted) ?? candidates[0] ?? null);
	const beside = $derived(compared.flatMap((product) => candidates.find((c) => c.product === product) ?? []));
	const shownTab = $derived(tab === 'compare' && beside.length < 2 ? 'reasons' : tab);
	const refused = $derived(candidates.filter((c) => c.verdict === 'refused').length);

	function remember(): void {
		const said: Record<string, string | null> = {
			why: page.url.searchParams.get('why'),
			product: picked.socket === here ? picked.product : null,
			tab: tab === 'reasons' ? null : tab,
			with: compared.join(',') || null
		};
		const query = Object.entries(said)
			.flatMap(([name, value]) => (value ? `${name}=${encodeURIComponent(value)}` : []))
			.join('&');
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with the query added
		replaceState(resolve('/vehicles/[id]/match/[[socket]]', { id, socket: here }) + (query ? `?${query}` : ''), {});
	}
	function pick(product: string): void {
		picked = { socket: here, product };
		remember();
	}
	function show(next: MatchTab): void {
		tab = next;
		remember();
	}
	function compare(product: string): void {
		const isIn = beside.some((c) => c.product === product);
		const now = beside.map((c) => c.product);
		compared = isIn ? now.filter((one) => one !== product) : [...now, product].slice(-4);
		remember();
	}
</script>

<svelte:head><title>{data.socket.name} · Match · Rotalux</title></svelte:head>

<main class="grid h-full gap-3 p-3 lg:grid-cols-[18.5rem_minmax(0,1fr)]">
	<div class="flex min-h-0 flex-col gap-3 sm:max-lg:h-72 sm:max-lg:flex-row">
		<div class="panel h-72 shrink-0 p-1 sm:max-lg:w-72">
			<Rota
				sockets={data.vehicle.sockets}
				selected={here}
				label={data.vehicle.name}
				labels={false}
				onselect={(socket) =>
					goto(resolve('/vehicles/[id]/match/[[socket]]', { id, socket }), {
						keepFocus: true,
						noScroll: true,
						replaceState: true
					})}
				onopen={() =>
					document.querySelector<HTMLElement>('[aria-label="Candidates"] [data-row][aria-pressed=true]')?.focus()}
			/>
		</div>
		<ScrollPanel label="Facts of the socket" class="min-h-0 grow p-3">
			<SocketFacts socket={{ name: data.socket.name, facts: data.socket.known }} />
			<p class="mt-2">
				<a class="link" href={resolve('/vehicles/[id]/whole', { id })}>The whole vehicle at once</a>
			</p>
		</ScrollPanel>
	</div>
	<div class="flex min-h-0 min-w-0 flex-col gap-3">
		<ScrollPanel label="Candidates" class="min-h-56 max-lg:max-h-[45vh] lg:basis-1/2">
			{#if data.match.open}
				<p class="p-4 first-letter:uppercase">{OPEN_WORDS[data.match.open]}</p>
			{:else if candidates.length === 0}
				<p class="p-4">No product in stock is made for this lamp category.</p>
			{:else}
				{#if data.match.exception}
					<p class="border-b border-line bg-raised px-3 py-1.5">
						Judged under the exception signed for the draft kit: “{data.match.exception}”.
					</p>
				{/if}
				<HalogenAnswer {candidates} onselect={pick} />
				<CandidateTable
					{candidates}
					selected={selected?.product ?? null}
					compared={beside.map((c) => c.product)}
					currency={data.currency}
					onselect={pick}
					oncompare={compare}
				/>
			{/if}
		</ScrollPanel>
		<ScrollPanel label="About the candidate" class="min-h-56 p-3 lg:basis-1/2">
			{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
			{#if selected}
				<CandidatePanel
					candidate={selected}
					compared={beside}
					neighbours={data.match.neighbours}
					currency={data.currency}
					tab={shownTab}
					saved={form && 'assumed' in form ? (form.assumed ?? null) : null}
					ontab={show}
					onleave={compare}
				>
					<BusyForm action="?/choose"
						>{#snippet children(busy)}
							<input type="hidden" name="product" value={selected.product} />
							<button class="button" data-main disabled={busy || selected.verdict === 'refused'}>
								{busy ? 'Working out the kit…' : selected.verdict === 'refused' ? 'Refused here' : 'Put into the kit'}
							</button>
						{/snippet}</BusyForm
					>
				</CandidatePanel>
			{/if}
			<div class="mt-3 flex flex-wrap items-end justify-between gap-3 border-t border-line pt-2">
				<p class="text-sm text-soft" role="status">
					{#if form && 'kit' in form && form.kit}
						Put into <a class="link" href={resolve('/vehicles/[id]/kit/[kit]', { id, kit: form.kit })}>{form.name}</a>,
						now
						{money(form.total ?? 0)}.
					{:else}
						{candidates.length} candidates, {refused} refused.
					{/if}
				</p>
				{#if !data.match.open}<WhyNot note={data.match.asked?.note ?? null} />{/if}
			</div>
		</ScrollPanel>
	</div>
</main>
