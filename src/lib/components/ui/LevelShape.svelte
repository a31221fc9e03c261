<script lang="ts">
	import type { Level } from '$lib/core/match';

	/** The shape that stands for a level, drawn round 0,0 inside an svg: disc, half-filled disc, open diamond, crossed square. */
	let { level, size = 12 }: { level: Level; size?: number } = $props();

	/** One path each, in a square from -1 to 1: where many change at once, only its numbers do. */
	const SHAPES: Readonly<Record<Level, { d: string; stroke: number }>> = {
		pass: { d: 'M-.82 0A.82 .82 0 1 1 .82 0A.82 .82 0 1 1-.82 0Z', stroke: 0 },
		// A disc, less half of a smaller one.
		needs: { d: 'M-.88 0A.88 .88 0 1 1 .88 0A.88 .88 0 1 1-.88 0ZM-.64 0H.64A.64 .64 0 0 0-.64 0Z', stroke: 0 },
		unknown: { d: 'M0-1L1 0L0 1L-1 0Z', stroke: 0.28 },
		refuse: { d: 'M-.8-.8H.8V.8H-.8ZM-.8-.8L.8 .8M.8-.8L-.8 .8', stroke: 0.26 }
	};
	const { d, stroke } = $derived(SHAPES[level]);
</script>

<path
	{d}
	transform={`scale(${size / 2})`}
	fill={stroke > 0 ? 'none' : 'currentColor'}
	fill-rule="evenodd"
	stroke={stroke > 0 ? 'currentColor' : 'none'}
	stroke-width={stroke}
/>
