<script lang="ts">
	import type { DrawnComparison } from '$lib/client/beam.worker';
	import { decimal } from '$lib/core/quantity';

	/** The numbers of two beams side by side, and what changed. */
	let { found, risePercent }: { found: DrawnComparison; risePercent: number | null } = $props();

	const text = (value: number | null | undefined, digits = 2, unit = '') =>
		value == null ? '–' : `${decimal(value, digits)}${unit}`;
	const { before, after, change } = $derived(found);
	const rows = $derived([
		{
			name: 'Cut-off leans',
			before: text(before.reading.cutoff?.slope, 1, '°'),
			after: text(after.reading.cutoff?.slope, 1, '°')
		},
		{ name: 'Sharpness', before: text(before.reading.cutoff?.sharpness), after: text(after.reading.cutoff?.sharpness) },
		{
			name: 'Hot spot’s share',
			before: text(before.reading.hotSpot.share * 100, 0, ' %'),
			after: text(after.reading.hotSpot.share * 100, 0, ' %')
		},
		{ name: 'Over to under', before: text(before.reading.above, 3), after: text(after.reading.above, 3) }
	]);
	const changes = $derived([
		{ name: 'Tilt, clockwise', value: text(change.tilt, 2, '°') },
		{
			name: 'Rise',
			value: `${text(change.rise, 1, ' px')}${risePercent === null ? '' : `, ${decimal(risePercent, 2)} %`}`
		},
		{ name: 'Light over the cut-off', value: `x ${text(change.aboveRatio)}` },
		{ name: 'Light under it', value: `x ${text(change.belowRatio)}` },
		{ name: 'Width of the edge', value: `x ${text(change.blur)}` }
	]);
</script>

<table class="grid-table dense">
	<thead>
		<tr>
			<th scope="col">Each beam</th><th scope="col" class="number">Before</th><th scope="col" class="number">After</th>
		</tr>
	</thead>
	<tbody>
		{#each rows as row (row.name)}
			<tr><th scope="row">{row.name}</th><td class="number">{row.before}</td><td class="number">{row.after}</td></tr>
		{/each}
	</tbody>
</table>
<table class="grid-table dense">
	<thead><tr><th scope="col">What changed</th><th scope="col" class="number">By</th></tr></thead>
	<tbody>
		{#each changes as one (one.name)}
			<tr><th scope="row">{one.name}</th><td class="number">{one.value}</td></tr>
		{/each}
	</tbody>
</table>
