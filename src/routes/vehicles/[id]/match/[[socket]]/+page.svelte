<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import CandidatePanel from '$lib/components/match/CandidatePanel.svelte';
	import CandidateTable from '$lib/components/match/CandidateTable.svelte';
	import FilamentAnswer from '$lib/components/match/FilamentAnswer.svelte';
	import { MATCH_TABS, tabNamed, type MatchTab } from '$lib/components/match/tabs';
	import WhyNot from '$lib/components/match/WhyNot.svelte';
	import { verdictsHere } from '$lib/client/verdicts.svelte';
	import { VERDICTS } from '$lib/core/match/findings/verdict';
	import type { CandidateWish } from '$lib/core/views';
	import Rota from '$lib/components/rota/Rota.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { counted } from '$lib/core/quantity';
	import Message from '$lib/components/ui/Message.svelte';
	import { OPEN_WORDS } from '$lib/core/match/wording/open';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import GrowButton from '$lib/components/ui/GrowButton.svelte';
	import Panes from '$lib/components/ui/Panes.svelte';
	import RotaList from '$lib/components/rota/RotaList.svelte';
	import ThisSocket from '$lib/components/match/ThisSocket.svelte';

	const { money } = shopFormats();

	let { data, form } = $props();

	const verdicts = verdictsHere();
	const NAMES = ['why', 'product', 'tab', 'with', 'f', 'without', 'by', 'down', 'rows', 'wide'] as const;
	type Said = Partial<Record<(typeof NAMES)[number], string | null>>;

	const saidIn = ({ searchParams }: URL): Said =>
		Object.fromEntries(NAMES.map((name) => [name, searchParams.get(name)]));

	/** What the person looks at, at once; the address and the answer follow. */
	let said = $derived<Said>(saidIn(page.url));
	const tab = $derived<MatchTab>(tabNamed(said.tab ?? null));

	/** The vehicle stays when another socket is looked at: what is drawn of it is not drawn again. */
	const vehicle = $derived(data.vehicle);
	const sockets = $derived(verdicts.on(vehicle.sockets));
	const id = $derived(vehicle.id);
	const here = $derived(data.socket.id);
	const match = $derived(data.match);
	const total = $derived(VERDICTS.reduce((sum, verdict) => sum + match.counts[verdict], 0));
	/** Its numbers may still be on the way: those of the row before stand until then. */
	const selected = $derived(match.looked[0] ?? null);
	const marked = $derived(said.product ?? selected?.product ?? null);
	const compared = $derived(said.with?.split(',').filter(Boolean) ?? []);
	const beside = $derived(compared.flatMap((product) => match.looked.find((c) => c.product === product) ?? []));
	const shownTab = $derived(tab === 'compare' && beside.length < 2 ? MATCH_TABS[0].id : tab);

	/** Everything a person looks at stands in the address, so that a reload or a link shows the same. */
	function address(now: Said): string {
		const query = NAMES.flatMap((name) => {
			const value = now[name];
			return value === null || value === undefined ? [] : [`${name}=${encodeURIComponent(value)}`];
		}).join('&');
		return resolve('/vehicles/[id]/match/[[socket]]', { id, socket: here }) + (query ? `?${query}` : '');
	}
	function show(changes: Said): void {
		said = { ...said, ...changes };
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with the query added
		void goto(address(said), { replaceState: true, keepFocus: true, noScroll: true });
	}

	function pick(product: string): void {
		show({ product, why: null });
	}
	function turnTo(next: MatchTab): void {
		show({ tab: next === MATCH_TABS[0].id ? null : next });
	}
	function compare(product: string): void {
		const others = compared.filter((one) => one !== product);
		const next = others.length < compared.length ? others : [...compared, product].slice(-4);
		show({ with: next.join(',') || null, product: marked });
	}
	function filter({ typed, verdicts: left, by, down }: CandidateWish): void {
		const without = VERDICTS.filter((verdict) => !left.includes(verdict)).join(',');
		// The usual order is said where another one was kept.
		const order = by ?? (data.wish.by === null ? null : '');
		show({ f: typed || null, without: without || null, by: order, down: down ? '' : null, rows: null });
	}
