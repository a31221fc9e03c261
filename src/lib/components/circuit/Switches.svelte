<script lang="ts">
	import { isTyping, SWITCH_KEYS } from '$lib/client/shortcuts';
	import { MODES, modeLabel, modeOfSwitch, SWITCH_IDS, SWITCHES, type ModeId } from '$lib/core/circuit';
	import { counted } from '$lib/core/quantity';
	import type { CircuitTrial } from './trial.svelte';

	/** Switches of the vehicle with a key each, and named modes with how many messages each would bring. */
	let { trial }: { trial: CircuitTrial } = $props();

	const named = $derived((Object.keys(MODES) as ModeId[]).filter((id) => MODES[id].length !== 1 || id === 'off'));
	const same = (id: ModeId) => MODES[id].join() === trial.switches.join();

	function key(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
		const id = SWITCH_IDS[SWITCH_KEYS.indexOf(event.key)];
		if (id && trial.does(id)) trial.toggle(id);
	}
</script>

<svelte:window onkeydown={key} />

<div role="group" aria-label="Switches" class="grid gap-1 sm:max-lg:grid-cols-3">
	{#each SWITCH_IDS as id, i (id)}
		{@const mode = modeOfSwitch(id)}
		{@const messages = mode ? (trial.spoken.get(mode) ?? 0) : 0}
		<button
			type="button"
			class="button justify-between aria-pressed:border-sea aria-pressed:bg-sea-wash"
			aria-pressed={trial.switches.includes(id)}
			aria-keyshortcuts={SWITCH_KEYS[i]}
			disabled={!trial.does(id)}
			onclick={() => trial.toggle(id)}
		>
			<span class="text-left leading-tight"
				>{SWITCHES[id].label}{#if messages > 0}<span class="block text-sm font-normal text-refuse"
						>{counted(messages, 'message')}</span
					>{/if}</span
			>
			<span class="text-sm text-soft">
				<kbd>{SWITCH_KEYS[i]}</kbd>
			</span>
		</button>
	{/each}
	<div class="mt-1 flex flex-wrap gap-1 sm:max-lg:col-span-3">
		{#each named as id (id)}
			<button type="button" class="chip" aria-pressed={same(id)} onclick={() => (trial.switches = MODES[id])}
				>{modeLabel(MODES[id])}</button
			>
		{/each}
	</div>
</div>
