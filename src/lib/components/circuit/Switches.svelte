<script lang="ts">
	import { MODES, modeLabel, SWITCH_IDS, SWITCHES, type ModeId } from '$lib/core/circuit';
	import type { CircuitTrial } from './trial.svelte';

	/** Switches of the vehicle with a key each, and named modes with how many messages each would bring. */
	let { trial }: { trial: CircuitTrial } = $props();

	const KEYS = '1234567890-';
	const named = $derived((Object.keys(MODES) as ModeId[]).filter((id) => MODES[id].length !== 1 || id === 'off'));
	const same = (id: ModeId) => MODES[id].join() === trial.switches.join();

	function key(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.target instanceof HTMLElement && event.target.matches('input, select, textarea')) return;
		const id = SWITCH_IDS[KEYS.indexOf(event.key)];
		if (event.key.length === 1 && id && trial.does(id)) trial.toggle(id);
	}
</script>

<svelte:window onkeydown={key} />

<div role="group" aria-label="Switches" class="grid gap-1">
	{#each SWITCH_IDS as id, i (id)}
		{@const messages =
			trial.spoken.get(
				(id === 'left' ? 'left-turn' : id === 'right' ? 'right-turn' : id === 'doors' ? 'doors-open' : id) as ModeId
			) ?? 0}
		<button
			type="button"
			class="button justify-between aria-pressed:border-sea aria-pressed:bg-sea-wash"
			aria-pressed={trial.switches.includes(id)}
			aria-keyshortcuts={KEYS[i]}
			disabled={!trial.does(id)}
			onclick={() => trial.toggle(id)}
		>
			<span>{SWITCHES[id].label}</span>
			<span class="flex items-center gap-2 text-sm text-soft">
				{#if messages > 0}<span class="font-medium text-refuse">{messages}<span class="sr-only"> messages</span> !</span
					>{/if}
				<kbd>{KEYS[i]}</kbd>
			</span>
		</button>
	{/each}
	<div class="mt-1 flex flex-wrap gap-1">
		{#each named as id (id)}
			<button type="button" class="chip" aria-pressed={same(id)} onclick={() => (trial.switches = MODES[id])}
				>{modeLabel(MODES[id])}</button
			>
		{/each}
	</div>
</div>
