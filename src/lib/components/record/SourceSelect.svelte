<script lang="ts">
	import { type Evidence, EVIDENCE_SOURCES } from '$lib/core/model';
	import { sourceWord } from '$lib/core/vehicle';

	/** Where a fact comes from, the strongest source first. */
	let { value = $bindable(), label = 'Source' }: { value: Evidence['source']; label?: string } = $props();
</script>

<label class="grid gap-0.5 text-sm text-soft">
	{label}
	<select class="field text-base text-ink" bind:value>
		{#each EVIDENCE_SOURCES as source (source)}<option value={source}>{sourceWord(source)}</option>{/each}
	</select>
</label>
