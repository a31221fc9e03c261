<script lang="ts">
	import { resolve } from '$app/paths';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();
</script>

<svelte:head><title>Quote a kit · Rotalux</title></svelte:head>

<main class="page page-reading">
	<div class="flex items-center gap-3">
		<a class="link" href={resolve('/sales')}>Kits for customers</a>
		<h1>Quote a kit</h1>
	</div>
	{#if form?.refused}<Message text={form.refused} />{/if}
	<BusyForm action="?/quote" class="panel grid gap-3 p-4">
		{#snippet children(busy)}
			<label class="grid gap-0.5"
				>Code of the released kit
				<input name="code" class="field w-56" required value={data.code} placeholder="XXXX-XXXX-XXXX" />
			</label>
			<label class="grid gap-0.5"
				>Customer, a name or a number (may stay empty)
				<input name="customer" class="field w-72" maxlength="80" autocomplete="off" />
			</label>
			<label class="flex items-center gap-2"
				><input type="checkbox" name="agreed" value="yes" class="size-5" /> The customer agrees that it is kept. It can be
				deleted in one step.</label
			>
			<button class="button justify-self-start" data-main disabled={busy}>Quote it</button>
		{/snippet}
	</BusyForm>
</main>
