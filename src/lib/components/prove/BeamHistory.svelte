<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Product, ProofOf } from '$lib/core/model';
	import { decimal } from '$lib/core/quantity';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	/** Pairs of pictures that were kept of a place. */
	let {
		history,
		products,
		onopen
	}: {
		history: ProofOf<'beam'>[];
		products: Product[];
		/** Looks at a pair again. */
		onopen: (pair: ProofOf<'beam'>) => void;
	} = $props();

	const nameOf = (id: string | undefined) => {
		const known = products.find((one) => one.id === id);
		return known ? `${known.maker} ${known.name}` : id;
	};
	const number = (value: number | null, digits: number, unit: string) =>
		value === null ? 'not known' : `${decimal(value, digits)}${unit}`;
	const wordsOf = ({ numbers, note }: ProofOf<'beam'>) =>
		[
			...(numbers.comparable ? [] : ['does not compare']),
			`tilt ${number(numbers.tilt, 1, '°')}, rise ${number(numbers.rise, 0, ' px')}`,
			`over the cut-off ${number(numbers.aboveRatio, 2, ' times')}`,
			...(note ? [note] : [])
		].join('; ');
</script>

{#if history.length > 0}
	<h2>Kept before</h2>
	{#each history as one (one.id)}
		<article class="flex flex-wrap items-center gap-3 border-t border-line pt-2">
			{#each [one.before, one.after] as shot, i (i)}
				<img
					class="h-20 rounded border border-line"
					src={resolve('/fittings/pictures/[hash]', { hash: shot.picture })}
					alt={i === 0 ? 'The beam before' : 'The beam after'}
					loading="lazy"
				/>
			{/each}
			<p>
				<span class="font-medium">{nameOf(one.product)}</span>, {date(one.on)}{one.by ? `, ${one.by}` : ''}
				<span class="block text-sm text-soft">{wordsOf(one)}</span>
			</p>
			<button type="button" class="button ml-auto" onclick={() => onopen(one)}>Look at them again</button>
		</article>
	{/each}
{/if}
