<script lang="ts">
	import IdentityFields from '$lib/components/identify/IdentityFields.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();
</script>

<svelte:head><title>New vehicle · Rotalux</title></svelte:head>

<main class="page page-reading">
	<h1>New vehicle</h1>
	<p class="text-soft">
		Make, model and what is on the plate are enough to begin; the walk comes next, and everything can be changed later.
	</p>
	{#if form?.message}<Message text={form.message} kept="What you typed is kept." />{/if}
	<BusyForm class="panel grid gap-4 p-4"
		>{#snippet children(busy)}
			<IdentityFields first identity={{ market: data.market }} />
			<div class="flex flex-wrap items-end gap-3">
				<label class="grid gap-0.5 text-sm text-soft"
					>Short name in addresses, if it must have one of its own <input
						name="id"
						class="field text-base text-ink"
						autocomplete="off"
					/></label
				>
				<button class="button" data-main disabled={busy}>Begin the record and walk</button>
			</div>
		{/snippet}</BusyForm
	>
</main>
