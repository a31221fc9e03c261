<script lang="ts">
	import { page } from '$app/state';
	import type { Screen } from '$lib/core/practice';
	import Message from '../ui/Message.svelte';

	/** The way from an exercise to the screens of the job, where its vehicle stands in a shop of its own. */
	let { room }: { room: Screen['room'] } = $props();

	const WHERE: Readonly<Record<Screen['room'], string>> = {
		record: 'the record',
		match: 'Match',
		circuit: 'Circuit',
		kit: 'Kit',
		access: 'the way in',
		aim: 'Prove, aim',
		reference: 'Reference'
	};
	let isOpening = $state(false);
	let address = $state<string | null>(null);
	let refused = $state<string | null>(null);

	async function open(): Promise<void> {
		isOpening = true;
		refused = null;
		const answer = await fetch(`${page.url.pathname}/shop.json`, { method: 'POST' }).catch(() => null);
		const said = await answer?.json().catch(() => null);
		isOpening = false;
		if (answer?.ok) address = said.address;
		else refused = said?.message ?? 'The shop of the practice did not answer. Try again.';
	}
</script>

{#if refused}<Message text={refused} />{/if}
{#if address}
	<p role="status">
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- another server: the shop of the practice -->
		<a class="link" href={address} target="_blank" rel="noopener">It is ready: look at it in {WHERE[room]}</a>
		<span class="text-soft">(a shop of its own: whatever is done there touches nothing here)</span>
	</p>
{:else}
	<p>
		<button type="button" class="button" disabled={isOpening} onclick={open}
			>{isOpening ? 'Opening the shop of the practice …' : `Look at this vehicle in ${WHERE[room]}`}</button
		>
	</p>
{/if}
