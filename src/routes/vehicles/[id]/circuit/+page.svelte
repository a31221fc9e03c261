<script lang="ts">
	import { resolve } from '$app/paths';
	import { CircuitTrial, LONG_MIN } from '$lib/components/circuit/trial.svelte';
	import ChannelBars from '$lib/components/circuit/ChannelBars.svelte';
	import FaultForm from '$lib/components/circuit/FaultForm.svelte';
	import type { Converted, Fit } from '$lib/components/circuit/fitting';
	import Remedies from '$lib/components/circuit/Remedies.svelte';
	import ScanButton from '$lib/components/circuit/ScanButton.svelte';
	import Switches from '$lib/components/circuit/Switches.svelte';
	import Warming from '$lib/components/circuit/Warming.svelte';
	import Wave from '$lib/components/circuit/Wave.svelte';
	import { verdictsHere } from '$lib/client/verdicts.svelte';
	import Rota from '$lib/components/rota/Rota.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';

	const verdicts = verdictsHere();

	let { data } = $props();

	const trial = new CircuitTrial(() => ({
		configuration: data.circuit.configuration,
		lamps: data.circuit.chosen.lamps,
		parts: data.circuit.chosen.parts,
		remedies: data.circuit.best.remedies
	}));
	let selected = $state<string | null>(null);
	let channelId = $state<string | null>(null);

	const id = $derived(data.vehicle.id);
	const names = $derived(new Map(data.vehicle.sockets.map((s) => [s.id, s.name])));
	const socket = $derived(data.vehicle.sockets.find((s) => s.id === selected) ?? null);
	const channels = $derived(data.circuit.configuration.channels);
	const channel = $derived(
		channels.find((c) => c.id === channelId) ??
			channels.find((c) => c.feeds.some((feed) => feed.socket === selected)) ??
			channels.find((c) => trial.state.channels.some((s) => s.id === c.id && s.functions.length > 0)) ??
			channels[0] ??
			null
	);
	/** Channels that are on stand first. */
	const sorted = $derived(
		[...trial.state.channels].sort((a, b) => Number(b.functions.length > 0) - Number(a.functions.length > 0))
	);
	const FITS: readonly [Fit, string][] = [
		['stock', 'Stock lamps'],
		['chosen', 'Lamps as chosen'],
		['remedied', 'With remedies']
	];
	const CONVERTED: readonly [Converted, string][] = [
		['all', 'all'],
		['front', 'only front'],
		['rear', 'only rear'],
		['left', 'only left'],
		['right', 'only right']
	];
	const flash = $derived(
		[
			trial.state.flash.left === null ? '' : `left ${trial.state.flash.left} a minute`,
			trial.state.flash.right === null ? '' : `right ${trial.state.flash.right} a minute`
		]
			.filter(Boolean)
			.join(', ')
	);
	const oddities = $derived(
		trial.state.lamps.filter((l) => l.glow !== 'none' || l.flicker.word === 'strobes' || l.flicker.word === 'drops-out')
	);
</script>

