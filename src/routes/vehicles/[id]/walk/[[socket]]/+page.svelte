<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import Rota from '$lib/components/rota/Rota.svelte';
	import RotaList from '$lib/components/rota/RotaList.svelte';
	import VerdictLegend from '$lib/components/ui/VerdictLegend.svelte';
	import SocketFacts from '$lib/components/vehicle/SocketFacts.svelte';

	let { data } = $props();

	const id = $derived(data.vehicle.id);
	const walk = (socket: string) => resolve('/vehicles/[id]/walk/[[socket]]', { id, socket });
</script>

<svelte:head><title>Walk · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
	<div class="panel flex min-h-0 flex-col p-2">
		<div class="min-h-[22rem] grow">
			<Rota
				sockets={data.vehicle.sockets}
				selected={data.socket?.id ?? null}
				label={data.vehicle.name}
				onselect={(socket) =>
					goto(resolve('/vehicles/[id]/walk/[[socket]]', { id, socket }), {
						keepFocus: true,
						noScroll: true,
						replaceState: true
					})}
				onopen={(socket) => goto(resolve('/vehicles/[id]/match/[[socket]]', { id, socket }))}
			/>
		</div>
		<div class="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 px-2">
			<VerdictLegend of="Best LED:" />
			<p class="text-sm text-soft">Arrow keys walk; Enter opens in Match</p>
		</div>
	</div>
	<div class="flex min-h-0 flex-col gap-3">
		<section class="panel p-3" aria-live="polite">
			{#if data.socket}
				<SocketFacts socket={data.socket}>
					<a
						class="button mt-2"
						data-main
						href={resolve('/vehicles/[id]/match/[[socket]]', { id, socket: data.socket.id })}>Match this socket</a
					>
				</SocketFacts>
			{:else}
				<h2>{data.vehicle.sockets.length} sockets on record</h2>
				<p class="text-soft">Choose one on the rota or in the list.</p>
				{#if data.vehicle.tells.length > 0}
					<h3 class="mt-2 font-medium">How to know this one</h3>
					<ul class="list-disc pl-5">
						{#each data.vehicle.tells as tell (tell)}<li>{tell}</li>{/each}
					</ul>
				{/if}
			{/if}
		</section>
		<div class="panel min-h-40 grow overflow-y-auto p-1">
			<RotaList sockets={data.vehicle.sockets} selected={data.socket?.id ?? null} href={walk} />
		</div>
	</div>
</main>
