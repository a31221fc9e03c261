<script lang="ts">
	import type { SymptomId } from '$lib/core/model';
	import { SYMPTOM_SHAPES } from './symptom-shapes';

	/** The drawing of a symptom; its words stand beside it. */
	let { symptom }: { symptom: SymptomId } = $props();

	const shape = $derived(SYMPTOM_SHAPES[symptom]);
</script>

<svg viewBox="0 0 32 24" class="h-6 w-8 shrink-0" aria-hidden="true">
	{#if shape.fill}<path d={shape.fill} fill="currentColor" />{/if}
	<path
		d={shape.line}
		fill="none"
		stroke="currentColor"
		stroke-width="1.6"
		stroke-linejoin="round"
		stroke-linecap="round"
	/>
</svg>
