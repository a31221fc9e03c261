<script lang="ts">
	import type { Choice } from '$lib/core/practice';

	/** One of some choices, by pointer or by its digit. */
	let {
		choices,
		chosen = $bindable(),
		disabled
	}: { choices: readonly Choice[]; chosen: string; disabled: boolean } = $props();

	function key(event: KeyboardEvent): void {
		if (disabled || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.target instanceof HTMLInputElement && event.target.type !== 'radio') return;
		const choice = choices[Number(event.key) - 1];
		if (choice) chosen = choice.id;
	}
</script>

<svelte:window onkeydown={key} />

<fieldset class="grid gap-1" {disabled}>
	<legend class="mb-1 font-medium">Your answer</legend>
	{#each choices as { id, words, detail }, i (id)}
		<label class={['flex min-h-9 items-center gap-2 rounded px-2 hover:bg-sea-wash', chosen === id && 'bg-sea-wash']}>
			<input type="radio" value={id} bind:group={chosen} />
			<span class="text-soft" aria-hidden="true">{i + 1}</span>
			<span
				>{words}{#if detail}<span class="block text-sm text-soft">{detail}</span>{/if}</span
			>
		</label>
	{/each}
</fieldset>
