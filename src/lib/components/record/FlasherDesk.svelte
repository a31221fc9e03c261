<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { FLASHER_TEMPLATES } from '$lib/core/record';
	import type { ChannelsView } from '$lib/core/views';
	import FactRow from './FactRow.svelte';

	/** What makes the turn lamps flash: chosen from a template, then fact by fact. */
	let { flasher }: { flasher: ChannelsView['flasher'] } = $props();

	const desk = getDesk();
</script>

<h2 class="mt-4">Flasher{flasher ? `: ${flasher.kind.replace('-', ' ')}` : ', not known'}</h2>
<div class="mt-1 flex flex-wrap gap-1" role="group" aria-label="Flasher from a template">
	{#each Object.entries(FLASHER_TEMPLATES) as [id, template] (id)}
		<button type="button" class="chip" onclick={() => desk.send({ kind: 'flasher', flasher: template.flasher })}
			>{template.label}</button
		>
	{/each}
</div>
{#if flasher}
	<div class="mt-2">
		{#each flasher.facts as fact (fact.id)}<FactRow kind="flasher" subject="flasher" {fact} />{/each}
	</div>
{/if}
