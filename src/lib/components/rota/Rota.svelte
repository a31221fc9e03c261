<script lang="ts">
	import { arc } from 'd3-shape';
	import type { ShownSocket } from '$lib/core/showing';
	import { LEVEL_TINT, VERDICT_LEVEL, VERDICT_WORD } from '../ui/level';
	import LevelShape from '../ui/LevelShape.svelte';
	import { layOut, middle, rimLabels, stepFrom, type Cell, type Step } from '$lib/core/showing/rota-layout';

	/**
	 * The vehicle as a wheel: outside, cabin, behind the dash. One control with a cell for each socket;
	 * arrow keys walk round and in and out, Enter opens.
	 */
	let {
		sockets,
		selected,
		label,
		labels = true,
		print = false,
		onselect,
		onopen
	}: {
		sockets: ShownSocket[];
		/** Id of the selected socket. */
		selected: string | null;
		/** Name of the vehicle, for those who hear the page. */
		label: string;
		/** Names of the outer sockets beside the wheel. */
		labels?: boolean;
		/** Black on white, nothing to operate. */
		print?: boolean;
		onselect?: (id: string) => void;
		onopen?: (id: string) => void;
	} = $props();

	/** Rings with room for names beside them, and for a small wheel whose signs must stay readable. */
	const LARGE = { exterior: [160, 208], cabin: [104, 150], core: [52, 94] } as const;
	const SMALL = { exterior: [146, 208], cabin: [80, 138], core: [20, 72] } as const;
	const RIM = [211, 220] as const;
	const NIGHT = 252;
	const uid = $props.id();

	const RADII = $derived(labels ? LARGE : SMALL);
	const height = $derived(labels ? 590 : 520);
	const width = $derived(labels ? 716 : 520);
	const cy = $derived(height / 2);
	const columnX = 272;
	const byId = $derived(new Map(sockets.map((socket) => [socket.id, socket])));
	const cells = $derived(layOut(sockets));
	const places = $derived(rimLabels(cells, { cy: 0, radius: 272, gap: 16.5, top: -cy + 12, bottom: cy - 12 }));
	const current = $derived(selected === null ? null : (byId.get(selected) ?? null));

	const KEYS: Record<string, Step> = {
		ArrowRight: 'next',
		ArrowLeft: 'previous',
		ArrowDown: 'inward',
		ArrowUp: 'outward',
		Home: 'first',
		End: 'last'
	};

	function path(cell: Cell, [inner, outer]: readonly [number, number], pad = 0.012): string {
		const draw = arc<null>().innerRadius(inner).outerRadius(outer).startAngle(cell.from).endAngle(cell.to);
		return draw.padAngle(pad).padRadius(outer).cornerRadius(2)(null) ?? '';
	}

	function at(cell: Cell, radius: number): [number, number] {
		return [radius * Math.sin(middle(cell)), -radius * Math.cos(middle(cell))];
	}

	function describe(socket: ShownSocket): string {
		const verdict = socket.verdict ? VERDICT_WORD[socket.verdict] : 'no verdict';
		return [socket.name, socket.category ?? socket.state, socket.light?.word ?? 'light not known', verdict].join(', ');
	}

	function key(event: KeyboardEvent): void {
		const from = selected ?? cells[0]?.id;
		if (from === undefined) return;
		const step = KEYS[event.key];
		if (step) {
			event.preventDefault();
			onselect?.(selected === null ? from : stepFrom(cells, from, step));
		} else if (event.key === 'Enter' || event.key === ' ') {
			event.preventDefault();
			onopen?.(from);
		}
	}

	/** Words of a place in lines short enough for the middle of the wheel. */
	function lines(text: string): string[] {
		const out: string[] = [];
		for (const word of text.split(' ')) {
			const last = out.at(-1);
			if (last !== undefined && `${last} ${word}`.length <= 13) out[out.length - 1] = `${last} ${word}`;
			else out.push(word);
		}
		return out.slice(0, 3);
	}
</script>

<svg
	viewBox={`${-width / 2} ${-cy} ${width} ${height}`}
	class={['block size-full', print && 'print-form', !labels && 'small']}
	role={print ? 'img' : 'listbox'}
	tabindex={print ? undefined : 0}
	aria-label={`Sockets of ${label}`}
	aria-activedescendant={!print && selected !== null ? `${uid}-${selected}` : undefined}
	onkeydown={print ? undefined : key}
