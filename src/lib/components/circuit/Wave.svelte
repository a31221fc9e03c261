<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { area, curveStepAfter, line } from 'd3-shape';
	import {
		channelWave,
		lightWave,
		type ChannelSample,
		type LightSample,
		type ModeState,
		type VehicleCircuit
	} from '$lib/core/circuit';
	import type { Channel } from '$lib/core/model';
	import Ticks from '../charts/Ticks.svelte';

	/** One channel from the moment its mode begins: its voltage, its current, and the light of its first lamp. */
	let {
		circuit,
		state,
		channel,
		output,
		names
	}: {
		circuit: VehicleCircuit;
		state: ModeState;
		channel: Channel;
		/** What it is called. */
		output: string;
		/** Names of the sockets by id. */
		names: ReadonlyMap<string, string>;
	} = $props();

	const SECONDS = 1.5;
	const WIDTH = 640;
	const ROWS = [8, 66, 124] as const;
	const TALL = 46;
	const HEIGHT = 190;

	const wave = $derived(channelWave({ circuit, mode: state }, channel, { seconds: SECONDS, samples: 1500 }));
	const socket = $derived(channel.feeds[0]?.socket ?? null);
	const lamp = $derived(names.get(socket ?? '') ?? 'no lamp');
	const light = $derived(
		socket ? lightWave({ circuit, mode: state }, socket, { seconds: SECONDS, samples: 1500 }) : []
	);
	const most = $derived(Math.max(0.1, ...wave.map((s) => s.amperes)));
	const x = scaleLinear([0, SECONDS], [52, WIDTH - 8]);
	const row = (i: 0 | 1 | 2, top: number) => scaleLinear([0, top], [ROWS[i] + TALL, ROWS[i]]);
	const volts = $derived(
		line<ChannelSample>(
			(s) => x(s.t),
			(s) => row(0, 15)(s.volts)
		).curve(curveStepAfter)(wave)
	);
	const amperes = $derived(
		line<ChannelSample>(
			(s) => x(s.t),
			(s) => row(1, most)(s.amperes)
		).curve(curveStepAfter)(wave)
	);
	const glow = (which: LightSample['colour']) =>
		area<LightSample>()
			.x((s) => x(s.t))
			.y0(ROWS[2] + TALL)
			.y1((s) => row(2, 1)(s.colour === which ? Math.min(1, s.light) : 0))(light);
	const lit = $derived(light.filter((s) => s.light > 0.05).length / Math.max(1, light.length));
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
	class="chart w-full"
	role="img"
	aria-label={`${output} over ${SECONDS} seconds: up to ${most.toFixed(2)} A; ${lamp} lit ${Math.round(lit * 100)} % of the time`}
>
	{#each [{ name: 'V', top: 15 }, { name: 'A', top: Number(most.toFixed(1)) }, { name: 'light', top: 1 }] as { name, top }, i (name)}
		<text x="4" y={(ROWS[i] ?? 0) + 28}>{name}</text>
		<Ticks axis="y" ticks={[0, top]} at={row(i as 0 | 1 | 2, top)} edge={52} to={WIDTH - 8} />
	{/each}
	<path class="curve thin" d={volts} />
	<path class="curve thin" d={amperes} />
	<path class="own" d={glow('own')} />
	<path class="minor" d={glow('minor')} />
	<Ticks axis="x" ticks={x.ticks(6)} at={x} edge={HEIGHT - 19} unit="s" />
</svg>
<p class="text-sm text-soft">
	Light of {lamp}{light.some((s) => s.colour === 'minor' && s.light > 0) ? '; hatched: its second colour' : ''}. A
	filament follows in 60 ms, an LED at once.
</p>

<style>
	.thin {
		stroke-width: 1.5;
	}
	.own {
		fill: var(--ink);
		fill-opacity: 0.55;
	}
	.minor {
		fill: none;
		stroke: var(--ink);
		stroke-dasharray: 2 3;
	}
</style>
