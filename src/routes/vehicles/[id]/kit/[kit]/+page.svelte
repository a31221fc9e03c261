<script lang="ts">
	import { goto, invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import KitHead from '$lib/components/kit/KitHead.svelte';
	import KitSide from '$lib/components/kit/KitSide.svelte';
	import KitSummary from '$lib/components/kit/KitSummary.svelte';
	import Lines from '$lib/components/kit/Lines.svelte';
	import ReleaseImpacts from '$lib/components/kit/ReleaseImpacts.svelte';
	import { kitTabNamed, type KitTab } from '$lib/components/kit/tabs';
	import ToBring from '$lib/components/kit/ToBring.svelte';
	import Rota from '$lib/components/rota/Rota.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import Panes from '$lib/components/ui/Panes.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { provideSaw } from '$lib/components/ui/saw';
	import { provideCurrency } from '$lib/components/ui/shop-formats';

	let { data, form } = $props();

	provideCurrency(() => data.currency);
	provideSaw(() => data.sight);

	const vehicle = $derived(data.vehicle.id);
	const editable = $derived(data.state !== 'released');
	const tab = $derived(kitTabNamed(page.url.searchParams.get('side') ?? (editable ? null : 'release')));
	function show(side: KitTab, place: string | null = data.place?.socket ?? null): void {
		const asked = [
			`side=${side}`,
			...(place === null ? [] : [`place=${encodeURIComponent(place)}`]),
			...(data.revision <= data.revisions.length ? [`revision=${data.revision}`] : [])
		];
		const address = resolve('/vehicles/[id]/kit/[kit]', { id: vehicle, kit: data.id });
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it
		void goto(`${address}?${asked.join('&')}`, { keepFocus: true, noScroll: true });
	}
	const openPlace = (socket: string) => show('place', socket);
</script>

<svelte:head><title>{data.name} · Kit · Rotalux</title></svelte:head>

{#snippet box()}
	<div class="flex min-h-0 min-w-0 grow flex-col gap-3">
		<KitHead {data} />
		{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
		{#if form && 'moved' in form && form.moved}<button class="button self-start" onclick={() => invalidateAll()}
				>Show what it is now</button
			>{/if}
		<ReleaseImpacts impacts={data.impacts} />
		{#if data.at !== null}<ToBring toBring={data.toBring} at={data.at} />{/if}
		<ScrollPanel label="Lines" class="min-h-0 grow max-lg:max-h-none">
			{#if data.kit.lamps.length === 0 && data.kit.parts.length === 0}
				<p class="p-4">Nothing in this kit yet: the reasons stand beside the open sockets.</p>
			{:else}
				{#if data.kit.lamps.length > 0}<Lines
						title="Lamps"
						lines={data.kit.lamps}
						currency={data.currency}
						shop
						everyShelf={data.order.everyShelf === true}
						place={tab === 'place' ? (data.place?.socket ?? null) : null}
						onplace={editable ? openPlace : undefined}
					/>{/if}
				{#if data.kit.parts.length > 0}<div class="mt-3">
						<Lines
							title="Parts"
							lines={data.kit.parts}
							currency={data.currency}
							shop
							everyShelf={data.order.everyShelf === true}
						/>
					</div>{/if}
			{/if}
			<KitSummary kit={data.kit} policy={data.policy} exception={data.order.exception} quoted={data.quoted} />
		</ScrollPanel>
	</div>
{/snippet}
{#snippet side()}
	<div class="flex min-h-0 grow flex-col gap-3">
		<div class="panel h-48 shrink-0 p-1">
			<Rota
				sockets={data.kit.sockets}
				selected={data.place?.socket ?? null}
				label={`${data.vehicle.name}, as this kit would light it`}
				labels={false}
				onselect={() => {}}
				onopen={(socket) =>
					editable ? openPlace(socket) : goto(resolve('/vehicles/[id]/match/[[socket]]', { id: vehicle, socket }))}
			/>
		</div>
		<KitSide
			{data}
			answers={{
				prices: form && 'prices' in form ? (form.prices ?? null) : null,
				others: form && 'others' in form ? (form.others ?? null) : null
			}}
			{vehicle}
			{tab}
			ontab={show}
			onplace={openPlace}
		/>
	</div>
{/snippet}

<main class="h-full p-3">
	<Panes
		name="kit"
		panes={[
			{ id: 'lines', label: 'the lines', size: 66, least: 40, content: box },
			{ id: 'side', label: 'the order', size: 34, least: 24, content: side }
		]}
	/>
</main>
