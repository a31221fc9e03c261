<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { askedIn } from '$lib/components/prove/asked';
	import PlacePicker from '$lib/components/prove/PlacePicker.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import LevelMark from '$lib/components/ui/LevelMark.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { assumedForChecks, beamCheck } from '$lib/core/beam';
	import { evidenceIn } from '$lib/core/match';
	import { gatheredCheck, proofsAt } from '$lib/core/views';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	let { data, form } = $props();

	const id = $derived(data.vehicle.id);
	const prove = $derived(data.prove);
	const beams = $derived(prove.places.filter((place) => place.isBeam));
	const asked = $derived(
		askedIn(page.url, { places: prove.places, lamps: prove.lamps, only: (place) => place.isBeam })
	);
	let typedName = $state('');
	const gathered = $derived(
		asked.place && asked.lamp !== null
			? gatheredCheck(prove.configuration, {
					proofs: prove.proofs,
					place: asked.place,
					product: asked.lamp,
					shop: prove.shop,
					by: data.person ?? typedName
				})
			: null
	);
	const signed = $derived(asked.place ? proofsAt(prove.proofs, 'beam-check', { sockets: asked.place.sockets }) : []);
	const socket = $derived(prove.configuration.sockets.find((one) => one.id === asked.place?.socket) ?? null);
	const lampName = (product: string) => {
		const known = prove.products.find((one) => one.id === product);
		return known ? `${known.maker} ${known.name}` : product;
	};
	const outcomeOf = (one: (typeof signed)[number]) =>
		socket ? beamCheck(evidenceIn(one, socket), assumedForChecks(prove.shop.assumptions)).outcome : 'open';
	const WORDS = { proved: 'All rules are met', failed: 'Not met', open: 'Not finished' } as const;
	const SIGNED_WORDS = { proved: 'proved', failed: 'an honest no', open: 'open by today’s rules' } as const;
	const PAGE = {
		below: '/vehicles/[id]/prove/light',
		above: '/vehicles/[id]/prove/light',
		'hot-spot': '/vehicles/[id]/prove/light',
		pictures: '/vehicles/[id]/prove/beam',
		tilted: '/vehicles/[id]/prove/beam',
		raised: '/vehicles/[id]/prove/beam',
		aim: '/vehicles/[id]/prove/aim'
	} as const;
	const levelOf = (isMet: boolean | null) => (isMet === null ? 'unknown' : isMet ? 'pass' : 'refuse');
</script>

<svelte:head><title>Beam check · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
	<ScrollPanel label="The beam check" class="min-h-0 space-y-3 p-4">
		{#if !asked.place}
			<p>This vehicle has no lamp on record that throws a beam and can be changed.</p>
		{:else}
			<PlacePicker {asked} places={beams} lamps={prove.lamps} stock={false} sides={false} />
			{#if !asked.place.wantsCheck}<p class="text-soft">
					The shop’s policy does not ask for a beam check here. It can be made and kept all the same.
				</p>{/if}
			{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
			{#if form && 'signed' in form && form.signed}
				<p class="panel border-sea! p-3" role="status">
					{form.signed === 'proved'
						? 'Signed and kept. Match passes this lamp in this lamp unit by it, and asks again when either of them changes.'
						: 'Signed and kept as an honest no. Match refuses this lamp here and says who found what.'}
					<a class="link" href={resolve('/vehicles/[id]/match/[[socket]]', { id, socket: asked.place.socket })}
						>See what Match says</a
					>
				</p>
			{/if}
			{#if gathered}
				<h2>{WORDS[gathered.check.outcome]}</h2>
				<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
				<table class="grid-table">
					<thead
						><tr
							><th scope="col">Rule</th><th scope="col">Found</th><th scope="col">Asked for</th><th scope="col"
								><span class="sr-only">Where</span></th
							></tr
						></thead
					>
					<tbody>
						{#each gathered.check.rules as rule (rule.id)}
							{@const where = PAGE[rule.id as keyof typeof PAGE]}
							<tr>
								<th scope="row" class="whitespace-normal! text-ink!"
									><LevelMark level={levelOf(rule.isMet)} /> {rule.label}</th
								>
								<td>{rule.measured}</td>
								<td>{rule.required}</td>
								<td
									>{#if where}<a class="link" href={`${resolve(where, { id })}${page.url.search}`}
											>{rule.isMet === null ? 'measure' : 'see'}</a
										>{/if}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
				<BusyForm action="?/sign" class="grid gap-2">
					{#snippet children(busy)}
						<input type="hidden" name="socket" value={asked.place?.socket} />
						<input type="hidden" name="product" value={asked.lamp} />
						{#if data.person === null}
							<label class="grid gap-0.5 text-sm text-soft"
								>Who answers for it<input
									class="field w-72 text-base text-ink"
									name="by"
									bind:value={typedName}
									required
									maxlength="80"
								/></label
							>
						{/if}
						<label class="grid gap-0.5 text-sm text-soft"
							>Note<input class="field text-base text-ink" name="note" maxlength="1000" /></label
						>
						<button class="button mr-auto" data-main disabled={busy || gathered.check.outcome === 'open'}
							>{gathered.check.outcome === 'failed' ? 'Sign it as an honest no' : 'Sign the beam check'}</button
						>
						{#if gathered.check.outcome === 'open'}<p class="text-sm text-soft">
								It can be signed once nothing is open.
							</p>{/if}
					{/snippet}
				</BusyForm>
				<p class="text-sm text-soft">
					A beam check is the shop’s own measure of care. It is no approval: LED sources in lamps made for filaments are
					not approved in many places. Check local rules; a licensed workshop or the inspection body decides.
				</p>
			{:else}<p class="text-soft">Choose the lamp that is to be proved here.</p>{/if}
		{/if}
	</ScrollPanel>
	<ScrollPanel label="Checks on record" class="min-h-0 space-y-3 p-4">
		<h2>Signed here</h2>
		{#each signed as one (one.id)}
			{@const outcome = outcomeOf(one)}
			<article class="border-t border-line pt-2">
				<p class="font-medium">
					<LevelMark level={outcome === 'proved' ? 'pass' : outcome === 'failed' ? 'refuse' : 'unknown'} />
					{SIGNED_WORDS[outcome]}
				</p>
				<p>{lampName(one.product)}</p>
				<p class="text-sm text-soft">{date(one.on)}, {one.by}{one.note ? `: ${one.note}` : ''}</p>
				{#if one.pictures && one.pictures.hashes.length > 0}
					<div class="mt-1 flex gap-2">
						{#each one.pictures.hashes as hash, i (hash)}
							<a href={resolve('/fittings/pictures/[hash]', { hash })}
								><img
									class="h-20 rounded border border-line"
									src={resolve('/fittings/pictures/[hash]', { hash })}
									alt={i === 0 ? 'The beam before' : 'The beam after'}
									loading="lazy"
								/></a
							>
						{/each}
					</div>
				{/if}
			</article>
		{:else}<p class="text-soft">No beam check was signed in this place yet.</p>{/each}
	</ScrollPanel>
</main>
