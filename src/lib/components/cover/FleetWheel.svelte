<script lang="ts">
	import { arc } from 'd3-shape';
	import { resolve } from '$app/paths';

	/** A vehicle of the fleet as a small wheel: the fuller a cell, the nearer its lamp. */
	let {
		wheel,
		size,
		current = false
	}: {
		wheel: { id: string; name: string; sockets: number; served: number; cells: [number, number, number, number][] };
		size: number;
		/** True for the wheel that the keyboard is on. */
		current?: boolean;
	} = $props();

	const RADII = [
		[34, 47],
		[20, 30],
		[7, 16]
	] as const;
	/** How much of a cell is filled, by how the socket stands: shelf, order, catalogue, check, open, closed. */
	const FILLED = [1, 0.66, 0.4, 0.16, 0, 0] as const;
	const CLASSES = ['shelf', 'order', 'catalogue', 'check', 'open', 'closed'] as const;

	/** The part of a cell from its inner radius outwards. */
	function path([inner, outer]: readonly [number, number], [from, to]: readonly [number, number]): string {
		return arc<null>().innerRadius(inner).outerRadius(outer).startAngle(from).endAngle(to).padAngle(0.05)(null) ?? '';
	}

	/** Cells that stand alike are one shape: twenty thousand wheels go by. */
	const shapes = $derived(
		CLASSES.map((name, stands) => {
			const own = wheel.cells.filter((cell) => cell[3] === stands);
			const filled = FILLED[stands] ?? 0;
			const drawn = (share: number) =>
				own
					.map(([ring, from, to]) => {
						const [inner, outer] = RADII[ring] ?? RADII[0];
						return path([inner, inner + (outer - inner) * share], [from, to]);
					})
					.join('');
			return { name, outline: drawn(1), fill: filled > 0 ? drawn(filled) : '' };
		}).filter(({ outline }) => outline !== '')
	);
</script>

<a
	href={resolve('/vehicles/[id]/match/[[socket]]', { id: wheel.id })}
	data-wheel={wheel.id}
	tabindex={current ? 0 : -1}
	class="grid w-full justify-items-center gap-0.5 rounded-md p-1 text-center hover:bg-sea-wash"
	aria-label={`${wheel.name}: ${wheel.served} of ${wheel.sockets} sockets served`}
>
	<svg viewBox="-50 -50 100 100" width={size} height={size} aria-hidden="true">
		{#each shapes as { name, outline, fill } (name)}
			<path class="cell {name}" d={outline} />
			{#if fill}<path class="fill {name}" d={fill} />{/if}
		{/each}
	</svg>
	<span class="line-clamp-2 w-full text-xs leading-tight" aria-hidden="true">{wheel.name}</span>
	<span class="number text-xs text-soft" aria-hidden="true">{wheel.served}/{wheel.sockets}</span>
</a>

<style>
	.cell {
		fill: var(--ground);
		stroke: var(--line);
		stroke-width: 1.2;
	}
	.cell.open {
		stroke: var(--refuse);
		stroke-width: 2;
	}
	.cell.closed {
		fill: none;
		stroke-dasharray: 2 3;
	}
	.fill {
		fill: var(--sea);
	}
	.fill.check {
		fill: var(--unknown);
	}
</style>
