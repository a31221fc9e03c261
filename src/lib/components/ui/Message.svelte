<script lang="ts">
	import CircleAlert from '@lucide/svelte/icons/circle-alert';

	/** A sentence about something that went wrong, where people look and readers hear it. */
	let { text, kept = '' }: { text: string; kept?: string } = $props();
</script>

<div role="alert" class="panel flex gap-2 border-refuse! px-3 py-2">
	<CircleAlert class="mt-0.5 size-4 shrink-0 text-refuse" aria-hidden="true" />
	<p>
		{text}{#if kept}&nbsp;<span class="text-soft">{kept}</span>{/if}
	</p>
</div>
