<script lang="ts">
	import { resolve } from '$app/paths';
	import type { KitScope } from '$lib/core/model';
	import type { OfferView } from '$lib/core/views';
	import { counted } from '$lib/core/quantity';
	import { BALANCE_OPTIONS } from '../kit/options';
	import BusyForm from '../ui/BusyForm.svelte';
	import { shopFormats } from '../ui/shop-formats';

	const { money } = shopFormats();

	/** "What kit for this vehicle?": the released one, and three prices a kit can be worked out for now. */
	let { vehicle, scope }: { vehicle: string; scope: KitScope } = $props();

	async function ask(id: string, of: KitScope): Promise<OfferView | null> {
		const answer = await fetch(`${resolve('/vehicles/[id]/kit/offer.json', { id })}?scope=${of}`).catch(() => null);
		return answer?.ok ? answer.json() : null;
	}
	const offer = $derived(ask(vehicle, scope));
	const label = (balance: string) => BALANCE_OPTIONS.find((o) => o.value === balance)?.label ?? balance;
</script>

{#await offer}
	<p class="px-3 py-2 text-soft">Working out the kit at three prices…</p>
{:then found}
	{#if found === null}
		<p class="px-3 py-2">The kit could not be worked out; open Kit and try there.</p>
	{:else}
		<div class="grid gap-2 px-3 py-2">
			{#if found.released}
				{@const { kit, code, name, total, served, open, impacts, vehicle: of } = found.released}
				<p>
					<a class="link font-medium" data-answer="place" href={resolve('/vehicles/[id]/kit/[kit]', { id: of, kit })}
						>{name}, {code}</a
					>
					released, <strong>{money(total)}</strong>, {counted(served, 'socket')} served, {open} open{impacts > 0
						? `; ${counted(impacts, 'thing')} changed under it since, look before it is sold`
						: ''}
				</p>
			{:else}
				<p class="text-soft">No released kit does for this vehicle yet. Worked out now:</p>
			{/if}
			<ul class="grid gap-2 sm:grid-cols-3">
				{#each found.prices as { balance, total, served, open } (balance)}
					<li class="rounded-md border border-line p-2">
						<span class="block font-medium">{label(balance)}</span>
						<strong class="text-lg">{money(total)}</strong>
						<span class="block text-sm text-soft">{counted(served, 'socket')} served, {open} open</span>
						<BusyForm action={`${resolve('/vehicles/[id]/kit', { id: vehicle })}?/start`} class="mt-1"
							>{#snippet children(busy)}
								<input type="hidden" name="name" value={`Kit, ${label(balance).toLowerCase()}`} />
								<input type="hidden" name="scope" value={scope} />
								<input type="hidden" name="balance" value={balance} />
								<button class="button" data-answer="kit" disabled={busy}>{busy ? 'Starting…' : 'Start this kit'}</button
								>
							{/snippet}</BusyForm
						>
					</li>
				{/each}
			</ul>
		</div>
	{/if}
{/await}
