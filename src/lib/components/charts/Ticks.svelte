<script lang="ts">
	/**
	 * The ticks of one axis: a value beside each, and a line through the drawing where `to` says how far.
	 * Every chart takes its axes from here.
	 */
	let {
		axis,
		ticks,
		at,
		edge,
		to,
		text = (tick) => tick.toLocaleString('en'),
		unit = ''
	}: {
		axis: 'x' | 'y';
		ticks: readonly number[];
		/** Where a value stands, px. */
		at: (tick: number) => number;
		/** Where the values stand: the left end of the lines for `y`, the lower end for `x`, px. */
		edge: number;
		/** Where the lines end, px; no lines without it. */
		to?: number;
		text?: (tick: number) => string;
		/** What is counted, behind the last value of an axis. */
		unit?: string;
	} = $props();
</script>

<g class="ticks">
	{#each ticks as tick, i (tick)}
		{@const words = i === ticks.length - 1 && unit ? `${text(tick)} ${unit}` : text(tick)}
		{#if axis === 'y'}
			{#if to !== undefined}<path d={`M${edge} ${at(tick)}H${to}`} />{/if}
			<text x={edge - 6} y={at(tick) + 4} text-anchor="end">{words}</text>
		{:else}
			{#if to !== undefined}<path d={`M${at(tick)} ${edge}V${to}`} />{/if}
			<text x={at(tick)} y={edge + 15} text-anchor="middle">{words}</text>
		{/if}
	{/each}
</g>
