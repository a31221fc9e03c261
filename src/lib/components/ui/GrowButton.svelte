<script lang="ts">
	import Maximize2 from '@lucide/svelte/icons/maximize-2';
	import Minimize2 from '@lucide/svelte/icons/minimize-2';

	/** Gives a panel the whole page, and back. */
	let { isGrown, ongrow }: { isGrown: boolean; ongrow: (grown: boolean) => void } = $props();
</script>

<button
	type="button"
	class="button min-h-7! px-2! py-0! max-lg:hidden"
	aria-pressed={isGrown}
	onclick={() => ongrow(!isGrown)}
>
	{#if isGrown}<Minimize2 class="size-3.5" aria-hidden="true" />Smaller{:else}<Maximize2
			class="size-3.5"
			aria-hidden="true"
		/>Larger{/if}
</button>
