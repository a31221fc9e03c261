<script lang="ts">
	import type { SwitchId } from '$lib/core/circuit';
	import type { CircuitTrial } from './trial.svelte';
	import Telltale from './Telltale.svelte';

	/** The dash of a vehicle while its modes are played: tell-tales of what is switched on, and what the vehicle reports. */
	let { trial, names }: { trial: CircuitTrial; names: ReadonlyMap<string, string> } = $props();

	const on = (...ids: SwitchId[]) => ids.some((id) => trial.switches.includes(id));
	const { state } = $derived(trial);
	const perMinute = (side: 'left' | 'right') => state.flash[side];
	const flash = $derived(
		(['left', 'right'] as const)
			.flatMap((side) => (perMinute(side) === null ? [] : [`${side} ${perMinute(side)} a minute`]))
			.join(', ')
	);
	const oddities = $derived(
		state.lamps.filter((l) => l.glow !== 'none' || l.flicker.word === 'strobes' || l.flicker.word === 'drops-out')
	);
	const odd = (lamp: (typeof oddities)[number]) => {
		if (lamp.glow === 'pulses') return 'blinks faintly while off';
		if (lamp.glow === 'back-feed') return 'glows by back-feed: check the earth';
		return lamp.flicker.word === 'drops-out' ? 'stays dark, the pulses are too short' : 'strobes';
	};
</script>

<section class="panel grid gap-2 p-3" aria-label="Dash" aria-live="polite">
	<h2>Dash: {state.label}</h2>
	<div class="flex flex-wrap justify-between gap-1 rounded-md px-2 py-1.5" style:background="var(--night)">
		<Telltale sign="left" isOn={perMinute('left') !== null} perMinute={perMinute('left')} />
		<Telltale sign="position" isOn={on('position', 'low', 'high')} />
		<Telltale sign="low" isOn={on('low')} />
		<Telltale sign="high" isOn={on('high')} />
		<Telltale sign="fog" isOn={on('fog')} />
		<Telltale sign="warning" isOn={state.messages.length > 0} />
		<Telltale sign="right" isOn={perMinute('right') !== null} perMinute={perMinute('right')} />
	</div>
	{#each state.messages as message (message)}<p class="rounded border-2 border-refuse px-2 py-1 font-medium">
			{message}
		</p>{/each}
	{#if state.messages.length === 0}<p>No message.</p>{/if}
	{#if flash}<p class="number">
			Flashes {flash}{trial.switches.includes('hazard') ? '; hazard is no proof of the turn lamps' : ''}.
		</p>{/if}
	{#each oddities as lamp (`${lamp.socket} ${lamp.function}`)}
		<p class="text-sm">{names.get(lamp.socket)}: {odd(lamp)}</p>
	{/each}
</section>
