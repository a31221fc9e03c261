<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { line } from 'd3-shape';
	import { percent, SHARES } from '../charts/shares';
	import Ticks from '../charts/Ticks.svelte';

	/** Cover against the number of products: what is served with one product more, and what no choice of as many can pass. */
	let {
		steps,
		all,
		k,
		onchoose
	}: {
		steps: readonly { served: number; bound: number }[];
		/** Weight of everything that anything serves. */
		all: number;
		/** How many products are looked at. */
		k: number;
		onchoose: (k: number) => void;
	} = $props();

	const [WIDTH, HEIGHT, LEFT, RIGHT, TOP, BOTTOM] = [620, 240, 52, 14, 10, 40];
	const end = $derived(Math.max(1, steps.length));
	const x = $derived(scaleLinear([0, end], [LEFT, WIDTH - RIGHT]));
	const y = $derived(scaleLinear([0, 1], [HEIGHT - BOTTOM, TOP]));
	const share = (value: number) => (all > 0 ? Math.min(1, value / all) : 0);
	const points = $derived(
		steps.map(({ served, bound }, i) => ({ n: i + 1, served: share(served), bound: share(bound) }))
	);
	const path = $derived((of: 'served' | 'bound') =>
		line<{ n: number; served: number; bound: number }>()
			.x(({ n }) => x(n))
			.y((point) => y(point[of]))([{ n: 0, served: 0, bound: 0 }, ...points])
	);
	const here = $derived(points[Math.min(k, points.length) - 1]);
	const words = $derived(
		[1, 10, 50, 100, end]
			.filter((n, i, list) => n <= end && list.indexOf(n) === i)
			.map((n) => `${n}: ${Math.round(100 * (points[n - 1]?.served ?? 0))} %`)
			.join(', ')
	);

	function choose(event: MouseEvent & { currentTarget: SVGSVGElement }) {
		const { left, width } = event.currentTarget.getBoundingClientRect();
		const n = Math.round(x.invert(((event.clientX - left) / width) * WIDTH));
		onchoose(Math.min(end, Math.max(1, n)));
	}
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions (the field beside it does the same by key) -->
<svg
	viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
	class="chart w-full max-w-3xl cursor-pointer"
	role="img"
	aria-label={`Share of what can be served at all, by number of products: ${words}`}
	onclick={choose}
>
	<Ticks axis="y" ticks={SHARES} at={y} edge={LEFT} to={WIDTH - RIGHT} text={percent} />
	<Ticks axis="x" ticks={x.ticks(Math.min(8, end)).filter(Number.isInteger)} at={x} edge={HEIGHT - BOTTOM} />
	<text x={WIDTH - RIGHT} y={HEIGHT - 6} text-anchor="end">products</text>
	<path class="bound" d={path('bound')} />
	<path class="curve" d={path('served')} />
	{#if here}
		<path class="here" d={`M${x(here.n)} ${TOP}V${HEIGHT - BOTTOM}`} />
		<circle class="point" cx={x(here.n)} cy={y(here.served)} r="4" />
	{/if}
</svg>

<style>
	.bound {
		fill: none;
		stroke: var(--soft);
		stroke-width: 1.2;
		stroke-dasharray: 4 3;
	}
	.here {
		stroke: var(--ink);
		stroke-width: 1;
	}
	.point {
		fill: var(--sea);
	}
</style>
