<script lang="ts">
	import type { ShownLine } from '$lib/core/showing';
	import { amount } from '$lib/core/units';
	import VerdictTag from '../ui/VerdictTag.svelte';

	/** Lines of a kit: lamps or parts, in whole packs with what is left over. */
	let { title, lines, currency }: { title: string; lines: ShownLine[]; currency: string } = $props();

	const lamps = $derived(lines.some((line) => line.verdict));
</script>

<table class="grid-table">
	<caption class="px-2 pt-1 text-left font-semibold">{title}</caption>
	<thead>
		<tr>
			<th scope="col" class="w-[30%]">What</th>
			<th scope="col" class="w-[19%]">{lamps ? 'Verdict' : 'Answers'}</th>
			<th scope="col">For</th>
			<th scope="col" class="number">Packs</th>
			<th scope="col" class="number">Pieces</th>
			<th scope="col" class="number">Spare</th>
			<th scope="col" class="number">Price, {currency}</th>
		</tr>
	</thead>
	<tbody>
		{#each lines as line (line.sku)}
			<tr>
				<td><span class="font-medium">{line.name}</span> <span class="block text-sm text-soft">{line.sku}</span></td>
				<td>
					{#if line.verdict}<VerdictTag verdict={line.verdict} />{:else}{line.solves}{/if}
				</td>
				<td>
					{line.places.length > 0 ? line.places.join('; ') : 'the whole vehicle'}
					{#each line.doubts as doubt (doubt)}<span class="block text-sm text-unknown">{doubt}</span>{/each}
				</td>
				<td class="number">{line.packs}</td>
				<td class="number">{line.count}</td>
				<td class="number">{line.spare === 0 ? '–' : line.spare}</td>
				<td class="number">{amount(line.price)}</td>
			</tr>
		{/each}
	</tbody>
</table>
