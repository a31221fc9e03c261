<script lang="ts">
	import BusyForm from '../ui/BusyForm.svelte';
	import type { KitLife } from '$lib/core/kit';
	import { resolve } from '$app/paths';
	import type { SignatureWanted, UnprovedLine } from '$lib/core/views';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	/** From draft to release: somebody checks it, signs for what wants a hand, and it is frozen under a code. */
	let {
		kitState,
		revision,
		toSign,
		unproved,
		vehicle,
		life,
		stale,
		person,
		empty
	}: {
		kitState: 'draft' | 'checked' | 'released';
		revision: number;
		toSign: readonly SignatureWanted[];
		/** Lamps the shop's policy wants proved first. */
		unproved: readonly UnprovedLine[];
		/** Id of the vehicle. */
		vehicle: string;
		life: KitLife;
		stale: boolean;
		person: string;
		empty: boolean;
	} = $props();
</script>

{#if kitState === 'draft'}
	<h2>1. Check revision {revision}</h2>
	{#if stale}<p class="text-sm">Facts have changed since it was worked out: solve it again first.</p>{/if}
	<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
	{#each unproved as line (`${line.sku} ${line.socket}`)}
		<p class="text-needs">
			{line.name}, {line.place.toLowerCase()}: the shop’s policy wants a beam check first.
			<a class="link" href={`${resolve('/vehicles/[id]/prove/check', { id: vehicle })}?place=${line.socket}`}>Make it</a
			>, or sign an exception.
		</p>
	{/each}
	<!-- eslint-enable svelte/no-navigation-without-resolve -->
	<BusyForm action="?/check" class="grid gap-2"
		>{#snippet children(busy)}
			{#each toSign as { id, what } (id)}
				<label class="grid gap-0.5 text-sm"
					>{what}
					<input
						name="found {id}"
						class="field text-base"
						required
						maxlength="300"
						placeholder="what you found"
					/></label
				>
			{:else}
				<p class="text-sm text-soft">Match, Circuit and the packs are checked once more; nothing in it wants a hand.</p>
			{/each}
			<label class="grid gap-0.5 text-sm text-soft"
				>Checked by <input
					name="by"
					class="field text-base text-ink"
					value={person || undefined}
					required
					maxlength="200"
					autocomplete="name"
				/></label
			>
			<button class="button justify-center" data-main disabled={busy || stale || empty || unproved.length > 0}
				>Check it</button
			>
		{/snippet}</BusyForm
	>
{:else if kitState === 'checked'}
	<h2>2. Release revision {revision}</h2>
	<p class="text-sm">
		Checked by {life.checked?.by} on {date(life.checked?.on)}. It gets a code and is frozen; a change later makes the
		next revision.
	</p>
	{#each life.checked?.signOffs ?? [] as { what, found } (what)}<p class="text-sm text-soft">{what}: {found}</p>{/each}
	<BusyForm action="?/release" class="mt-2 grid"
		>{#snippet children(busy)}<button class="button justify-center" data-main disabled={busy || stale}
				>Release revision {revision}</button
			>{/snippet}</BusyForm
	>
{:else}
	<h2>Released</h2>
	{#if life.checked}
		<p class="text-sm">Checked by {life.checked.by} on {date(life.checked.on)}.</p>
		{#each life.checked.signOffs as { what, found } (what)}<p class="text-sm text-soft">{what}: {found}</p>{/each}
	{/if}
	<p class="text-sm text-soft">A released kit does not change. What is to be different goes into its next revision.</p>
	<BusyForm action="?/revise" class="mt-2 grid"
		>{#snippet children(busy)}<button class="button justify-center" disabled={busy}
				>Start revision {revision + 1} by the facts of today</button
			>{/snippet}</BusyForm
	>
{/if}
