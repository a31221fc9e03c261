<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { getDesk } from '$lib/client/record-desk.svelte';
	import ChannelDesk from '$lib/components/record/ChannelDesk.svelte';
	import ChannelMap from '$lib/components/record/ChannelMap.svelte';
	import DeskMessages from '$lib/components/record/DeskMessages.svelte';
	import FlasherDesk from '$lib/components/record/FlasherDesk.svelte';
	import NewChannel from '$lib/components/record/NewChannel.svelte';
	import WalkPages from '$lib/components/record/WalkPages.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';

	let { data } = $props();

	const desk = getDesk();
	const id = $derived(data.vehicle.id);
	const open = (channel?: string) => goto(resolve('/vehicles/[id]/channels/[[channel]]', { id, channel }));
	const address = (channel?: string) => resolve('/vehicles/[id]/channels/[[channel]]', { id, channel });
	const chosen = $derived(data.shown.channels.find(({ channel }) => channel.id === data.chosen) ?? null);
	const unfed = $derived(data.shown.terminals.filter((t) => t.channels.length === 0).length);
</script>

<svelte:head><title>Outputs · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_27rem]">
	<div class="panel flex min-h-0 flex-col p-2">
		<div class="flex flex-wrap items-center gap-2">
			<WalkPages {id} />
			{#if unfed > 0}
				<button type="button" class="chip ml-auto" onclick={() => desk.send({ kind: 'usual-channels' })}
					>Put {unfed} unfed on their usual outputs</button
				>
			{/if}
		</div>
		<DeskMessages />
		<ScrollPanel label="Which output feeds which sockets" class="mt-2 min-h-[22rem] grow border-0!">
			<ChannelMap shown={data.shown} chosen={data.chosen} href={address} />
		</ScrollPanel>
	</div>
	<ScrollPanel label={chosen ? 'Output' : 'Outputs and flasher'} class="min-h-0 p-3">
		{#if chosen}
			{#key chosen.channel.id}
				<ChannelDesk
					shown={chosen}
					terminals={data.shown.terminals}
					names={new Map(data.shown.channels.map(({ channel, name }) => [channel.id as string, name]))}
					onclose={() => open()}
					onrenamed={(channel) => open(channel)}
				/>
			{/key}
		{:else}
			<NewChannel onadded={(channel) => open(channel)} />
			<FlasherDesk flasher={data.shown.flasher} />
		{/if}
	</ScrollPanel>
</main>
