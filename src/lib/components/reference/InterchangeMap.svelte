<script lang="ts">
	import { pressed } from '$lib/client/shortcuts';
	import type { Interchange, InterchangeKind } from '$lib/core/lamps';
	import { neighboursOf, type MapNode } from './interchange-map';

	/**
	 * The interchange table as a map round one category: to its left the lamps people put into its sockets, to its right the sockets
	 * its lamps are put into. Enter or a click walks to a neighbour; arrow keys go up, down and across.
	 */
	let {
		category,
		cap,
		interchanges,
		onwalk
	}: { category: string; cap: string; interchanges: readonly Interchange[]; onwalk: (category: string) => void } =
		$props();

	const WIDTH = 640;
	const ROW = 30;
	const BOX = 118;
	const KIND: Record<InterchangeKind, { word: string; dash: string; strong: boolean }> = {
		same: { word: 'same lamp', dash: '', strong: true },
		'other-electrics': { word: 'other electrics', dash: '', strong: false },
		trim: { word: 'after trimming: refused', dash: '7 4', strong: false },
		wrong: { word: 'goes in and is wrong', dash: '2 3', strong: true },
		'no-fit': { word: 'does not go in', dash: '1 6', strong: false }
	};

	let chosenNode = $state<MapNode | null>(null);
	let drawing: SVGSVGElement | undefined = $state();

	const map = $derived(neighboursOf(category, interchanges));
	const rows = $derived(Math.max(map.into.length, map.from.length, 3));
	const height = $derived(rows * ROW + 24);
	const middle = $derived(height / 2);
	const y = (i: number, count: number) => middle + (i - (count - 1) / 2) * ROW;
	const sides = $derived([
		{ side: 'in', nodes: map.into, x: 8 },
		{ side: 'out', nodes: map.from, x: WIDTH - BOX - 8 }
	] as const);
	const describeNode = (node: MapNode) =>
		`${node.way === 'in' ? `${node.category} in a ${category} socket` : `${category} in a ${node.category} socket`}${node.lamp === 'any' ? '' : `, ${node.lamp === 'led' ? 'LED' : node.lamp} lamps`}: ${KIND[node.kind].word}, ${node.confidence} confidence`;

	function keys(event: KeyboardEvent, node: MapNode, i: number): void {
		const way = pressed(event, ['map-open', 'map-down', 'map-up', 'map-in', 'map-out']);
		if (way === 'map-open') {
			event.preventDefault();
			onwalk(node.category);
			return;
		}
		if (!way) return;
		const step = way === 'map-down' ? 1 : way === 'map-up' ? -1 : 0;
		const across = way === 'map-in' ? 'in' : way === 'map-out' ? 'out' : null;
		event.preventDefault();
		const side = across ?? node.way;
		const count = side === 'in' ? map.into.length : map.from.length;
		const next = Math.min(Math.max(0, i + step), count - 1);
		drawing?.querySelector<SVGGElement>(`[data-node="${side}-${next}"]`)?.focus();
	}
</script>

<div class="overflow-x-auto">
	<svg
		bind:this={drawing}
		viewBox={`0 0 ${WIDTH} ${height}`}
		class="min-w-[34rem]"
		role="group"
		aria-label={`Interchange map round ${category}: ${map.into.length} lamps into it, ${map.from.length} sockets from it`}
	>
		<text x="8" y="12">lamps put into it</text>
		<text x={WIDTH - 8} y="12" text-anchor="end">where its lamps are put</text>
		{#each sides as { side, nodes, x } (side)}
			{#each nodes as node, i (`${node.category} ${node.lamp}`)}
				{@const at = y(i, nodes.length)}
				{@const [from, to] = side === 'in' ? [x + BOX, WIDTH / 2 - 62] : [WIDTH / 2 + 62, x]}
				<path
					class={[
						'edge',
						KIND[node.kind].strong && 'strong',
						node.kind === 'wrong' && 'bad',
						chosenNode === node && 'told'
					]}
					stroke-dasharray={KIND[node.kind].dash}
					d={side === 'in'
						? `M${from} ${at}C${from + 60} ${at} ${to - 60} ${middle} ${to} ${middle}`
						: `M${from} ${middle}C${from + 60} ${middle} ${to - 60} ${at} ${to} ${at}`}
				/>
				<!-- The name of a node says what its line means, so that the drawing can be walked without seeing it. -->
				<g
					class="node"
					role="button"
					tabindex="0"
					data-node={`${side}-${i}`}
					aria-label={`${describeNode(node)}. Walk to ${node.category}`}
					onclick={() => onwalk(node.category)}
					onkeydown={(event) => keys(event, node, i)}
					onfocus={() => (chosenNode = node)}
					onpointerenter={() => (chosenNode = node)}
				>
					<rect {x} y={at - 12} width={BOX} height="24" rx="5" />
					<text class="name" x={x + BOX / 2} y={at + 4} text-anchor="middle"
						>{node.category}{node.lamp === 'any' ? '' : node.lamp === 'led' ? ' LED' : ' filament'}</text
					>
				</g>
			{/each}
		{/each}
		<rect class="here" x={WIDTH / 2 - 62} y={middle - 24} width="124" height="48" rx="8" />
		<text class="name big" x={WIDTH / 2} y={middle - 3} text-anchor="middle">{category}</text>
		<text x={WIDTH / 2} y={middle + 14} text-anchor="middle">{cap}</text>
	</svg>
</div>
<p class="min-h-10" aria-live="polite">
	{#if chosenNode && [...map.into, ...map.from].includes(chosenNode)}<span class="font-medium"
			>{describeNode(chosenNode)}.</span
		>
		{chosenNode.note}
	{:else if map.into.length + map.from.length === 0}No entry names this category: only its own cap fits.
	{:else}<span class="text-soft">Point at a neighbour, or step onto it, to read why.</span>{/if}
</p>
<p class="flex flex-wrap gap-x-4 gap-y-1 text-sm text-soft">
	{#each Object.entries(KIND) as [kind, { word, dash, strong }] (kind)}
		<span class="inline-flex items-center gap-1.5"
			><svg width="34" height="8" aria-hidden="true"
				><path
					class={['edge', strong && 'strong', kind === 'wrong' && 'bad']}
					stroke-dasharray={dash}
					d="M0 4h34"
				/></svg
			>{word}</span
		>
	{/each}
</p>

<style>
	.edge {
		fill: none;
		stroke: var(--soft);
		stroke-width: 1.4;
	}
	.strong {
		stroke-width: 3;
		stroke: var(--sea);
	}
	.bad {
		stroke: var(--refuse);
	}
	.told {
		stroke: var(--ink);
	}
	.node {
		cursor: pointer;
	}
	.node rect {
		fill: var(--panel);
		stroke: var(--soft);
	}
	.node:hover rect,
	.node:focus-visible rect {
		fill: var(--sea-wash);
		stroke: var(--sea);
		stroke-width: 2;
	}
	.node:focus-visible {
		outline: none;
	}
	.here {
		fill: var(--sea-wash);
		stroke: var(--sea);
		stroke-width: 2;
	}
	text {
		font-size: 11.5px;
		fill: var(--soft);
	}
	.name {
		font-weight: 500;
		fill: var(--ink);
		pointer-events: none;
	}
	.big {
		font-size: 15px;
		font-weight: 600;
	}
</style>
