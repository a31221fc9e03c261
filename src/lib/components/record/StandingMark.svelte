<script lang="ts">
	import type { Standing } from '$lib/core/vehicle';

	/** How sure a fact is, in words; a confirmed one needs none. */
	let { standing }: { standing: Standing | null } = $props();
</script>

{#if standing === 'unconfirmed'}
	<span class="rounded border border-dashed border-unknown px-1 text-sm whitespace-nowrap text-unknown"
		>never confirmed</span
	>
{:else if standing === 'contested'}
	<span class="rounded border border-refuse px-1 text-sm whitespace-nowrap text-refuse">sources disagree</span>
{/if}
