<script lang="ts">
	import { Tabs } from 'bits-ui';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import AlsoFor from '$lib/components/kit/AlsoFor.svelte';
	import Demands from '$lib/components/kit/Demands.svelte';
	import ExceptionForm from '$lib/components/kit/ExceptionForm.svelte';
	import KitHead from '$lib/components/kit/KitHead.svelte';
	import KitSays from '$lib/components/kit/KitSays.svelte';
	import Lines from '$lib/components/kit/Lines.svelte';
	import OpenSockets from '$lib/components/kit/OpenSockets.svelte';
	import OrderForm from '$lib/components/kit/OrderForm.svelte';
	import OwnParts from '$lib/components/kit/OwnParts.svelte';
	import Papers from '$lib/components/kit/Papers.svelte';
	import PlacePanel from '$lib/components/kit/PlacePanel.svelte';
	import Release from '$lib/components/kit/Release.svelte';
	import Revisions from '$lib/components/kit/Revisions.svelte';
	import RulePrices from '$lib/components/kit/RulePrices.svelte';
	import RunnersUp from '$lib/components/kit/RunnersUp.svelte';
	import Touches from '$lib/components/kit/Touches.svelte';
	import { KIT_TABS, kitTabNamed, type KitTab } from '$lib/components/kit/tabs';
	import Rota from '$lib/components/rota/Rota.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';

	let { data, form } = $props();

	const vehicle = $derived(data.vehicle.id);
	const editable = $derived(data.state !== 'released');
	const fixed = $derived(new Set<string>(Object.keys(data.order.choices)));
	const tab = $derived(kitTabNamed(page.url.searchParams.get('side') ?? (editable ? null : 'release')));
	const orderKey = $derived(JSON.stringify(data.order));
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

<main class="grid h-full gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_23rem]">
	<div class="flex min-h-0 min-w-0 flex-col gap-3">
		<KitHead {data} />
		{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
		<Touches touches={data.touches} />
		<ScrollPanel label="Lines" class="min-h-0 grow max-lg:max-h-none">
			{#if data.kit.lamps.length === 0 && data.kit.parts.length === 0}
				<p class="p-4">Nothing in this kit yet: the reasons stand beside the open sockets.</p>
			{:else}
				{#if data.kit.lamps.length > 0}<Lines
						title="Lamps"
						lines={data.kit.lamps}
						currency={data.currency}
						shop
						place={tab === 'place' ? (data.place?.socket ?? null) : null}
						onplace={editable ? openPlace : undefined}
					/>{/if}
				{#if data.kit.parts.length > 0}<div class="mt-3">
						<Lines title="Parts" lines={data.kit.parts} currency={data.currency} shop />
					</div>{/if}
			{/if}
			<KitSays
				kit={data.kit}
				policy={data.policy}
				exception={data.order.exception}
				currency={data.currency}
				quoted={data.quoted}
			/>
		</ScrollPanel>
	</div>
	<div class="flex min-h-0 flex-col gap-3">
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
		<Tabs.Root
			value={tab}
			onValueChange={(value) => show(value as KitTab)}
			class="panel flex min-h-0 grow flex-col overflow-hidden"
		>
			<Tabs.List class="flex shrink-0 flex-wrap border-b border-line px-1" aria-label="About this kit">
				{#each KIT_TABS as { id, label } (id)}
					<Tabs.Trigger
						value={id}
						class="min-h-8 border-b-2 border-transparent px-2 font-medium text-soft hover:text-ink data-[state=active]:border-sea data-[state=active]:text-ink"
						>{label}{#if id === 'open' && data.kit.open.length > 0}&nbsp;<span class="number"
								>{data.kit.open.length}</span
							>{/if}</Tabs.Trigger
					>
				{/each}
			</Tabs.List>
			<div class="min-h-0 grow overflow-y-auto p-3">
				<Tabs.Content value="order">
					{#if editable}
						{#key orderKey}<OrderForm
								order={data.order}
								currency={data.currency}
								functions={data.functions}
								{vehicle}
								kit={data.id}
							/>{/key}
						<Demands byHand={data.kit.byHand} order={data.order} names={data.names} {vehicle} kit={data.id} />
						<OwnParts parts={data.kit.parts} {vehicle} kit={data.id} />
						<div class="mt-3"><ExceptionForm exception={data.order.exception ?? null} /></div>
					{:else}
						<p>This revision is released and does not change. Start its next revision under Release.</p>
					{/if}
				</Tabs.Content>
				<Tabs.Content value="place">
					{#if data.place}
						{#key data.place.socket}<PlacePanel
								place={data.place}
								{vehicle}
								kit={data.id}
								currency={data.currency}
								onplace={openPlace}
							/>{/key}
					{:else}
						<p class="text-soft">
							{editable
								? 'Press a lamp in the lines, or Enter on a socket of the rota, to see what else may go there.'
								: 'A released kit does not change.'}
						</p>
					{/if}
				</Tabs.Content>
				<Tabs.Content value="open"
					><OpenSockets
						open={data.kit.open}
						{vehicle}
						kit={data.id}
						{fixed}
						{editable}
						onplace={openPlace}
					/></Tabs.Content
				>
				<Tabs.Content value="weigh">
					<RunnersUp
						runnersUp={data.kit.runnersUp}
						total={data.kit.total}
						currency={data.currency}
						{editable}
						{vehicle}
						kit={data.id}
					/>
					{#if editable}<RulePrices
							prices={form && 'prices' in form ? (form.prices ?? null) : null}
							currency={data.currency}
							{vehicle}
							kit={data.id}
						/>{/if}
				</Tabs.Content>
				<Tabs.Content value="release">
					<Release
						kitState={data.state}
						revision={data.revision}
						toSign={data.toSign}
						life={data.life}
						stale={data.stale}
						person={data.person}
						empty={data.kit.lamps.length + data.kit.parts.length === 0}
					/>
					<AlsoFor
						others={form && 'others' in form ? (form.others ?? null) : null}
						also={data.also}
						valid={data.life.also}
						{editable}
					/>
					<Revisions
						revisions={data.revisions}
						shown={data.revision}
						{vehicle}
						kit={data.id}
						underWay={data.revision > data.revisions.length}
					/>
				</Tabs.Content>
				<Tabs.Content value="papers"
					><Papers {vehicle} kit={data.id} code={data.code} revision={data.revision} /></Tabs.Content
				>
			</div>
		</Tabs.Root>
	</div>
</main>
