<script lang="ts">
	import { VERDICTS } from '$lib/core/match/findings/verdict';
	import VerdictTag from './VerdictTag.svelte';

	/** What the four shapes mean. `of` says whose verdict they are. */
	let { of }: { of: string } = $props();
</script>

<p class="flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
	<span class="text-soft">{of}</span>
	{#each VERDICTS as verdict (verdict)}<VerdictTag {verdict} />{/each}
</p>
