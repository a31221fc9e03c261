<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { SocketRecordView } from '$lib/core/views';
	import { getDesk } from '$lib/client/record-desk.svelte';
	import FactRow from './FactRow.svelte';
	import PlaceForm from './PlaceForm.svelte';

	/** A socket's record: every fact with its source, open to be changed; what is doubted and what is missing first. */
	let { socket, onremoved, children }: { socket: SocketRecordView; onremoved: () => void; children?: Snippet } =
		$props();

	const desk = getDesk();
</script>

<div class="flex flex-wrap items-center justify-between gap-2">
	<h2>{socket.name}</h2>
	{@render children?.()}
</div>
{#if socket.unit}
	<p class="text-sm text-soft">
		Shared lamp unit {socket.unit.id}: what is changed here changes in every vehicle that has it. The key angle is this
		vehicle's own.
	</p>
	<button type="button" class="chip" onclick={() => desk.send({ kind: 'leave-unit', unit: socket.unit?.id })}
		>No longer share it in this vehicle</button
	>
{/if}
{#each socket.doubts as doubt (doubt)}<p class="text-sm text-needs">Look twice: {doubt}</p>{/each}
{#if socket.missing.length > 0}<p class="text-sm text-soft">A match still needs: {socket.missing.join(', ')}</p>{/if}
<div class="mt-1">
	{#each socket.facts as fact (`${socket.id} ${fact.id}`)}<FactRow kind="socket" subject={socket.id} {fact} />{/each}
</div>
<details class="mt-2">
	<summary class="min-h-6 cursor-pointer text-soft">Place, functions, names; take out</summary>
	{#key socket.id}<PlaceForm {socket} {onremoved} />{/key}
</details>
