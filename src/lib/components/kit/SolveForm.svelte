<script lang="ts">
	import type { Snippet } from 'svelte';
	import { resolve } from '$app/paths';
	import type { SolveState } from './progress';
	import BusyForm from '../ui/BusyForm.svelte';
	import SolveProgressLine from './SolveProgressLine.svelte';

	/** A form whose answer takes a solver: while it works, it says how far it is, and can be stopped. */
	let {
		action,
		vehicle,
		kit,
		class: more = '',
		children
	}: {
		action: string;
		/** Ids of the vehicle and the kit. */
		vehicle: string;
		kit: string;
		class?: string;
		children: Snippet<[busy: boolean]>;
	} = $props();

	const ASK_MS = 250;

	let busy = $state(false);
	let progress = $state<SolveState | null>(null);
	const address = $derived(resolve('/vehicles/[id]/kit/[kit]/progress', { id: vehicle, kit }));

	async function look(): Promise<void> {
		while (busy) {
			await new Promise((done) => setTimeout(done, ASK_MS));
			if (!busy) return;
			const answer = await fetch(address).catch(() => null);
			progress = answer?.ok ? await answer.json() : null;
		}
	}
	function onbusy(on: boolean): void {
		busy = on;
		progress = null;
		if (on) void look();
	}
	const stop = () => void fetch(address, { method: 'DELETE' }).catch(() => null);
</script>

<BusyForm {action} class={more} {onbusy} {children} />
{#if busy}<SolveProgressLine {progress} onstop={stop} />{/if}
