<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { categoryOrNull } from '$lib/core/lamps';
	import { numberIn, type Room } from './room';

	/** The room of a socket from the side, to scale, as it is typed: free room in front of the reference plane and behind it. */
	let { room, category }: { room: Room; category: string | null } = $props();

	const WIDTH = 640;
	const HEIGHT = 250;
	const EDGE = 34;

	const lamp = $derived(categoryOrNull(category ?? undefined));
	const front = $derived(numberIn(room, 'envelope.frontLength'));
	const across = $derived(numberIn(room, 'envelope.frontDiameter'));
	const opening = $derived(numberIn(room, 'envelope.opening'));
	const rear = $derived(numberIn(room, 'envelope.rearDepth'));
	const rearAcross = $derived(numberIn(room, 'envelope.rearDiameter'));
	const inCap = $derived(numberIn(room, 'cap.depth'));
	const centre = $derived(lamp?.lightCentre?.mm ?? null);

	const behind = $derived(Math.max(rear ?? 0, 20));
	const ahead = $derived(Math.max(front ?? 0, lamp?.mount === 'wedge' ? (lamp.length ?? 0) : (centre ?? 0) + 8, 30));
	const tall = $derived(Math.max(across ?? 0, rearAcross ?? 0, opening ?? 0, 30));
	/** One scale for both directions, so that the drawing is true. */
	const perMm = $derived(Math.min((WIDTH - 2 * EDGE) / (behind + ahead), (HEIGHT - 2 * EDGE) / tall));
	const x = $derived(
		scaleLinear(
			[-behind, ahead],
			[WIDTH / 2 - ((behind + ahead) * perMm) / 2, WIDTH / 2 + ((behind + ahead) * perMm) / 2]
		)
	);
	const middle = HEIGHT / 2 - 6;
	const ticks = $derived(x.ticks(8));
	const lampAcross = $derived(lamp?.diameter ?? null);

	const words = $derived(
		[
			front === null ? 'Front length not measured' : `Front ${front} mm long`,
			across === null ? 'width not measured' : `${across} mm across`,
			rear === null ? 'behind not measured' : `behind ${rear} mm deep`,
			opening === null ? '' : `opening ${opening} mm`
		]
			.filter(Boolean)
			.join(', ')
	);
</script>

<svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} class="w-full" role="img" aria-label={`Side view to scale: ${words}`}>
	{#if front !== null}
		<rect
			class={['free', across === null && 'open']}
			x={x(0)}
			y={middle - ((across ?? tall) * perMm) / 2}
			width={front * perMm}
			height={(across ?? tall) * perMm}
		/>
		<path
			class="lens"
			d={`M${x(front)} ${middle - ((across ?? tall) * perMm) / 2 - 8}q14 ${((across ?? tall) * perMm) / 2 + 8} 0 ${(across ?? tall) * perMm + 16}`}
		/>
		<text x={x(front) + 12} y={middle + 4}>lens</text>
	{/if}
	{#if rear !== null}
		<rect
			class={['free', rearAcross === null && 'open']}
			x={x(-rear)}
			y={middle - ((rearAcross ?? tall) * perMm) / 2}
			width={rear * perMm}
			height={(rearAcross ?? tall) * perMm}
		/>
		{#if inCap !== null && room['cap.kind'] !== 'none'}
			<rect
				class="cap"
				x={x(-rear)}
				y={middle - ((rearAcross ?? tall) * perMm) / 2}
				width={Math.min(inCap, rear) * perMm}
				height={(rearAcross ?? tall) * perMm}
			/>
			<text x={x(-rear) + 4} y={middle - ((rearAcross ?? tall) * perMm) / 2 - 5}>cap</text>
		{/if}
	{/if}
	{#if lamp && lampAcross !== null}
		<rect
			class="lamp"
			x={x(0)}
			y={middle - (lampAcross * perMm) / 2}
			width={Math.max(0, Math.min((centre ?? 14) + 8, ahead)) * perMm}
			height={lampAcross * perMm}
			rx={(lampAcross * perMm) / 2.5}
		/>
	{/if}
	{#if centre !== null}
		<path class="centre" d={`M${x(centre) - 6} ${middle}h12M${x(centre)} ${middle - 6}v12`} />
		<text x={x(centre)} y={middle - ((lampAcross ?? 0) * perMm) / 2 - 6} text-anchor="middle"
			>light centre {centre}</text
		>
	{/if}
	<path
		class="plane"
		d={`M${x(0)} ${EDGE - 16}V${middle - ((opening ?? 0) * perMm) / 2}M${x(0)} ${middle + ((opening ?? 0) * perMm) / 2}V${HEIGHT - EDGE}`}
	/>
	<text x={x(0)} y={EDGE - 20} text-anchor="middle">reference plane</text>
	<g class="axis">
		<path d={`M${x(-behind)} ${HEIGHT - EDGE + 8}H${x(ahead)}`} />
		{#each ticks as tick (tick)}
			<path d={`M${x(tick)} ${HEIGHT - EDGE + 8}v5`} />
			<text x={x(tick)} y={HEIGHT - EDGE + 25} text-anchor="middle">{Math.abs(tick)}</text>
		{/each}
		<text x={x(ahead) + 10} y={HEIGHT - EDGE + 12}>mm</text>
	</g>
</svg>

<style>
	.free {
		fill: var(--sea-wash);
		stroke: var(--sea);
	}
	.open {
		stroke-dasharray: 4 3;
		fill: none;
	}
	.cap {
		fill: var(--raised);
		stroke: var(--soft);
	}
	.lens,
	.plane {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.lamp {
		fill: none;
		stroke: var(--soft);
		stroke-dasharray: 2 3;
	}
	.centre,
	.axis path {
		stroke: var(--soft);
		fill: none;
	}
	text {
		font-size: 12px;
		fill: var(--soft);
	}
</style>
