<script lang="ts">
	import { resolve } from '$app/paths';
	import type { AlternativeView, LineChangeView, PlaceView } from '$lib/core/views';
	import { shopFormats } from '../ui/shop-formats';
	import { LEVEL_WORD } from '../ui/level';
	import SolveForm from './SolveForm.svelte';

	const { price } = shopFormats();

	/** What one other lamp would move, and the way to take it and solve again around it. */
	let {
		place,
		alternative,
		vehicle,
		kit,
		currency
	}: { place: PlaceView; alternative: AlternativeView; vehicle: string; kit: string; currency: string } = $props();

	const address = $derived(
		`${resolve('/vehicles/[id]/kit/[kit]/change.json', { id: vehicle, kit })}?socket=${encodeURIComponent(place.socket)}&product=${encodeURIComponent(alternative.product)}`
	);
	type Answer = { ok: true; value: LineChangeView } | { ok: false; error: string };
	const ask = async (of: string): Promise<Answer> => {
		const answer = await fetch(of).catch(() => null);
		return answer?.ok ? answer.json() : { ok: false, error: 'The shop’s server does not answer; nothing was changed.' };
	};
	const answer = $derived(ask(address));
	const sign = (minor: number) => `${minor > 0 ? '+' : minor < 0 ? '−' : '±'}${price(Math.abs(minor))}`;
</script>

<section
	class="mb-2 rounded-md border border-sea bg-sea-wash p-2"
	aria-label={`What ${alternative.name} would move`}
	aria-live="polite"
>
	<h3 class="font-medium">{alternative.name} instead</h3>
	{#await answer}
		<p class="text-soft">Working out what it moves…</p>
	{:then moves}
		{#if moves.ok}
			<p>
				<strong>{sign(moves.value.difference)} {currency}</strong>, the kit then costs {price(moves.value.total)}
				{currency} with every other lamp as it is.
			</p>
			<ul class="text-sm">
				{#each moves.value.gates as { gate, before, after, why } (gate)}
					<li>
						<strong class="font-medium">{gate}</strong>: {LEVEL_WORD[before].toLowerCase()} becomes {LEVEL_WORD[
							after
						].toLowerCase()}. {why}
					</li>
				{:else}<li>No gate moves.</li>{/each}
				{#if moves.value.added.length > 0}<li>Comes into the box: {moves.value.added.join(', ')}.</li>{/if}
				{#if moves.value.dropped.length > 0}<li>Leaves the box: {moves.value.dropped.join(', ')}.</li>{/if}
				{#each moves.value.mismatches as { place: at, sight } (at)}<li>
						{at} would stand out in its white ({sight}).
					</li>{/each}
				{#each moves.value.complaints as words (words)}<li>Circuit: {words}.</li>{/each}
			</ul>
			<SolveForm action="?/choose" class="mt-2" {vehicle} {kit}
				>{#snippet children(busy)}<input type="hidden" name="socket" value={place.socket} /><input
						type="hidden"
						name="product"
						value={alternative.product}
					/>
					<button class="button" data-main disabled={busy}>Take it and solve again around it</button
					>{/snippet}</SolveForm
			>
		{:else}<p>{moves.error}</p>{/if}
	{/await}
</section>
