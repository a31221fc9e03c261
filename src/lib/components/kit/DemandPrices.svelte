<script lang="ts">
	import type { DemandPrice } from '$lib/core/kit';
	import { counted } from '$lib/core/quantity';
	import { shopFormats } from '../ui/shop-formats';
	import SolveForm from './SolveForm.svelte';

	const { money } = shopFormats();

	/** What each demand costs: those that are made, and wishes that are often made. */
	let { prices, vehicle, kit }: { prices: DemandPrice[] | null; vehicle: string; kit: string } = $props();

	const describe = ({ costs, closes }: DemandPrice) => {
		if (costs === null) return 'cannot be had';
		const price = costs === 0 ? 'costs nothing' : costs > 0 ? `costs ${money(costs)}` : `saves ${money(-costs)}`;
		const sockets =
			closes > 0
				? `, leaves ${counted(closes, 'socket')} open`
				: closes < 0
					? `, closes ${counted(-closes, 'socket')}`
					: '';
		return price + sockets;
	};
	const groups = $derived(
		prices === null
			? []
			: [
					{ title: 'Demands of this order', rows: prices.filter((p) => p.kind === 'lifted') },
					{ title: 'If it were wished', rows: prices.filter((p) => p.kind === 'wished') }
				]
	);
</script>

<h2 class="mt-3">What demands cost</h2>
<p class="text-sm text-soft">Each is one kit more, solved with it and without it.</p>
<SolveForm action="?/prices" {vehicle} {kit}
	>{#snippet children(busy)}
		<button class="button mt-1" disabled={busy}>{prices === null ? 'Price the demands' : 'Price them again'}</button>
	{/snippet}</SolveForm
>
{#each groups as { title, rows } (title)}
	<h3 class="mt-2 text-sm font-medium">{title}</h3>
	<ul>
		{#each rows as price (price.words)}
			<li class="flex justify-between gap-3 border-b border-line py-1 last:border-0">
				<span>{price.words}</span> <span class="text-right text-soft">{describe(price)}</span>
			</li>
		{:else}<li class="text-soft">None of them costs anything.</li>{/each}
	</ul>
{/each}