<svelte:head><title>Circuit · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full gap-3 p-3 lg:grid-cols-[12.5rem_minmax(0,23rem)_minmax(0,1fr)]">
	<ScrollPanel label="Switches and fit" class="grid content-start gap-3 p-2">
		<Switches {trial} />
		<label class="grid gap-0.5 text-sm text-soft"
			>Supply {trial.volts.toFixed(1)} V
			<input
				type="range"
				class="w-full accent-(--sea)"
				min={(trial.supply.nominal * 9) / 12}
				max={(trial.supply.nominal * 15) / 12}
				step="0.1"
				bind:value={trial.volts}
			/></label
		>
	</ScrollPanel>
	<div class="flex min-h-0 flex-col gap-3 lg:overflow-y-auto">
		<div class="flex flex-wrap gap-1" role="group" aria-label="Fitted with">
			{#each FITS as [fit, label] (fit)}
				<button type="button" class="chip" aria-pressed={trial.fit === fit} onclick={() => (trial.fit = fit)}
					>{label}</button
				>
			{/each}
			<span class="ml-auto flex gap-1" role="group" aria-label="Converted">
				{#each CONVERTED as [which, label] (which)}
					<button
						type="button"
						class="chip"
						aria-pressed={trial.converted === which}
						disabled={trial.fit === 'stock'}
						onclick={() => (trial.converted = which)}>{label}</button
					>
				{/each}
			</span>
		</div>
		<div class="panel h-[20rem] shrink-0 p-1">
			<Rota
				sockets={verdicts.on(data.vehicle.sockets)}
				{selected}
				label={`${data.vehicle.name}, ${trial.state.label}`}
				labels={false}
				play={trial.play}
				onselect={(one) => {
					selected = one;
					channelId = null;
				}}
				onopen={() => undefined}
			/>
		</div>
		<section class="panel grid gap-1 p-3" aria-label="Dash" aria-live="polite">
			<h2>Dash: {trial.state.label}</h2>
			{#each trial.state.messages as message (message)}<p class="rounded border-2 border-refuse px-2 py-1 font-medium">
					{message}
				</p>{/each}
			{#if trial.state.messages.length === 0}<p>No message.</p>{/if}
			{#if flash}<p class="number">
					Flashes {flash}{trial.switches.includes('hazard') ? '; hazard is no proof of the turn lamps' : ''}.
				</p>{/if}
			{#each oddities as lamp (`${lamp.socket} ${lamp.function}`)}
				<p class="text-sm">
					{names.get(lamp.socket)}: {lamp.glow === 'pulses'
						? 'blinks faintly while off'
						: lamp.glow === 'back-feed'
							? 'back-feed: check the earth'
							: lamp.flicker.word === 'drops-out'
								? 'stays dark, the pulses are too short'
								: 'strobes'}
				</p>
			{/each}
			{#if socket}<p class="border-t border-line pt-1 text-sm">
					{socket.name}: {trial.play.get(socket.id)?.words ?? 'dark'}.
				</p>{/if}
		</section>
		<section class="panel grid gap-2 p-3" aria-label="Time and scan tool">
			<label class="flex min-h-6 items-center gap-2"
				><input
					type="checkbox"
					class="size-4"
					checked={trial.minutes > 0}
					onchange={(event) => (trial.minutes = event.currentTarget.checked ? LONG_MIN : 0)}
				/>after {LONG_MIN} minutes in this mode</label
			>
			{#each trial.gone as gone (gone)}<p class="text-refuse">
					{names.get(gone)}: its built-in load has given up.
				</p>{/each}
			<Warming hotParts={trial.hotParts} minutes={LONG_MIN} />
			<ScanButton address={`${resolve('/vehicles/[id]/circuit/scan', { id })}?fit=${trial.fit}`} />
		</section>
		<section class="panel p-3" aria-label="Faults"><FaultForm {trial} {socket} /></section>
	</div>
	<div class="flex min-h-0 min-w-0 flex-col gap-3">
		<ScrollPanel label="Channels" class="min-h-56 lg:basis-2/5">
			<ChannelBars channels={sorted} selected={channel?.id ?? null} onselect={(one) => (channelId = one)} />
		</ScrollPanel>
		{#if channel}
			<section class="panel p-2" aria-label="Wave">
				<Wave circuit={trial.circuit} state={trial.state} {channel} {names} />
			</section>
		{/if}
		<ScrollPanel label="Remedies" class="min-h-56 grow p-3 lg:basis-1/4">
			{#each data.circuit.troubles as trouble, i (i)}<p class="text-unknown">{trouble.text}</p>{/each}
			<p class="text-sm text-soft">
				{#if data.circuit.chosen.kit}Lamps and parts of <a
						class="link"
						href={resolve('/vehicles/[id]/kit/[kit]', { id, kit: data.circuit.chosen.kit.id })}
						>{data.circuit.chosen.kit.name}</a
					>.{:else}No kit yet: the best LED of each place.{/if}
			</p>
			<Remedies table={data.circuit.table} best={data.circuit.best} currency={data.currency} />
		</ScrollPanel>
	</div>
</main>
