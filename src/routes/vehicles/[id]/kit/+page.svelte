<script lang="ts">
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import KitTable from '$lib/components/kit/KitTable.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { SCOPE_OPTIONS } from '$lib/components/kit/options';

	let { data, form } = $props();
</script>

<svelte:head><title>Kits · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid max-w-4xl gap-4 p-6">
	<h2>New kit</h2>
	{#if form?.message}<Message text={form.message} />{/if}
	<BusyForm action="?/start" class="panel flex flex-wrap items-end gap-3 p-4"
		>{#snippet children(busy)}
			<label class="grid gap-1 font-medium"
				>Name <input name="name" class="field font-normal" value="Whole vehicle" required maxlength="200" /></label
			>
			<label class="grid gap-1 font-medium">
				Scope
				<select name="scope" class="field font-normal">
					{#each SCOPE_OPTIONS as option (option.value)}
						<option value={option.value}>{option.label}</option>
					{/each}
				</select>
			</label>
			<button class="button" data-main disabled={busy}>{busy ? 'Working out the best kit…' : 'Work out the kit'}</button
			>
		{/snippet}</BusyForm
	>
	{#if data.rows.length > 0}
		<h2>Kits of this vehicle</h2>
		<div class="panel overflow-x-auto"><KitTable kits={data.rows} currency={data.currency} /></div>
	{:else}
		<p class="text-soft">No kit of this vehicle is on record yet.</p>
	{/if}
</main>
