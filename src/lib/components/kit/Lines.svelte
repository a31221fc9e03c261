<script lang="ts">
	import type { ShownLine } from '$lib/core/showing';
	import VerdictTag from '../ui/VerdictTag.svelte';
	import { money } from '../ui/money';

	/** Lines of a kit: lamps or parts, in whole packs with what is left over. */
	let { title, lines, currency }: { title: string; lines: ShownLine[]; currency: string } = $props();
</script>

<table class="grid-table">
	<caption class="px-2 pt-1 text-left font-semibold">{title}</caption>
	<thead>
		<tr>
			<th scope="col">SKU</th><th scope="col">What</th><th scope="col"
				>{lines.some((line) => line.verdict) ? 'Verdict' : 'Answers'}</th
			><th scope="col">For</th><th scope="col" class="number">Packs</th>
			<th scope="col" class="number">Pieces</th><th scope="col" class="number">Spare</th><th scope="col" class="number"
				>Price</th
			>
		</tr>
	</thead>
	<tbody>
		{#each lines as line (line.sku)}
			<tr>
				<td class="whitespace-nowrap">{line.sku}</td>
				<td class="font-medium">{line.name}</td>
				<td class="text-sm"
					>{#if line.verdict}<VerdictTag verdict={line.verdict} />{:else}{line.solves}{/if}</td
				>
				<td>{line.places.length > 0 ? line.places.join('; ') : 'the whole vehicle'}</td>
				<td class="number">{line.packs}</td>
				<td class="number">{line.count}</td>
				<td class="number">{line.spare === 0 ? '–' : line.spare}</td>
				<td class="number">{money(line.price, currency)}</td>
			</tr>
		{/each}
	</tbody>
</table>
