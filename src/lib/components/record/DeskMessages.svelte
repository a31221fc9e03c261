<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import Message from '../ui/Message.svelte';
	import Clash from './Clash.svelte';

	/** What became of the last change: its sentence, why it was not made, or both versions where two people met. */
	const desk = getDesk();
</script>

{#if desk.closed}<p class="text-sm text-soft">Changes to this record are for {desk.closed}.</p>{/if}
{#if desk.clash}
	<Clash clash={desk.clash} onkeep={() => desk.keepTheirs()} onwrite={() => desk.writeMine()} />
{:else if desk.trouble}
	<Message text={desk.trouble} />
{/if}
{#if desk.unit}
	<button type="button" class="chip" onclick={() => desk.step('undo', desk.unit ?? undefined)}
		>Take it back in the shared unit</button
	>
{/if}
<p role="status" class={['text-sm text-soft', !desk.done && 'sr-only']}>{desk.done ?? ''}</p>
