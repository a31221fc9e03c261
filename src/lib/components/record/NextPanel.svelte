<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import { resolve } from '$app/paths';
	import NextFacts from './NextFacts.svelte';

	/** What to find out next about a vehicle, asked for when its walk stands and again after every change. */
	let { vehicle, revision }: { vehicle: string; revision: number } = $props();

	let found = $state.raw<{ of: string; next: ComponentProps<typeof NextFacts>['next'] } | null>(null);
	/** Not what was found of the vehicle before. */
	const next = $derived(found?.of === vehicle ? found.next : null);

	$effect(() => {
		void revision;
		const of = vehicle;
		const stop = new AbortController();
		fetch(resolve('/vehicles/[id]/next.json', { id: of }), { signal: stop.signal })
			.then((answer) => (answer.ok ? answer.json() : null))
			.then((answer) => (found = answer && { of, next: answer }))
			// Somebody went on before it came.
			.catch(() => null);
		return () => stop.abort();
	});
</script>

{#if next && next.sockets > 0}<div class="mb-4"><NextFacts {next} /></div>{/if}
