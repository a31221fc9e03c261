<script lang="ts">
	import { page } from '$app/state';

	/** Asks about any product by its number, whatever it is made for. */
	let { note }: { note: string | null } = $props();
</script>

<form
	class="flex flex-wrap items-center gap-2"
	data-sveltekit-replacestate
	data-sveltekit-keepfocus
	data-sveltekit-noscroll
>
	<label class="flex items-center gap-2 text-sm text-soft"
		>Why not this one?
		<input
			name="why"
			class="field min-h-7! w-36 py-0! text-base text-ink"
			placeholder="product or SKU"
			value={page.url.searchParams.get('why') ?? ''}
		/></label
	>
	<button class="button min-h-7! py-0!">Judge it here</button>
	{#if note}<span role="alert">{note}</span>{/if}
</form>
