<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { CHANNEL_TEMPLATES } from '$lib/core/record';

	/** A new channel from a template; what has to be measured stays open. */
	let { onadded }: { onadded: (id: string) => void } = $props();

	const desk = getDesk();
	let name = $state('');
	let template = $state('plain');

	async function add(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const id = name.trim();
		const outcome = await desk.send({
			kind: 'channel',
			channel: { id, feeds: [], ...CHANNEL_TEMPLATES[template]?.channel }
		});
		if (outcome.ok) onadded(id);
	}
</script>

<h2>New output</h2>
<form class="mt-1 grid gap-2" onsubmit={add}>
	<label class="grid gap-0.5 text-sm text-soft"
		>Name <input class="field text-base text-ink" bind:value={name} placeholder="turn-left" required /></label
	>
	<label class="grid gap-0.5 text-sm text-soft"
		>Kind of output
		<select class="field text-base text-ink" bind:value={template}>
			{#each Object.entries(CHANNEL_TEMPLATES) as [id, { label }] (id)}<option value={id}>{label}</option>{/each}
		</select></label
	>
	<button class="button justify-self-start" data-main>Add the output</button>
</form>
