<script lang="ts">
	import type { Level } from '$lib/core/match';
	import type { ProveState } from '$lib/core/views';
	import LevelShape from '../ui/LevelShape.svelte';
	import { LEVEL_TINT } from '../ui/level';

	/** How one thing that is proved stands: its shape, and the word beside it or for those who hear it. */
	let { state, silent = false }: { state: ProveState; silent?: boolean } = $props();

	const LEVEL: Record<Exclude<ProveState, 'not-wanted'>, Level> = { good: 'pass', open: 'unknown', bad: 'refuse' };
	const WORD: Record<ProveState, string> = {
		good: 'done',
		open: 'open',
		bad: 'not met',
		'not-wanted': 'not asked for'
	};
	const level = $derived(state === 'not-wanted' ? null : LEVEL[state]);
</script>

{#if level}
	<span class={['inline-flex items-center gap-1', LEVEL_TINT[level]]}>
		<svg width="14" height="14" viewBox="-7 -7 14 14" aria-hidden="true"><LevelShape {level} /></svg>
		<span class={silent ? 'sr-only' : ''}>{WORD[state]}</span>
	</span>
{:else}
	<span class="text-soft" aria-label={WORD[state]}>–</span>
{/if}
