<script lang="ts">
	import type { FactView } from '$lib/core/views';
	import SocketFacts from '../vehicle/SocketFacts.svelte';

	/** The socket that is matched, in one line; opens into every fact and its source. */
	let { socket }: { socket: { name: string; facts: FactView[] } } = $props();

	const IN_LINE = ['Lamp category', 'Lens', 'Optic', 'Held by', 'Clearance'];
	const line = $derived(
		IN_LINE.flatMap((name) => socket.facts.find((fact) => fact.name === name)?.value ?? [])
			.filter((value) => !/^not (known|measured)/.test(value))
			.join(' · ')
	);
</script>

<details class="border-b border-line px-3 py-2">
	<summary class="cursor-pointer">
		<h2 class="inline">{socket.name}</h2>
		<span class="ml-1 text-sm text-soft">{line}</span>
	</summary>
	<div class="mt-2 max-w-2xl"><SocketFacts facts={socket.facts} /></div>
</details>
