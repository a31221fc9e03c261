<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import type { ChannelState } from '$lib/core/circuit';
	import type { Level } from '$lib/core/match';
	import LevelMark from '../ui/LevelMark.svelte';

	/** Current of every channel against what its monitor asks for and what its fuse carries. */
	let {
		channels,
		outputs,
		selected,
		onselect
	}: {
		channels: ChannelState[];
		/** What each is called, by id. */
		outputs: ReadonlyMap<string, string>;
		selected: string | null;
		onselect: (id: string) => void;
	} = $props();

	const WIDTH = 150;
	const MARK: Record<ChannelState['monitor'], Level> = {
		content: 'pass',
		complains: 'refuse',
		none: 'pass',
		unknown: 'unknown'
	};
	const most = $derived(Math.max(2, ...channels.map((c) => Math.max(c.current ?? 0, c.atLeast ?? 0))) * 1.05);
	const x = $derived(scaleLinear([0, most], [0, WIDTH]));
</script>

<table class="grid-table dense">
	<caption class="sr-only">Outputs: current, what the monitor needs, and the fuse</caption>
	<thead>
		<tr
			><th scope="col">Output</th><th scope="col" class="number">A</th><th scope="col"
				>0 to {most.toFixed(1)} A; tick: needed</th
			><th scope="col">Monitor</th><th scope="col" class="number">Fuse</th></tr
		>
	</thead>
	<tbody>
		{#each channels as c (c.id)}
			<tr class={[c.id === selected && 'bg-sea-wash!', c.functions.length === 0 && 'text-soft']}>
				<td
					><button type="button" class="link text-left" aria-pressed={c.id === selected} onclick={() => onselect(c.id)}
						><span class="inline-block first-letter:uppercase">{outputs.get(c.id)}</span></button
					></td
				>
				<td class="number">{c.current === null ? '?' : c.current.toFixed(2)}</td>
				<td>
					<svg width={WIDTH} height="14" role="img" aria-label={c.why}>
						<rect
							x="0"
							y="3"
							width={x(c.current ?? 0)}
							height="8"
							rx="1"
							class={['bar', c.monitor === 'complains' && 'bad']}
						/>
						{#if c.atLeast !== null}<path class="tick" d={`M${x(c.atLeast)} 0v14`} />{/if}
					</svg>
				</td>
				<td class="text-sm"
					><span class="inline-flex items-start gap-1.5"
						>{#if c.monitor !== 'none'}<LevelMark level={MARK[c.monitor]} label={c.monitor} />{/if}<span
							>{c.blown ? 'fuse open' : c.why}</span
						></span
					></td
				>
				<td class={['number', (c.fuseShare ?? 0) > 0.8 && 'font-medium text-refuse']}
					>{c.blown ? 'blown' : c.fuseShare === null ? '–' : `${Math.round(c.fuseShare * 100)} %`}</td
				>
			</tr>
		{/each}
	</tbody>
</table>

<style>
	.bar {
		fill: var(--sea);
	}
	.bad {
		fill: var(--refuse);
	}
	.tick {
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
