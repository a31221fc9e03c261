<script lang="ts">
	import type { SocketView } from '$lib/core/views';
	import { shortLines } from './wheel';

	/** The hub of the wheel: the selected socket in words, or how many there are. */
	let { socket, count }: { socket: SocketView | null; count: number } = $props();

	const LINE = 15;
	const words = $derived(socket ? shortLines(socket.place) : []);
	const below = $derived(
		socket
			? [socket.side === 'centre' ? '' : socket.side, socket.category ?? ''].filter(Boolean).join(' · ')
			: 'sockets'
	);
	const rows = $derived(socket ? [...words, below].filter(Boolean) : [String(count), below]);
</script>

<g aria-hidden="true">
	{#each rows as row, i (i)}
		<text y={(i - (rows.length - 1) / 2) * LINE + 4} class={i === rows.length - 1 ? 'muted' : ''}>{row}</text>
	{/each}
</g>

<style>
	text {
		font-size: 13px;
		font-weight: 600;
		text-anchor: middle;
		fill: var(--ink);
	}
	.muted {
		font-weight: 400;
		fill: var(--soft);
	}
</style>
