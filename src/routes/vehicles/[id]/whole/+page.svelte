<script lang="ts">
	import { resolve } from '$app/paths';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import Coverage from '$lib/components/whole/Coverage.svelte';
	import WhiteMatrix from '$lib/components/whole/WhiteMatrix.svelte';
	import PreferencesForm from '$lib/components/whole/PreferencesForm.svelte';

	let { data } = $props();

	const id = $derived(data.vehicle.id);
	const place = (socket: string) => resolve('/vehicles/[id]/match/[[socket]]', { id, socket });
</script>

<svelte:head><title>Whole vehicle · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
	<ScrollPanel label="What if" class="p-3">
		<div class="flex flex-wrap items-baseline gap-x-3">
			<h2>What if</h2>
			<a
				class="link text-sm"
				href={resolve('/vehicles/[id]/match/[[socket]]', { id, socket: data.vehicle.sockets[0]?.id })}
				>Back to one socket</a
			>
		</div>
		<PreferencesForm preferences={data.preferences} filament={data.filament} makers={data.answer.makers} />
		<Coverage answer={data.answer} currency={data.currency} {place} />
	</ScrollPanel>
	<ScrollPanel label="Whites seen together" class="p-3">
		<h2>Whites seen together</h2>
		<p class="mb-2 text-sm text-soft">
			{data.filament
				? 'Filament lamps, as the vehicle stands.'
				: 'The best LED that the wish leaves in each place, else the filament lamp.'}
			Mired apart; under 10 looks alike, 10 to 25 is noticed side by side, more is a mismatch.
		</p>
		<WhiteMatrix matrix={data.answer.matrix} {place} />
	</ScrollPanel>
</main>
