<script lang="ts">
	import { isPressed, pressed } from '$lib/client/shortcuts';
	import type { Play, SocketView } from '$lib/core/views';
	import { layOut, stepFrom, type Step } from '$lib/core/views/rota-layout';
	import { VERDICT_WORD } from '../ui/level';
	import Hub from './Hub.svelte';
	import RimNames from './RimNames.svelte';
	import { GLOW, LARGE, NIGHT, outline, SMALL } from './wheel';
	import WheelCell from './WheelCell.svelte';

	/**
	 * The vehicle as a wheel: outside, cabin, behind the dash. One control with an option for each socket;
	 * arrow keys walk round and in and out, Enter opens.
	 */
	let {
		sockets,
		selected,
		label,
		labels = true,
		play = null,
		onselect,
		onopen
	}: {
		sockets: SocketView[];
		/** Id of the selected socket. */
		selected: string | null;
		/** Name of the vehicle, for those who hear the page. */
		label: string;
		/** Names of the outer sockets beside the wheel. */
		labels?: boolean;
		/** What each socket shows in a mode; without it all stand in the light of their lamps. */
		play?: ReadonlyMap<string, Play> | null;
		onselect: (id: string) => void;
		onopen: (id: string) => void;
	} = $props();

	const STEPS = ['rota-next', 'rota-previous', 'rota-outward', 'rota-inward', 'rota-first', 'rota-last'] as const;

	const DARK: Play = { colour: null, light: 0, period: null, strobes: false, glows: false, words: 'dark' };

	/** The selection at once, before whoever holds it has caught up. */
	let current = $derived(selected);

	const uid = $props.id();
	const size = $derived(labels ? LARGE : SMALL);
	const byId = $derived(new Map(sockets.map((socket) => [socket.id, socket])));
	const cells = $derived(layOut(sockets));

	function describe(socket: SocketView): string {
		if (play) return [socket.name, socket.category ?? socket.state, play.get(socket.id)?.words ?? 'dark'].join(', ');
		const verdict = socket.verdict ? VERDICT_WORD[socket.verdict] : 'no verdict';
		return [socket.name, socket.category ?? socket.state, socket.light?.word ?? 'light not known', verdict].join(', ');
	}

	function select(id: string): void {
		current = id;
		onselect(id);
	}

	function key(event: KeyboardEvent): void {
		const from = current ?? cells[0]?.id;
		if (from === undefined) return;
		const step = pressed(event, STEPS);
		if (step) select(current === null ? from : stepFrom(cells, from, step.slice('rota-'.length) as Step));
		else if (isPressed('rota-open', event)) onopen(from);
		else return;
		event.preventDefault();
	}
</script>

<div class="relative size-full">
	<!-- What shines lies in a layer of its own: it is dear to draw, and a step from cell to cell does not change it. -->
	<svg
		viewBox={`${-size.width / 2} ${-size.height / 2} ${size.width} ${size.height}`}
		class="shining absolute inset-0 block size-full"
		aria-hidden="true"
	>
		<defs>
			<filter id={`${uid}-glow`} x="-50%" y="-50%" width="200%" height="200%"
				><feGaussianBlur stdDeviation="7" /></filter
			>
			<clipPath id={`${uid}-night`}><circle r={NIGHT} /></clipPath>
		</defs>
		<circle r={NIGHT} fill="var(--night)" />
		<circle r={size.rings.exterior[1] + 1} fill="var(--panel)" />
		<g clip-path={`url(#${uid}-night)`}>
			{#each cells as cell (cell.id)}
				{@const now = play?.get(cell.id)}
				{@const colour = play ? now?.colour : byId.get(cell.id)?.light?.colour}
				{#if colour && cell.ring === 'exterior'}
					<path
						d={outline(cell, GLOW, 0.03)}
						fill={colour}
						opacity={0.68 * (now?.light ?? 1)}
						filter={`url(#${uid}-glow)`}
						class={[now?.period != null && 'flashes']}
						style:--period={`${now?.period ?? 1}s`}
					/>
				{/if}
			{/each}
		</g>
	</svg>
	<svg
		viewBox={`${-size.width / 2} ${-size.height / 2} ${size.width} ${size.height}`}
		class="absolute inset-0 block size-full"
		role="listbox"
		tabindex="0"
		aria-label={`Sockets of ${label}`}
		aria-activedescendant={current === null ? undefined : `${uid}-${current}`}
		onkeydown={key}
	>
		{#if labels}<RimNames {cells} sockets={byId} selected={current} />{/if}
		{#each cells as cell (cell.id)}
			{@const socket = byId.get(cell.id)}
			{#if socket}
				<!-- svelte-ignore a11y_click_events_have_key_events -->
				<g
					id={`${uid}-${cell.id}`}
					role="option"
					tabindex="-1"
					aria-selected={cell.id === current}
					aria-label={describe(socket)}
					class="rota-cell"
					onclick={() => (cell.id === current ? onopen(cell.id) : select(cell.id))}
				>
					<WheelCell {cell} {socket} {size} play={play ? (play.get(cell.id) ?? DARK) : undefined} />
				</g>
			{/if}
		{/each}
		{#if labels}<Hub socket={current === null ? null : (byId.get(current) ?? null)} count={sockets.length} />{/if}
	</svg>
</div>

<style>
	.shining {
		will-change: transform;
	}
	.flashes {
		animation: flash var(--period) steps(1) infinite;
	}
	@keyframes flash {
		50% {
			opacity: 0;
		}
	}
	@media (prefers-reduced-motion: reduce) {
		.flashes {
			animation: none;
		}
	}
</style>
