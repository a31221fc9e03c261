<script lang="ts">
	import type { LineView } from '$lib/core/views';
	import { shopFormats } from '../ui/shop-formats';
	import VerdictTag from '../ui/VerdictTag.svelte';

	const { price } = shopFormats();

	/** Lines of a kit: lamps or parts, in whole packs with what is left over; for the shop also margin and shelf. */
	let {
		title,
		lines,
		currency,
		shop = false,
		everyShelf = false,
		place = null,
		onplace
	}: {
		title: string;
		lines: LineView[];
		currency: string;
		/** True where the shop looks: margin, stock and shelf are shown. */
		shop?: boolean;
		/** True where packs of every branch were counted. */
		everyShelf?: boolean;
		/** Socket whose place is looked at. */
		place?: string | null;
		/** Opens the place of a lamp to change it. */
		onplace?: (socket: string) => void;
	} = $props();

	const lamps = $derived(lines.some((line) => line.verdict));
	const isOpen = (line: LineView) => lamps && place !== null && line.sockets.includes(place);
	const shelfText = ({ stock, shelf }: LineView) =>
		[
			stock === undefined ? 'not counted' : `${stock} ${everyShelf ? 'at all branches' : 'there'}`,
			shelf ? `shelf ${shelf}` : ''
		]
			.filter(Boolean)
			.join(', ');
</script>

<table class="grid-table">
	<caption class="px-2 pt-1 text-left font-semibold">{title}</caption>
	<thead>
		<tr>
			<th scope="col" class="w-[28%]">What</th>
			<th scope="col" class="w-[16%]">{lamps ? 'Verdict' : 'Answers'}</th>
			<th scope="col">For</th>
			<th scope="col" class="number">Packs</th>
			<th scope="col" class="number">Pieces</th>
			<th scope="col" class="number">Spare</th>
			<th scope="col" class="number">Price, {currency}</th>
		</tr>
	</thead>
	<tbody>
		{#each lines as line, i (`${line.sku} ${i}`)}
			<tr class={isOpen(line) ? 'bg-sea-wash' : ''}>
				<td
					>{#if lamps && onplace}<button
							type="button"
							class="link text-left font-medium"
							aria-expanded={isOpen(line)}
							onclick={() => onplace?.(line.sockets[0] ?? '')}
							><span class="font-normal">{line.maker}</span> {line.name}</button
						>{:else}<span class="font-medium">{line.maker} {line.name}</span>{/if}
					<span class="block text-sm text-soft"
						>{line.sku}{#if shop && line.packs > 0}, {shelfText(line)}{/if}</span
					>
					{#each line.inBox as item (item)}<span class="block text-sm text-soft">in the box: {item}</span>{/each}</td
				>
				<td>
					{#if line.verdict}<VerdictTag verdict={line.verdict} />{:else}{line.solves}{/if}
				</td>
				<td>
					{line.places.length > 0 ? line.places.join('; ') : 'the whole vehicle'}
					{#each [...(line.check ? [line.check] : []), ...line.doubts] as doubt (doubt)}<span
							class="block text-sm text-unknown">{doubt}</span
						>{/each}
				</td>
				<td class="number">{line.packs}</td>
				<td class="number">{line.count}</td>
				<td class="number">{line.spare === 0 ? '–' : line.spare}</td>
				<td class="number"
					>{price(line.price)}{#if shop && line.packs > 0}<span class="block text-sm text-soft"
							>margin {line.margin === undefined ? 'not known' : price(line.margin)}</span
						>{/if}</td
				>
			</tr>
		{/each}
	</tbody>
</table>
