<script lang="ts">
	import type { AccessView } from '$lib/core/views';

	/** The way in from the outside of the vehicle to its lamps: each operation once, what it reaches at its right, the chosen way lit. */
	let {
		view,
		chosen,
		lit,
		href
	}: {
		view: AccessView;
		/** Id of the operation that is open. */
		chosen: string | null;
		/** Ids of the operations of the way that was asked for; null where none was. */
		lit: readonly string[] | null;
		href: (operation: string) => string;
	} = $props();

	const WIDTH = 156;
	const HEIGHT = 58;
	const STEP = { x: WIDTH + 26, y: HEIGHT + 12 };
	const MARK = { left: 'left', right: 'right', both: '' } as const;

	const byId = $derived(new Map(view.operations.map((one) => [one.operation.id, one])));
	const at = $derived(new Map(view.nodes.map((node) => [node.id, { x: node.column * STEP.x, y: node.row * STEP.y }])));
	const rows = $derived(Math.max(0, ...view.nodes.map(({ row }) => row + 1)));
	const columns = $derived(Math.max(0, ...view.nodes.map(({ column }) => column + 1)));
	const isLit = (id: string) => lit?.includes(id) ?? false;

	function path(from: { x: number; y: number }, to: { x: number; y: number }): string {
		const [x, y] = [from.x + WIDTH, from.y + HEIGHT / 2];
		const [u, v] = [to.x, to.y + HEIGHT / 2];
		const bend = (u - x) / 2;
		return `M${x},${y} C${x + bend},${y} ${u - bend},${v} ${u},${v}`;
	}
</script>

<div class="relative" style:width={`${columns * STEP.x + 260}px`} style:height={`${rows * STEP.y + 8}px`}>
	<svg class="absolute inset-0 size-full overflow-visible" aria-hidden="true">
		{#each view.edges as { from, to, route } (`${from} ${to} ${route}`)}
			{@const start = at.get(from)}
			{@const end = at.get(to)}
			{#if start && end}
				<path
					d={path(start, end)}
					fill="none"
					stroke={isLit(from) && isLit(to) ? 'var(--sea)' : 'var(--soft)'}
					stroke-width={isLit(from) && isLit(to) ? 3 : 1.2}
					stroke-dasharray={route ? '5 4' : undefined}
				/>
			{/if}
		{/each}
	</svg>
	<ul aria-label="Operations, from the outside to the lamps">
		{#each view.nodes as node (node.id)}
			{@const one = byId.get(node.id)}
			{#if one}
				<li
					class="absolute flex items-center gap-2"
					style:left={`${node.column * STEP.x}px`}
					style:top={`${node.row * STEP.y}px`}
				>
					<!-- eslint-disable svelte/no-navigation-without-resolve (href resolves) -->
					<a
						href={href(node.id)}
						data-sveltekit-noscroll
						aria-current={node.id === chosen ? 'true' : undefined}
						class={['node', isLit(node.id) && 'lit', lit && !isLit(node.id) && 'dim']}
						style:width={`${WIDTH}px`}
						style:height={`${HEIGHT}px`}
					>
						<!-- eslint-enable svelte/no-navigation-without-resolve -->
						<span class="line-clamp-2 text-[0.93rem]">{one.operation.title}</span>
						<span class="flex justify-between gap-2 text-sm text-soft">
							<span>{MARK[one.operation.side ?? 'both']}</span>
							<span class="tabular-nums">{one.time}</span>
						</span>
					</a>
					{#if one.reaches.length > 0}
						<span class={['line-clamp-2 w-60 text-sm leading-tight', lit && !isLit(node.id) ? 'text-soft' : '']}
							><span class="text-soft">reaches</span> {one.reaches.join(' · ')}</span
						>
					{/if}
				</li>
			{/if}
		{/each}
	</ul>
</div>

<style>
	.node {
		display: grid;
		align-content: center;
		padding: 0 0.5rem;
		border: 1px solid var(--line);
		border-radius: 5px;
		background: var(--raised);
		line-height: 1.2;
	}
	.node:hover {
		border-color: var(--sea);
	}
	.node[aria-current='true'] {
		background: var(--sea-wash);
		border: 2px solid var(--sea);
	}
	.node.lit {
		border: 2px solid var(--sea);
	}
	.node.dim {
		border-style: dashed;
	}
</style>
