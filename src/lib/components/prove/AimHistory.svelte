<script lang="ts">
	import type { ProofOf } from '$lib/core/model';
	import { shopFormats } from '../ui/shop-formats';

	/** Aims that were kept of a place, with what it took. */
	let { history, sideWord }: { history: ProofOf<'aim'>[]; sideWord: (socket: string) => string } = $props();

	const formats = shopFormats();
	const length = (mm: number) => formats.measure('length', mm);
	const adjusterWords = ({ adjusters, note }: ProofOf<'aim'>) =>
		[
			...adjusters.map(({ which, turns, tool, ranOut }) =>
				[`${which} ${turns} turns`, tool ?? '', ranOut ? 'ran out' : ''].filter(Boolean).join(', ')
			),
			...(note ? [note] : [])
		].join('; ') || '–';
</script>

{#if history.length > 0}
	<h2>Aims on record</h2>
	<table class="grid-table dense">
		<thead>
			<tr>
				<th scope="col">Day, side</th><th scope="col">Found</th><th scope="col">Left at</th><th scope="col"
					>Adjusters</th
				>
			</tr>
		</thead>
		<tbody>
			{#each history as one (one.id)}
				<tr>
					<th scope="row" class="text-ink!"
						>{formats.date(one.on)}, {sideWord(one.socket)}{one.by ? `, ${one.by}` : ''}</th
					>
					<td>{one.dropBefore === undefined ? '–' : `${length(one.dropBefore)} under`}</td>
					<td>{length(one.drop)} under at {formats.measure('distance', one.distance)}</td>
					<td>{adjusterWords(one)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
