<script lang="ts">
	import type { Play, SocketView } from '$lib/core/views';
	import Rota from '../rota/Rota.svelte';

	/** The vehicle of an exercise as a wheel: the places that are meant are lit, the others stand dark. */
	let { sockets, places }: { sockets: SocketView[]; places: readonly string[] } = $props();

	const lit = (socket: SocketView): Play => ({
		colour: socket.light?.colour ?? '#ffffff',
		light: 1,
		period: null,
		strobes: false,
		glows: false,
		words: 'meant here'
	});
	const play = $derived(
		new Map(sockets.filter(({ id }) => places.includes(id)).map((socket) => [socket.id, lit(socket)]))
	);
	let selected = $derived<string | null>(places[0] ?? null);
	const name = $derived(sockets.find(({ id }) => id === selected)?.name ?? '');
</script>

<div class="mx-auto aspect-square w-full max-w-64">
	<Rota
		{sockets}
		{play}
		{selected}
		label="The vehicle of this exercise"
		labels={false}
		onselect={(id) => (selected = id)}
		onopen={(id) => (selected = id)}
	/>
</div>
<p class="text-center text-sm text-soft" aria-live="polite">{name}</p>
