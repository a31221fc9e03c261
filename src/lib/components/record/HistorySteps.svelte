<script lang="ts">
	import { onMount } from 'svelte';
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import { isTyping, pressed } from '$lib/client/shortcuts';
	import { getDesk } from '$lib/client/record-desk.svelte';

	/** Takes the last change of the record back, or brings it again; also with Ctrl+Z and Ctrl+Y outside of fields. */
	let { steps }: { steps: { undo: string | null; redo: string | null } } = $props();

	const desk = getDesk();
	/** Before the page is alive nothing answers a press. */
	let alive = $state(false);
	onMount(() => {
		alive = true;
	});
	const can = $derived({
		undo: alive && desk.closed === null && steps.undo !== null,
		redo: alive && desk.closed === null && steps.redo !== null
	});
	function key(event: KeyboardEvent): void {
		const step = isTyping(event.target) ? null : pressed(event, ['undo', 'redo']);
		if (!step || !can[step]) return;
		event.preventDefault();
		void desk.step(step);
	}
</script>

<svelte:window onkeydown={key} />
<div class="flex gap-1" role="group" aria-label="History">
	<button
		type="button"
		class="button px-2!"
		disabled={!can.undo}
		aria-label={steps.undo ? `Undo: ${steps.undo}` : 'Undo'}
		title={steps.undo ?? undefined}
		onclick={() => desk.step('undo')}><Undo2 class="size-4" aria-hidden="true" /></button
	>
	<button
		type="button"
		class="button px-2!"
		disabled={!can.redo}
		aria-label={steps.redo ? `Redo: ${steps.redo}` : 'Redo'}
		title={steps.redo ?? undefined}
		onclick={() => desk.step('redo')}><Redo2 class="size-4" aria-hidden="true" /></button
	>
</div>
