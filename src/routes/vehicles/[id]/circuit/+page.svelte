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
	import Dash from '$lib/components/circuit/Dash.svelte';
	import Panes from '$lib/components/ui/Panes.svelte';
	import { outputNames } from '$lib/core/vehicle';
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
		['chosen', 'LEDs chosen'],
		['remedied', 'LEDs and remedies']
	];
	const CONVERTED: readonly [Converted, string][] = [
		['all', 'all'],
		['front', 'front only'],
		['rear', 'rear only'],
		['left', 'left only'],
		['right', 'right only']
	];
	const outputs = $derived(outputNames(data.circuit.configuration));
</script>

<svelte:head><title>Circuit · {data.vehicle.name} · Rotalux</title></svelte:head>

{#snippet bench()}
	<div class="grid min-h-0 grow content-start gap-3 overflow-y-auto sm:max-lg:grid-cols-2 lg:pr-0.5">
		<div class="panel aspect-square w-full p-1">
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
		<div class="grid content-start gap-3">
			{#if socket}<p class="text-sm" role="status">
					{socket.name}: {trial.play.get(socket.id)?.words ?? 'dark'}.
				</p>{/if}
			<Dash {trial} {names} />
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
				<ScanButton {outputs} address={`${resolve('/vehicles/[id]/circuit/scan', { id })}?fit=${trial.fit}`} />
			</section>
			<section class="panel p-3" aria-label="Faults"><FaultForm {trial} {socket} /></section>
		</div>
	</div>
{/snippet}
{#snippet switches()}
	<ScrollPanel label="Switches" class="grow p-2"><Switches {trial} /></ScrollPanel>
{/snippet}
{#snippet measured()}
	<div class="flex min-h-0 min-w-0 grow flex-col gap-3">
		<ScrollPanel label="Outputs" class="min-h-56 lg:basis-2/5">
			<ChannelBars {outputs} channels={sorted} selected={channel?.id ?? null} onselect={(one) => (channelId = one)} />
		</ScrollPanel>
		{#if channel}
			<section class="panel p-2" aria-label="Wave">
				<Wave circuit={trial.circuit} state={trial.state} {channel} output={outputs.get(channel.id) ?? ''} {names} />
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
			<Remedies {outputs} table={data.circuit.table} best={data.circuit.best} currency={data.currency} />
		</ScrollPanel>
	</div>
{/snippet}

<main class="flex h-full flex-col gap-3 p-3">
	<div class="panel flex flex-wrap items-center gap-x-5 gap-y-1.5 px-3 py-1.5">
		<span class="flex flex-wrap items-center gap-1" role="group" aria-label="Fitted with">
			<span class="mr-1 text-soft" aria-hidden="true">Fitted with</span>
			{#each FITS as [fit, label] (fit)}
				<button type="button" class="chip" aria-pressed={trial.fit === fit} onclick={() => (trial.fit = fit)}
					>{label}</button
				>
			{/each}
		</span>
		<span class="flex flex-wrap items-center gap-1" role="group" aria-label="Converted">
			<span class="mr-1 text-soft" aria-hidden="true">LEDs</span>
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
		<label class="ml-auto flex items-center gap-2 text-soft"
			>Supply {trial.volts.toFixed(1)} V
			<input
				type="range"
				class="w-32 accent-(--sea)"
				min={(trial.supply.nominal * 9) / 12}
				max={(trial.supply.nominal * 15) / 12}
				step="0.1"
				bind:value={trial.volts}
			/></label
		>
	</div>
	<div class="min-h-0 grow">
		<Panes
			name="circuit"
			panes={[
				{ id: 'switches', label: 'the switches', size: 16, least: 12, content: switches },
				{ id: 'bench', label: 'the wheel and the dash', size: 34, least: 22, content: bench },
				{ id: 'measured', label: 'outputs and remedies', size: 50, least: 30, content: measured }
			]}
		/>
	</div>
</main>
