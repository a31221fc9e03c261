<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { getDesk } from '$lib/client/record-desk.svelte';
	import AccessLine from '$lib/components/access/AccessLine.svelte';
	import AccessMap from '$lib/components/access/AccessMap.svelte';
	import OperationDesk from '$lib/components/access/OperationDesk.svelte';
	import ReachedTogether from '$lib/components/access/ReachedTogether.svelte';
	import DeskMessages from '$lib/components/record/DeskMessages.svelte';
	import WalkPages from '$lib/components/record/WalkPages.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';

	let { data } = $props();

	const desk = getDesk();
	const id = $derived(data.vehicle.id);
	const asked = $derived(data.way ? `?to=${encodeURIComponent(data.way.to)}` : '');
	const address = (operation?: string) =>
		`${resolve('/vehicles/[id]/access/[[operation]]', { id, operation })}${asked}`;
	const chosen = $derived(data.view.operations.find(({ operation }) => operation.id === data.chosen) ?? null);
	/** Lamps that the chosen operation, or the way that was asked for, makes free. */
	const reached = $derived(
		chosen
			? (chosen.operation.reaches ?? [])
			: (data.way?.operations ?? []).flatMap(
					(one) => data.view.operations.find(({ operation }) => operation.id === one)?.operation.reaches ?? []
				)
	);

	function ask(to: string): void {
		const base = resolve('/vehicles/[id]/access/[[operation]]', { id });
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it
		void goto(to === '' ? base : `${base}?to=${encodeURIComponent(to)}`, { noScroll: true, keepFocus: true });
	}
</script>

<svelte:head><title>Way in · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_25rem]">
	<div class="panel flex min-h-0 flex-col gap-2 p-2">
		<div class="flex flex-wrap items-center gap-2">
			<WalkPages {id} />
			<label class="ml-auto flex items-center gap-2 text-soft"
				>Way to
				<select class="field text-ink" value={data.way?.to ?? ''} onchange={(event) => ask(event.currentTarget.value)}>
					<option value="">choose a lamp</option>
					{#each data.view.places as place (place.id)}
						<option value={place.id}>{place.name}{place.recorded ? '' : ' (not recorded)'}</option>
					{/each}
				</select></label
			>
		</div>
		<AccessLine context={data.context} />
		<DeskMessages />
		{#if data.way}<p role="status">{data.way.words}</p>{/if}
		<ScrollPanel label="The way in, from the outside to the lamps" class="min-h-[20rem] grow p-2">
			{#if data.view.operations.length === 0}
				<p class="max-w-prose text-soft">
					Nobody has recorded the way in yet. Begin with what comes off first: type “open bonnet; 1 min” above, then the
					next part with “after bonnet”. Until then a plan counts the usual minutes, and says so.
				</p>
			{:else}
				<AccessMap view={data.view} chosen={data.chosen} lit={data.way?.operations ?? null} href={address} />
			{/if}
		</ScrollPanel>
	</div>
	<ScrollPanel label={chosen ? 'Operation' : 'What the way in says'} class="min-h-0 p-3">
		{#if chosen}
			{#key chosen.operation.id}
				<OperationDesk
					shown={chosen}
					view={data.view}
					onclose={() => goto(resolve('/vehicles/[id]/access/[[operation]]', { id }), { noScroll: true })}
				/>
			{/key}
		{/if}
		{#if reached.length > 0}
			<ReachedTogether sockets={data.vehicle.sockets} {reached} label={data.vehicle.name} />
		{/if}
		{#if !chosen}
			<h2>What the way in says</h2>
			{#if data.view.notRecorded.length > 0}
				<p class="mt-2"><span class="font-medium">Not recorded yet:</span> {data.view.notRecorded.join(' · ')}.</p>
			{:else}
				<p class="mt-2">Every lamp has a way in on record.</p>
			{/if}
			{#if data.view.leadNowhere.length > 0}
				<p class="mt-2 text-needs">
					Leads nowhere yet: {data.view.leadNowhere.join(' · ')}. Say what it reaches, or what comes after it.
				</p>
			{/if}
			{#if data.view.differences.length > 0}
				<h3 class="mt-4 font-medium">Where the sides differ</h3>
				<ul>
					{#each data.view.differences as words (words)}<li>{words}</li>{/each}
				</ul>
			{/if}
			<div class="mt-3 flex flex-wrap gap-2">
				{#each ['left', 'right'] as const as side (side)}
					{#if data.view.alone[side] > 0}
						<button type="button" class="button" onclick={() => desk.send({ kind: 'mirror-access', from: side })}
							>Copy to the {side === 'left' ? 'right' : 'left'} what is only on the {side} ({data.view.alone[
								side
							]})</button
						>
					{/if}
				{/each}
				{#each data.sisters as sister (sister.id)}
					<button
						type="button"
						class="button whitespace-normal!"
						onclick={() => desk.send({ kind: 'sister-access', from: sister.id, operations: sister.operations })}
						>Copy {sister.operations.length} from {sister.name}</button
					>
				{/each}
			</div>
		{/if}
	</ScrollPanel>
</main>
