<script lang="ts">
	import type { Snippet } from 'svelte';

	/** A named panel that scrolls by itself, and can be reached and scrolled with the keyboard. */
	let { label, class: more = '', children }: { label: string; class?: string; children: Snippet } = $props();
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex (a region that scrolls must be reachable) -->
<section class={['panel overflow-auto [contain:layout_style]', more]} aria-label={label} tabindex="0">
	{@render children()}
</section>
