<script lang="ts">
	import type { Level } from '$lib/core/match';

	/** The shape that stands for a level, drawn round 0,0 inside an svg: disc, half-filled disc, open diamond, crossed square. */
	let { level, size = 12 }: { level: Level; size?: number } = $props();

	const r = $derived(size / 2);
</script>

{#if level === 'pass'}
	<circle r={r * 0.82} fill="currentColor" />
{:else if level === 'needs'}
	<circle r={r * 0.76} fill="none" stroke="currentColor" stroke-width={r * 0.24} />
	<path d={`M${-r * 0.76} 0A${r * 0.76} ${r * 0.76} 0 0 0 ${r * 0.76} 0Z`} fill="currentColor" />
{:else if level === 'unknown'}
	<path d={`M0 ${-r}L${r} 0L0 ${r}L${-r} 0Z`} fill="none" stroke="currentColor" stroke-width={r * 0.28} />
{:else}
	<path
		d={`M${-r * 0.8} ${-r * 0.8}H${r * 0.8}V${r * 0.8}H${-r * 0.8}ZM${-r * 0.8} ${-r * 0.8}L${r * 0.8} ${r * 0.8}M${r * 0.8} ${-r * 0.8}L${-r * 0.8} ${r * 0.8}`}
		fill="none"
		stroke="currentColor"
		stroke-width={r * 0.26}
	/>
{/if}
