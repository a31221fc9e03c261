<script lang="ts">
	import type { Snippet } from 'svelte';

	/** A short list of names, each of which may be taken out, and the way to add one. */
	let {
		label,
		items,
		onremove,
		adding
	}: {
		label: string;
		items: { key: string; text: string }[];
		onremove: (key: string) => void;
		adding?: Snippet;
	} = $props();
</script>

<fieldset class="border-b border-line py-1.5">
	<legend class="float-left w-24 text-soft">{label}</legend>
	<div class="flex flex-wrap items-center gap-1.5">
		{#each items as { key, text } (key)}
			<span class="flex items-center rounded bg-raised pl-2"
				>{text}
				<button
					type="button"
					class="min-h-6 min-w-6 text-soft hover:text-ink"
					aria-label={`Take out ${text}`}
					onclick={() => onremove(key)}>×</button
				></span
			>
		{/each}
		{@render adding?.()}
	</div>
</fieldset>
