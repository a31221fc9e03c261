<script lang="ts">
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import KitTable from '$lib/components/kit/KitTable.svelte';
	import Pages from '$lib/components/ui/Pages.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { SCOPE_OPTIONS, BALANCE_OPTIONS, SOCKETS_SCOPE } from '$lib/components/kit/options';

	import { lampFunction } from '$lib/core/lamps/functions';

	let { data, form } = $props();

	let scope = $state<string>('vehicle');
</script>

<svelte:head><title>Kits · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="page page-reading">
	<h2>New kit</h2>
	{#if form?.message}<Message text={form.message} />{/if}
	<BusyForm action="?/start" class="panel flex flex-wrap items-end gap-3 p-4"
		>{#snippet children(busy)}
			<label class="grid gap-1 font-medium"
				>Name <input name="name" class="field font-normal" value="Whole vehicle" required maxlength="200" /></label
			>
			<label class="grid gap-1 font-medium">
				Scope
				<select name="scope" class="field font-normal" bind:value={scope}>
					{#each [...SCOPE_OPTIONS, SOCKETS_SCOPE] as option (option.value)}
						<option value={option.value}>{option.label}</option>
					{/each}
				</select>
			</label>
			{#if scope === 'function'}
				<label class="grid gap-1 font-medium"
					>Function
					<select name="function" class="field font-normal">
						{#each data.functions as id (id)}<option value={id}>{lampFunction(id).label}</option>{/each}
					</select></label
				>
			{:else if scope === 'sockets'}
				<label class="grid gap-1 font-medium"
					>Lamp
					<select name="socket" class="field font-normal">
						{#each data.vehicle.sockets as socket (socket.id)}<option value={socket.id}>{socket.name}</option>{/each}
					</select></label
				>
			{/if}
			<label class="grid gap-1 font-medium"
				>Balance
				<select name="balance" class="field font-normal">
					{#each BALANCE_OPTIONS as option (option.value)}<option value={option.value}>{option.label}</option>{/each}
				</select></label
			>
			<button class="button" data-main disabled={busy}>{busy ? 'Working out the best kit…' : 'Work out the kit'}</button
			>
		{/snippet}</BusyForm
	>
	{#if data.rows.length > 0}
		<h2>Kits of this vehicle</h2>
		<div class="panel overflow-x-auto"><KitTable kits={data.rows} /></div>
		<Pages from={data.from} each={data.each} total={data.total} />
	{:else}
		<p class="text-soft">No kit of this vehicle is on record yet.</p>
	{/if}
</main>
