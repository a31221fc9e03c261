<script lang="ts">
	import { arc } from 'd3-shape';
	import type { SocketView } from '$lib/core/views';
	import { layOut, type Cell } from '$lib/core/views/rota-layout';

	/** The rota in its smallest form, for lists: the light of each socket on its ring, on a ground of night. */
	let { sockets, size = 44 }: { sockets: SocketView[]; size?: number } = $props();

	const RADII = { exterior: [36, 46], cabin: [22, 30], core: [9, 16] } as const;
	const lights = $derived(new Map(sockets.map((s) => [s.id, s.light?.colour])));
	const cells = $derived(layOut(sockets));

	function path(cell: Cell): string {
		const [inner, outer] = RADII[cell.ring];
		return (
			arc<null>().innerRadius(inner).outerRadius(outer).startAngle(cell.from).endAngle(cell.to).padAngle(0.06)(null) ??
			''
		);
	}
</script>

<svg viewBox="-50 -50 100 100" width={size} height={size} class="shrink-0" aria-hidden="true">
	<circle r="50" fill="var(--night)" />
	{#each cells as cell (cell.id)}
		<path d={path(cell)} fill={lights.get(cell.id) ?? '#39484f'} />
	{/each}
</svg>