>
	<defs>
		<filter id={`${uid}-glow`} x="-50%" y="-50%" width="200%" height="200%"><feGaussianBlur stdDeviation="7" /></filter>
		<clipPath id={`${uid}-night`}><circle r={NIGHT} /></clipPath>
	</defs>
	<circle r={NIGHT} class="night" />
	<circle r={RADII.exterior[1] + 1} class="ground" />
	<g clip-path={`url(#${uid}-night)`} aria-hidden="true">
		{#each cells.filter((cell) => cell.ring === 'exterior') as cell (cell.id)}
			{@const light = byId.get(cell.id)?.light}
			{#if light && !print}
				<path d={path(cell, [RIM[0], 243], 0.03)} fill={light.colour} opacity="0.62" filter={`url(#${uid}-glow)`} />
			{/if}
		{/each}
	</g>
	{#if labels}
		{#each places as place (place.id)}
			{@const cell = cells.find((c) => c.id === place.id)}
			{@const socket = byId.get(place.id)}
			{#if cell && socket}
				{@const [x, y] = at(cell, NIGHT)}
				{@const side = place.side === 'right' ? 1 : -1}
				<g class={['rim', place.id === selected && 'chosen']} aria-hidden="true">
					<polyline points={`${x},${y} ${side * (columnX - 12)},${place.y} ${side * (columnX - 4)},${place.y}`} />
					<text x={side * columnX} y={place.y + 4} text-anchor={side > 0 ? 'start' : 'end'}>{socket.rim}</text>
				</g>
			{/if}
		{/each}
		<text y={-NIGHT - 12} class="compass" aria-hidden="true">FRONT</text>
		<text y={NIGHT + 22} class="compass" aria-hidden="true">REAR</text>
	{/if}
	{#each cells as cell (cell.id)}
		{@const socket = byId.get(cell.id)}
		{#if socket}
			{@const [inner, outer] = RADII[cell.ring]}
			{@const [mx, my] = at(cell, outer - (labels ? 15 : 20))}
			{@const [vx, vy] = at(cell, inner + (labels ? 11 : cell.ring === 'core' ? 8 : 15))}
			<!-- svelte-ignore a11y_click_events_have_key_events (the listbox around it takes the keys) -->
			<g
				id={`${uid}-${cell.id}`}
				role={print ? undefined : 'option'}
				tabindex="-1"
				aria-selected={print ? undefined : cell.id === selected}
				aria-label={print ? undefined : describe(socket)}
				class={['cell', cell.id === selected && 'chosen']}
				onclick={() => (cell.id === selected ? onopen?.(cell.id) : onselect?.(cell.id))}
			>
				<path d={path(cell, [inner, outer])} class="body" />
				{#if cell.ring === 'exterior'}
					<path d={path(cell, RIM)} fill={socket.light?.colour ?? 'none'} class={['lamp', !socket.light && 'dark']} />
				{:else}
					<path d={path(cell, [outer - 4, outer])} fill={socket.light?.colour ?? 'none'} class={['lamp', !socket.light && 'dark']} />
				{/if}
				<text x={mx} y={my + (labels ? 4 : 7)} class="mark">{socket.mark}</text>
				{#if socket.verdict}
					<g transform={`translate(${vx} ${vy})`} class={LEVEL_TINT[VERDICT_LEVEL[socket.verdict]]}>
						<LevelShape level={VERDICT_LEVEL[socket.verdict]} size={labels ? 11 : 17} />
					</g>
				{/if}
			</g>
		{/if}
	{/each}
	<g class="centre" aria-hidden="true">
		{#if !labels}
			<circle r="4" class="hub" />
		{:else if current}
			{@const words = lines(current.place)}
			{#each words as word, i (i)}
				<text y={(i - (words.length + (current.side === 'centre' ? 0 : 1)) / 2) * 15 + 4}>{word}</text>
			{/each}
			<text y={((words.length - (current.side === 'centre' ? 0 : 1)) / 2) * 15 + 4} class="muted">
				{[current.side === 'centre' ? '' : current.side, current.category ?? ''].filter(Boolean).join(' · ')}
			</text>
		{:else}
			<text class="count" y="2">{sockets.length}</text>
			<text class="muted" y="20">sockets</text>
		{/if}
	</g>
</svg>

<style>
	.night {
		fill: var(--night);
	}
	.ground {
		fill: var(--panel);
	}
	.body {
		fill: var(--raised);
		stroke: var(--line);
	}
	.lamp.dark {
		stroke: var(--soft);
		stroke-dasharray: 2 2;
	}
	.cell:hover .body {
		stroke: var(--sea);
	}
	.cell.chosen .body {
		fill: var(--sea-wash);
		stroke: var(--sea);
		stroke-width: 2.5;
	}
	text {
		font-size: 13px;
		fill: var(--ink);
	}
	.mark {
		font-size: 12.5px;
		font-weight: 600;
		text-anchor: middle;
	}
	.small .mark {
		font-size: 21px;
	}
	.hub {
		fill: var(--line);
	}
	.rim polyline {
		fill: none;
		stroke: var(--line);
	}
	.rim.chosen polyline {
		stroke: var(--sea);
		stroke-width: 2;
	}
	.rim.chosen text {
		font-weight: 600;
		fill: var(--sea);
	}
	.compass {
		font-size: 11px;
		letter-spacing: 0.2em;
		text-anchor: middle;
		fill: var(--soft);
	}
	.centre text {
		text-anchor: middle;
		font-weight: 600;
	}
	.centre .muted {
		font-weight: 400;
		font-size: 12px;
		fill: var(--soft);
	}
	.centre .count {
		font-size: 30px;
	}
	.print-form .night,
	.print-form .ground,
	.print-form .body {
		fill: #fff;
		stroke: #555;
	}
	.print-form .lamp {
		stroke: #555;
		stroke-width: 0.6;
	}
	.print-form text {
		fill: #000;
	}
</style>
