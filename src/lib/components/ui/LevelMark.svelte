<script lang="ts">
	import type { Level } from '$lib/core/match';
	import { LEVEL_TINT, LEVEL_WORD } from './level';
	import LevelShape from './LevelShape.svelte';

	/** A level as a small shape. `label` names it to those who do not see it; leave it empty when the word stands beside. */
	let { level, label = LEVEL_WORD[level], size = 13 }: { level: Level; label?: string; size?: number } = $props();
</script>

<svg
	width={size}
	height={size}
	viewBox={`${-size / 2} ${-size / 2} ${size} ${size}`}
	class={['inline-block shrink-0', LEVEL_TINT[level]]}
	role={label ? 'img' : 'presentation'}
	aria-label={label || undefined}
>
	<LevelShape {level} size={size - 1} />
</svg>
