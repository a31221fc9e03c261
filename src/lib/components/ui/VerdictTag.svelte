<script lang="ts">
	import type { Verdict } from '$lib/core/match';
	import { LEVEL_TINT, VERDICT_LEVEL, VERDICT_WORD } from './level';
	import LevelMark from './LevelMark.svelte';

	/** A verdict: shape and word. */
	let { verdict }: { verdict: Verdict } = $props();

	const level = $derived(VERDICT_LEVEL[verdict]);
</script>

<span class={['inline-flex items-center gap-1.5 font-medium whitespace-nowrap', LEVEL_TINT[level]]}>
	<LevelMark {level} label="" />{VERDICT_WORD[verdict]}
</span>
