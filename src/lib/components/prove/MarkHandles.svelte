<script lang="ts">
	import type { Quad } from '$lib/core/beam';

	/** Four handles on a picture, to be dragged, or moved with the arrow keys, onto the marks on the wall. */
	let {
		marks,
		label,
		onmove,
		ondone
	}: { marks: Quad; label: string; onmove: (marks: Quad) => void; ondone: () => void } = $props();

	const CORNERS = ['top left', 'top right', 'bottom right', 'bottom left'];
	const STEP = 0.0015;
	const KEYS: Record<string, [x: number, y: number]> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};
	let box = $state<HTMLElement>();
	let dragged = $state<number | null>(null);

	const kept = (value: number) => Math.min(1, Math.max(0, value));

	function put(index: number, x: number, y: number): void {
		onmove(marks.map((mark, i) => (i === index ? { x: kept(x), y: kept(y) } : mark)) as unknown as Quad);
	}

	function drag(event: PointerEvent): void {
		if (dragged === null || !box) return;
		const { left, top, width, height } = box.getBoundingClientRect();
		put(dragged, (event.clientX - left) / width, (event.clientY - top) / height);
	}

	function key(event: KeyboardEvent, index: number): void {
		const step = KEYS[event.key];
		const mark = marks[index];
		if (!step || !mark) return;
		event.preventDefault();
		const far = event.shiftKey ? 10 : 1;
		put(index, mark.x + step[0] * STEP * far, mark.y + step[1] * STEP * far);
	}
</script>

<div class="absolute inset-0" bind:this={box} role="group" aria-label={label}>
	<svg
		class="pointer-events-none absolute inset-0 size-full"
		viewBox="0 0 100 100"
		preserveAspectRatio="none"
		aria-hidden="true"
	>
		<polygon
			points={marks.map(({ x, y }) => `${x * 100},${y * 100}`).join(' ')}
			class="quad"
			vector-effect="non-scaling-stroke"
		/>
	</svg>
	{#each marks as mark, i (CORNERS[i])}
		<button
			type="button"
			class="handle"
			style:left={`${mark.x * 100}%`}
			style:top={`${mark.y * 100}%`}
			aria-label={`Mark ${CORNERS[i]}: ${Math.round(mark.x * 100)} % across, ${Math.round(mark.y * 100)} % down. Arrow keys move it.`}
			onpointerdown={(event) => {
				dragged = i;
				event.currentTarget.setPointerCapture(event.pointerId);
			}}
			onpointermove={drag}
			onpointerup={() => {
				dragged = null;
				ondone();
			}}
			onkeydown={(event) => key(event, i)}
			onkeyup={(event) => {
				if (event.key in KEYS) ondone();
			}}
		></button>
	{/each}
</div>

<style>
	.quad {
		fill: none;
		stroke: var(--sea);
		stroke-width: 2;
	}
	.handle {
		position: absolute;
		width: 44px;
		height: 44px;
		translate: -50% -50%;
		border-radius: 50%;
		background: radial-gradient(circle, var(--sea) 0 4px, transparent 4.5px 100%);
		border: 2px solid var(--sea);
		touch-action: none;
		cursor: grab;
	}
</style>
