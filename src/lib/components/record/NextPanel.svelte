<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { resolve } from '$app/paths';
	import NextFacts from './NextFacts.svelte';

	/** What to find out next about a vehicle, asked for when its walk stands and again after every change. */
	let { vehicle, revision }: { vehicle: string; revision: number } = $props();

	let next = $state.raw<ComponentProps<typeof NextFacts>['next'] | null>(null);

	$effect(() => {
		void revision;
		const stop = new AbortController();
		fetch(resolve('/vehicles/[id]/next.json', { id: vehicle }), { signal: stop.signal })
			.then((answer) => (answer.ok ? answer.json() : null))
			.then((found) => (next = found))
			// Somebody went on before it came.
			.catch(() => null);
		return () => stop.abort();
	});
</script>

{#if next && next.sockets > 0}<div class="mb-4"><NextFacts {next} /></div>{/if}
