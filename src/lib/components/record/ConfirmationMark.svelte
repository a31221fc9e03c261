<script lang="ts">
	import type { Confirmation } from '$lib/core/vehicle';

	/** How sure a fact is, in words; a confirmed one needs none. */
	let { confirmation }: { confirmation: Confirmation | null } = $props();
</script>

{#if confirmation === 'unconfirmed'}
	<span class="rounded border border-dashed border-unknown px-1 text-sm whitespace-nowrap text-unknown"
		>never confirmed</span
	>
{:else if confirmation === 'contested'}
	<span class="rounded border border-refuse px-1 text-sm whitespace-nowrap text-refuse">sources disagree</span>
{/if}
