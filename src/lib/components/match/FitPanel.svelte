<script lang="ts">
	import { fitRows, lengthText, type CandidateDetail } from '$lib/core/views';
	import { shopFormats } from '../ui/shop-formats';
	import ClockFace from '../charts/ClockFace.svelte';
	import FitDrawing from '../charts/FitDrawing.svelte';
	import LevelMark from '../ui/LevelMark.svelte';
	import { LEVEL_WORD } from '../ui/level';
	import { CAP_WORDS } from './cap-words';

	const { price } = shopFormats();

	/** How a lamp sits in its place: the drawing to scale with its numbers, the emitters from the front, and the caps compared. */
	let { detail, currency }: { detail: CandidateDetail; currency: string } = $props();

	const over = (body: number | null, room: number | null) => body !== null && room !== null && body > room;
</script>

<div class="grid gap-x-4 gap-y-2 @3xl:grid-cols-[minmax(0,34rem)_minmax(0,1fr)_auto]">
	<div>
		<FitDrawing fit={detail.fit} />
		<p class="text-sm text-soft">
			Side view to scale. Tinted: the clearance. Ring: light centre of the lamp; dashes: where the filament stood.
			Striped: too big.{#if detail.fit.stock}
				Dotted: the stock {detail.fit.stock.name}, its filament in the same point; its base is schematic.{/if}
		</p>
	</div>
	<table class="grid-table h-fit">
		<caption class="sr-only">Lamp and clearance, mm</caption>
		<thead
			><tr
				><th scope="col">mm</th><th scope="col" class="number">Lamp</th><th scope="col" class="number">Clearance</th
				></tr
			></thead
		>
		<tbody>
			{#each fitRows(detail.fit) as row (row.what)}
				<tr>
					<td>{row.what}</td>
					<td
						class={['number', row.what.startsWith('light') || !over(row.body, row.room) || 'font-semibold text-refuse']}
						>{lengthText(row.body)}</td
					>
					<td class="number">{lengthText(row.room)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if detail.clock}<ClockFace clock={detail.clock} />{/if}
</div>
{#if detail.caps.length > 0}
	<h3 class="mt-3 mb-1 font-medium">Ways to close the back of the lamp</h3>
	<table class="grid-table">
		<thead>
			<tr
				><th scope="col">Cap</th><th scope="col">Level</th><th scope="col" class="number">Depth, mm</th><th
					scope="col"
					class="number">Body, C</th
				><th scope="col" class="number">Costs, {currency}</th><th scope="col">What it comes to</th></tr
			>
		</thead>
		<tbody>
			{#each detail.caps as cap (cap.name)}
				<tr>
					<td class="font-medium">{cap.name}</td>
					<td class="whitespace-nowrap"
						><span class="inline-flex items-center gap-1.5"
							><LevelMark level={cap.level} label="" />{LEVEL_WORD[cap.level]}</span
						></td
					>
					<td class="number">{cap.depth ?? '–'}</td>
					<td class="number">{cap.temperature === null ? '–' : Math.round(cap.temperature)}</td>
					<td class="number">{cap.kind === 'stock' || cap.kind === 'none' ? '–' : price(cap.price)}</td>
					<td>{cap.why}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if detail.heat}<p class="mt-1 text-sm">
			The verdict stands on this: {CAP_WORDS[detail.heat.cap].toLowerCase()}{detail.heat.capToday
				? ', as it is today'
				: ''}.
		</p>{/if}
	<p class="mt-1 text-sm text-soft">
		Cutting a cap is reckoned as work and material by the shop's assumptions in Settings. A lamp runs hot and may sit
		close to plastic: let it cool before a hand goes near.
	</p>
{/if}
