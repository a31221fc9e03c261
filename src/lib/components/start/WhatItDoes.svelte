<script lang="ts">
	import { arc } from 'd3-shape';
	import LevelShape from '../ui/LevelShape.svelte';

	/** What Rotalux does, in one picture: a vehicle becomes a wheel of sockets, each is matched, and a box comes of it. */
	const COLOURS = [
		'#ffdeb0',
		'#ffdeb0',
		'#ff9a1f',
		'#ffb347',
		'#ff3b1f',
		'#ff3b1f',
		'#ffdeb0',
		'#ff3b1f',
		'#ff3b1f',
		'#ffb347',
		'#ff9a1f',
		'#ffdeb0'
	];
	const cells = COLOURS.map((colour, i) => ({
		colour,
		path:
			arc<null>()
				.innerRadius(34)
				.outerRadius(46)
				.startAngle((i * 2 * Math.PI) / COLOURS.length)
				.endAngle(((i + 1) * 2 * Math.PI) / COLOURS.length)
				.padAngle(0.05)(null) ?? ''
	}));
	const LEVELS = ['pass', 'needs', 'unknown', 'refuse'] as const;
	const SAID = ['Fits', 'Fits with parts', 'Check by hand', 'Refused'];
</script>

<figure class="panel p-4">
	<svg
		viewBox="0 0 640 150"
		class="w-full"
		role="img"
		aria-label="A vehicle as a wheel of sockets; four verdicts; a box with a label"
	>
		<g transform="translate(90 70)">
			<circle r="54" fill="var(--night)" />
			{#each cells as cell, i (i)}<path d={cell.path} fill={cell.colour} />{/each}
		</g>
		<path class="way" d="M165 70H225M215 62l10 8-10 8" />
		<g transform="translate(250 12)">
			{#each LEVELS as level, i (level)}
				<g transform={`translate(0 ${i * 31})`}>
					<rect width="160" height="25" rx="5" class="row" />
					<g transform="translate(16 12.5)"><LevelShape {level} size={13} /></g>
					<text x="30" y="17">{SAID[i]}</text>
				</g>
			{/each}
		</g>
		<path class="way" d="M425 70H485M475 62l10 8-10 8" />
		<g transform="translate(505 25)">
			<path class="box" d="M0 20l50-20 50 20v60l-50 20-50-20zM0 20l50 20 50-20M50 40v60" />
			<rect x="58" y="60" width="32" height="18" class="label" transform="skewY(-22) translate(-1 31)" />
		</g>
	</svg>
	<figcaption class="grid gap-2 sm:grid-cols-3">
		<span><b class="font-medium">Walk</b> puts every socket of a vehicle on record, one short line a lamp.</span>
		<span><b class="font-medium">Match</b> says for each lamp in stock whether it fits, with its reasons.</span>
		<span><b class="font-medium">Kit</b> packs the best box, with nothing missing and nothing that complains.</span>
	</figcaption>
</figure>

<style>
	.way {
		fill: none;
		stroke: var(--sea);
		stroke-width: 2;
	}
	.row,
	.label {
		fill: var(--raised);
		stroke: var(--line);
	}
	.box {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.5;
		stroke-linejoin: round;
	}
	text {
		font-size: 13px;
		fill: var(--ink);
	}
</style>
