<script lang="ts">
	import { resolve } from '$app/paths';
	import SymptomPicker from '$lib/components/complaints/SymptomPicker.svelte';
	import type { PickedSighting } from '$lib/components/complaints/picked';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();

	let picked = $state<PickedSighting[]>([]);
	const code = $derived(data.desk.code ?? '');
	const message = $derived(form && 'message' in form ? String(form.message) : null);
</script>

<svelte:head><title>Something is wrong · Kit {code}</title></svelte:head>

<main class="paper mx-auto grid min-h-screen max-w-xl content-start gap-3 bg-white p-4 text-black">
	<header>
		<p class="text-sm">LED kit {code}</p>
		<h1>Something is wrong?</h1>
		<p>{data.desk.about?.name}</p>
	</header>
	{#if form && 'sent' in form && form.sent}
		<p role="status" class="rounded border border-line p-3">
			Sent. Somebody of the shop reads it and gets in touch by the way you left with the shop. If a lamp smells, smokes
			or a fuse blows, switch it off and do not drive with it.
		</p>
		<a class="link" href={resolve('/k/[code]', { code })}>Back to the kit</a>
	{:else}
		<p>
			Choose what you see. If anything smells or melts, or a fuse blows again: switch it off, do not drive with it, and
			go to a workshop. Never fit a larger fuse.
		</p>
		{#if message}<Message text={message} />{/if}
		<BusyForm class="grid gap-3"
			>{#snippet children(busy)}
				<SymptomPicker choices={data.desk.choices} modes={data.desk.modes} places={data.desk.places} bind:picked />
				<label class="grid gap-0.5 text-sm"
					>In your own words<textarea class="field text-base" name="words" rows="3" maxlength="400"></textarea></label
				>
				<p class="text-sm">
					No name, number or address, please: the shop knows the kit by its code. Nothing you send is shown to others.
				</p>
				<button class="button min-h-12! justify-center" data-main disabled={busy}>Send it to the shop</button>
			{/snippet}</BusyForm
		>
		<a class="link" href={resolve('/k/[code]', { code })}>Back to the kit</a>
	{/if}
</main>
