<script lang="ts">
	import PackageOpen from '@lucide/svelte/icons/package-open';
	import type { Snippet } from 'svelte';

	/** A room with nothing in it yet: what will be here, and the next step as a button. */
	let { words, children }: { words: string; children: Snippet } = $props();
</script>

<section class="panel grid max-w-2xl justify-items-start gap-3 p-6">
	<PackageOpen class="size-10 text-soft" aria-hidden="true" />
	<p class="text-lg">{words}</p>
	<p class="flex flex-wrap gap-2">{@render children()}</p>
</section>
