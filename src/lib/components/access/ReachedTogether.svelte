<script lang="ts">
	import type { Play, SocketView } from '$lib/core/views';
	import Rota from '../rota/Rota.svelte';

	/** The lamps that one operation reaches, lit together on the wheel. */
	let { sockets, reached, label }: { sockets: SocketView[]; reached: readonly string[]; label: string } = $props();

	const DARK: Play = { colour: null, light: 0, period: null, strobes: false, glows: false, words: 'not reached by it' };
	const play = $derived(
		new Map(
			sockets.map((socket): [string, Play] => [
				socket.id,
				reached.includes(socket.id)
					? { ...DARK, colour: socket.light?.colour ?? 'var(--sea)', light: 1, words: 'reached by it' }
					: DARK
			])
		)
	);
	const names = $derived(sockets.filter(({ id }) => reached.includes(id)).map(({ name }) => name));
	let selected = $state<string | null>(null);
</script>

<figure class="mt-3">
	<div class="mx-auto aspect-square w-56">
		<Rota
			{sockets}
			{selected}
			{label}
			labels={false}
			{play}
			onselect={(id) => (selected = id)}
			onopen={() => undefined}
		/>
	</div>
	<figcaption class="text-sm text-soft">Free together: {names.join(' · ') || 'no lamp'}</figcaption>
</figure>
