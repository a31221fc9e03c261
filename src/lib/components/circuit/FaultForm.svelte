<script lang="ts">
	import type { Fault, SocketFault } from '$lib/core/circuit';
	import type { SocketView } from '$lib/core/views';
	import type { CircuitTrial } from './trial.svelte';

	/** Tries a fault in one socket. */
	let { trial, socket }: { trial: CircuitTrial; socket: SocketView | null } = $props();

	const KINDS: readonly { kind: SocketFault['kind']; label: string; ohms?: number }[] = [
		{ kind: 'contact', label: 'corroded contact, 2 ohm', ohms: 2 },
		{ kind: 'earth', label: 'lost earth', ohms: 1e6 },
		{ kind: 'reversed', label: 'put in the wrong way round' },
		{ kind: 'crossed', label: 'wired for the other kind of socket' },
		{ kind: 'load-gone', label: 'built-in load burnt open' },
		{ kind: 'driver-dead', label: 'driver dead' },
		{ kind: 'out', label: 'lamp out' }
	];
	const isOf = (fault: Fault, kind: SocketFault['kind']) =>
		fault.kind === kind && 'socket' in fault && fault.socket === socket?.id;
	const has = (kind: SocketFault['kind']) => trial.faults.some((fault) => isOf(fault, kind));

	function toggle({ kind, ohms }: (typeof KINDS)[number]): void {
		const id = socket?.id;
		if (id === undefined) return;
		trial.faults = has(kind)
			? trial.faults.filter((fault) => !isOf(fault, kind))
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
