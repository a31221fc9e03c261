<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { getDesk } from '$lib/client/record-desk.svelte';
	import DeskMessages from '$lib/components/record/DeskMessages.svelte';
	import ExpectedPlaces from '$lib/components/record/ExpectedPlaces.svelte';
	import FactRow from '$lib/components/record/FactRow.svelte';
	import NextPanel from '$lib/components/record/NextPanel.svelte';
	import RoomEditor from '$lib/components/record/RoomEditor.svelte';
	import SocketDesk from '$lib/components/record/SocketDesk.svelte';
	import WalkLine from '$lib/components/record/WalkLine.svelte';
	import WalkList from '$lib/components/record/WalkList.svelte';
	import WalkPages from '$lib/components/record/WalkPages.svelte';
	import { verdictsHere } from '$lib/client/verdicts.svelte';
	import Rota from '$lib/components/rota/Rota.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import VerdictLegend from '$lib/components/ui/VerdictLegend.svelte';

	const verdicts = verdictsHere();

	let { data } = $props();

	const desk = getDesk();
	let line = $state<ReturnType<typeof WalkLine>>();

	const id = $derived(data.vehicle.id);
	const query = $derived(data.view === 'rota' ? '' : `?view=${data.view}`);
	const address = (socket?: string) => resolve('/vehicles/[id]/walk/[[socket]]', { id, socket }) + query;
	const stay = { keepFocus: true, noScroll: true, replaceState: true };
</script>

<svelte:head><title>Walk · {data.vehicle.name} · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve (address() resolves, and keeps the view) -->
<main
	class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_27rem] lg:grid-rows-[auto_minmax(0,1fr)]"
>
	<section class="panel p-3 lg:col-span-2" aria-label="Walk-line">
		<WalkLine bind:this={line} context={data.context} vehicle={id} begun={page.url.searchParams.get('line') ?? ''} />
		<DeskMessages />
	</section>
	<div class="panel flex min-h-0 flex-col p-2">
		<div class="flex flex-wrap items-center gap-2">
			<WalkPages {id} view={data.view === 'rota' ? 'walk' : data.view} />
			<button type="button" class="chip ml-auto" onclick={() => desk.send({ kind: 'mirror' })}
				>Mirror what has no twin</button
			>
		</div>
		{#if data.view === 'list'}
			<ScrollPanel label="Walk as a list" class="mt-2 min-h-[22rem] grow border-0!">
				<WalkList rows={data.walk.rows} selected={data.socket?.id ?? null} href={address} />
			</ScrollPanel>
		{:else if data.view === 'room'}
			<ScrollPanel label="Clearance of the socket" class="mt-2 min-h-[22rem] grow border-0!">
				{#if data.socket}<RoomEditor socket={data.socket} />
				{:else}<p class="p-4 text-soft">
						Choose a socket in the list or on the rota; its room is drawn here as you type it.
					</p>{/if}
			</ScrollPanel>
		{:else}
			<div class="min-h-[22rem] grow">
				<Rota
					sockets={verdicts.on(data.vehicle.sockets)}
					selected={data.socket?.id ?? null}
					label={data.vehicle.name}
					onselect={(socket) => goto(address(socket), stay)}
					onopen={(socket) => goto(resolve('/vehicles/[id]/match/[[socket]]', { id, socket }))}
				/>
			</div>
			<div class="flex flex-wrap items-center justify-between gap-x-6 px-2">
				<VerdictLegend of="Best LED:" />
				<p class="text-sm text-soft">Arrow keys walk; Enter opens in Match</p>
			</div>
		{/if}
	</div>
	<ScrollPanel label={data.socket ? 'Socket' : 'Still to walk'} class="min-h-0 p-3">
		{#if data.socket}
			<SocketDesk socket={data.socket} onremoved={() => goto(address(), stay)}>
				<span class="flex gap-1">
					<a class="button" href={address()} data-sveltekit-noscroll>Close</a>
					<a class="button" data-main href={resolve('/vehicles/[id]/match/[[socket]]', { id, socket: data.socket.id })}
						>Match this socket</a
					>
				</span>
			</SocketDesk>
		{:else}
			<NextPanel vehicle={data.vehicle.id} revision={data.revision} />
			<ExpectedPlaces walk={data.walk} kind={data.vehicle.kind} onbegin={(text) => line?.begin(text)} />
			<h3 class="mt-3 font-medium">The whole vehicle</h3>
			{#each data.walk.vehicle as fact (fact.id)}<FactRow kind="vehicle" subject={id} {fact} />{/each}
			{#if data.vehicle.tells.length > 0}
				<h3 class="mt-3 font-medium">How to know this one</h3>
				<ul class="list-disc pl-5">
					{#each data.vehicle.tells as tell (tell)}<li>{tell}</li>{/each}
				</ul>
			{/if}
		{/if}
	</ScrollPanel>
</main>
<!-- eslint-enable svelte/no-navigation-without-resolve -->
