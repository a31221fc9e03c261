<script lang="ts">
	/** How much of a quarter of an hour was practised today. */
	let { seconds }: { seconds: number } = $props();

	const ENOUGH_MIN = 15;
	const minutes = $derived(Math.floor(seconds / 60));
	const share = $derived(Math.min(1, minutes / ENOUGH_MIN));
</script>

<p class="flex items-center gap-2 text-soft" data-testid="today">
	<span class="h-2 w-24 rounded bg-raised ring-1 ring-line" aria-hidden="true"
		><span class="block h-2 rounded bg-sea" style:width={`${100 * share}%`}></span></span
	>
	{minutes} of {ENOUGH_MIN} min today{minutes >= ENOUGH_MIN ? ': enough, the rest tomorrow' : ''}
</p>