</script>

<svelte:head><title>{data.socket.name} · Match · Rotalux</title></svelte:head>

{#snippet wheel()}
	<div class="panel mb-3 aspect-square max-h-80 shrink-0 p-1 sm:max-lg:mx-auto sm:max-lg:w-80">
		<Rota
			{sockets}
			selected={here}
			label={vehicle.name}
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
	<ScrollPanel label="Sockets of the vehicle" class="min-h-0 grow p-1.5 max-lg:max-h-64">
		<p class="px-2 pt-1">
			<a class="link" href={resolve('/vehicles/[id]/whole', { id })}>The whole vehicle at once</a>
		</p>
		<RotaList {sockets} selected={here} href={(socket) => resolve('/vehicles/[id]/match/[[socket]]', { id, socket })} />
	</ScrollPanel>
{/snippet}
{#snippet list()}
	<ScrollPanel label="Candidates" class="min-h-56 grow max-lg:max-h-[60vh]">
		<ThisSocket socket={{ name: data.socket.name, facts: data.socket.known }} />
		{#if match.open}
			<p class="p-4 first-letter:uppercase">{OPEN_WORDS[match.open]}</p>
		{:else if total === 0}
			<p class="p-4">No product in stock is made for this lamp category.</p>
		{:else}
			{#if match.exception}
				<p class="border-b border-line bg-raised px-3 py-1.5">
					Judged under the exception signed for the draft kit: “{match.exception}”.
				</p>
			{/if}
			{#if match.filament}<FilamentAnswer answer={match.filament} onselect={pick} />{/if}
			<CandidateTable
				candidates={match.candidates}
				counts={match.counts}
				wish={data.wish}
				selected={marked}
				{compared}
				currency={data.currency}
				onselect={pick}
				oncompare={compare}
				onwish={filter}
			/>
			{#if match.left > match.candidates.length}
				<p class="flex items-center gap-3 border-t border-line px-3 py-2">
					The first {match.candidates.length} of {match.left}.
					<button
						type="button"
						class="button min-h-7! py-0!"
						onclick={() => show({ rows: String(match.candidates.length * 2) })}>Show more</button
					>
				</p>
			{/if}
		{/if}
	</ScrollPanel>
{/snippet}
{#snippet about()}
	<ScrollPanel label="About the candidate" class="@container min-h-56 grow p-3">
		{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
		{#if selected}
			<CandidatePanel
				candidate={selected}
				compared={beside}
				neighbours={match.neighbours}
				currency={data.currency}
				tab={shownTab}
				saved={form && 'assumed' in form ? (form.assumed ?? null) : null}
				ontab={turnTo}
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
				<GrowButton isGrown={said.wide === ''} ongrow={(wide) => show({ wide: wide ? '' : null })} />
			</CandidatePanel>
		{/if}
		<div class="mt-3 flex flex-wrap items-end justify-between gap-3 border-t border-line pt-2">
			<p class="text-sm text-soft" role="status">
				{#if form && 'kit' in form && form.kit}
					Put into <a class="link" href={resolve('/vehicles/[id]/kit/[kit]', { id, kit: form.kit })}>{form.name}</a>,
					now
					{money(form.total ?? 0)}.
				{:else}
					{counted(total, 'candidate')}, {match.counts.refused} refused.
				{/if}
			</p>
			{#if !match.open}<WhyNot note={match.asked?.note ?? null} />{/if}
		</div>
	</ScrollPanel>
{/snippet}

<main class="h-full p-3">
	<Panes
		name="match"
		grown={said.wide === '' ? 'about' : null}
		panes={[
			{ id: 'wheel', label: 'the wheel', size: 22, least: 14, content: wheel },
			{ id: 'list', label: 'the candidates', size: 43, least: 25, content: list },
			{ id: 'about', label: 'the candidate', size: 35, least: 25, content: about }
		]}
	/>
</main>
