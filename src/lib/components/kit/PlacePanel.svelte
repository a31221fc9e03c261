<script lang="ts">
	import type { PlaceView } from '$lib/core/views';
	import { shopFormats } from '../ui/shop-formats';
	import VerdictTag from '../ui/VerdictTag.svelte';
	import LineMoves from './LineMoves.svelte';
	import SolveForm from './SolveForm.svelte';

	const { price } = shopFormats();

	/** One place of a kit: what may go there instead, and what that would move, before it is taken. */
	let {
		place,
		vehicle,
		kit,
		currency,
		onplace
	}: { place: PlaceView; vehicle: string; kit: string; currency: string; onplace: (socket: string) => void } = $props();

	/** What may be said of the lamp that is in the kit now. */
	const ABOUT_CURRENT = [
		{ action: '?/leave', label: 'Leave it stock' },
		{ action: '?/forbid', label: 'Not this lamp here' },
		{ action: '?/has', label: 'The customer has it' }
	];

	let tried = $state<string | null>(null);
	const current = $derived(place.alternatives.find((a) => a.current) ?? null);
	const looked = $derived(place.alternatives.find((a) => a.product === tried) ?? null);
</script>

<h2>{place.name}</h2>
<p class="text-sm text-soft">
	{place.line
		? `Now ${place.line}${place.fixed ? ', chosen by hand' : ''}.`
		: place.fixed
			? 'Left as it is by hand.'
			: 'Open.'}
</p>
{#if place.places.length > 1}
	<div class="my-1 flex flex-wrap gap-1" role="group" aria-label="Places of this line">
		{#each place.places as other (other.socket)}
			<button
				type="button"
				class="chip"
				aria-pressed={other.socket === place.socket}
				onclick={() => onplace(other.socket)}>{other.name}</button
			>
		{/each}
	</div>
{/if}
<div class="my-2 flex flex-wrap gap-2">
	{#if place.fixed}
		<SolveForm action="?/free" {vehicle} {kit}
			>{#snippet children(busy)}<input type="hidden" name="socket" value={place.socket} />
				<button class="button" disabled={busy}>Let the kit choose again</button>{/snippet}</SolveForm
		>
	{:else if current}
		{#each ABOUT_CURRENT as { action, label } (action)}
			<SolveForm {action} {vehicle} {kit}
				>{#snippet children(busy)}<input type="hidden" name="socket" value={place.socket} />
					<input type="hidden" name="product" value={current.product} />
					<input type="hidden" name="reason" value="as the customer wishes" />
					<button class="button" disabled={busy}>{label}</button>{/snippet}</SolveForm
			>
		{/each}
	{/if}
</div>
{#if looked}<LineMoves {place} alternative={looked} {vehicle} {kit} {currency} />{/if}
<ul aria-label="What may go here">
	{#each place.alternatives as other (other.product)}
		<li class="border-b border-line py-1.5 last:border-0">
			<div class="flex items-baseline gap-2">
				<button
					type="button"
					class="link grow text-left font-medium"
					aria-pressed={tried === other.product}
					disabled={other.current}
					onclick={() => (tried = other.product)}>{other.name}</button
				>
				<span class="number">{other.price === null ? 'not sold' : price(other.price)}</span>
			</div>
			<VerdictTag verdict={other.verdict} />
			{#if other.current}<span class="text-sm">in the kit</span>{/if}
			{#if other.forbidden}<span class="text-sm text-refuse">forbidden here</span>{/if}
			{#if other.replaces}<span class="block text-sm">An assembly in place of {other.replaces}.</span>{/if}
			{#if other.reason}<span class="block text-sm text-soft">{other.reason}</span>{/if}
		</li>
	{:else}
		<li class="py-2 text-soft">Nothing on sale goes here; Match says why.</li>
	{/each}
</ul>
