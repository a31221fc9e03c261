<script lang="ts">
	import type { SocketView } from '$lib/core/views';
	import { layOut } from '$lib/core/views/rota-layout';
	import { SMALL } from './wheel';
	import WheelCell from './WheelCell.svelte';

	/** The rota on paper: black marks on white, each lamp's light as a band on the rim. Nothing to operate. With numbers, those stand for the marks. */
	let {
		sockets,
		label,
		numbers = null
	}: { sockets: SocketView[]; label: string; numbers?: ReadonlyMap<string, number> | null } = $props();

	const marked = (socket: SocketView): SocketView =>
		numbers ? { ...socket, mark: String(numbers.get(socket.id) ?? '') } : socket;
	const byId = $derived(new Map(sockets.map((socket) => [socket.id, marked(socket)])));
</script>

<svg
	viewBox={`${-SMALL.width / 2} ${-SMALL.height / 2} ${SMALL.width} ${SMALL.height}`}
	class="rota-paper block size-full"
	role="img"
	aria-label={`Sockets of ${label}, in the light of this kit`}
>
	{#each layOut(sockets) as cell (cell.id)}
		{@const socket = byId.get(cell.id)}
		{#if socket}<WheelCell {cell} {socket} size={SMALL} />{/if}
	{/each}
</svg>
