<script lang="ts">
	import type { Fault } from '$lib/core/circuit';
	import type { SocketView } from '$lib/core/views';
	import type { CircuitTrial } from './trial.svelte';

	/** Tries a fault in one socket. */
	let { trial, socket }: { trial: CircuitTrial; socket: SocketView | null } = $props();

	const KINDS: readonly { kind: Fault['kind']; label: string; ohms?: number }[] = [
		{ kind: 'contact', label: 'corroded contact, 2 ohm', ohms: 2 },
		{ kind: 'earth', label: 'lost earth', ohms: 1e6 },
		{ kind: 'reversed', label: 'put in the wrong way round' },
		{ kind: 'crossed', label: 'wired for the other kind of socket' },
		{ kind: 'load-gone', label: 'built-in load burnt open' },
		{ kind: 'out', label: 'lamp out' }
	];
	const has = (kind: Fault['kind']) => trial.faults.some((fault) => fault.kind === kind && fault.socket === socket?.id);

	function toggle({ kind, ohms }: (typeof KINDS)[number]): void {
		const id = socket?.id;
		if (id === undefined) return;
		trial.faults = has(kind)
			? trial.faults.filter((fault) => !(fault.kind === kind && fault.socket === id))
			: [...trial.faults, { kind, socket: id, ...(ohms === undefined ? {} : { ohms }) } as Fault];
	}
</script>

<fieldset>
	<legend class="font-medium">Try a fault in {socket?.name ?? 'a socket'}</legend>
	{#if socket}
		{#each KINDS as kind (kind.kind)}
			<label class="flex min-h-6 items-center gap-2"
				><input
					type="checkbox"
					class="size-4"
					checked={has(kind.kind)}
					onchange={() => toggle(kind)}
				/>{kind.label}</label
			>
		{/each}
	{:else}<p class="text-soft">Choose one on the rota.</p>{/if}
	{#if trial.faults.length > 0}
		<button type="button" class="link" onclick={() => (trial.faults = [])}
			>Take all {trial.faults.length} faults out</button
		>
	{/if}
</fieldset>
