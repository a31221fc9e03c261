<script lang="ts">
	import { counted } from '$lib/core/quantity';
	import { channelMap, type ChannelsView } from '$lib/core/views';

	/** Which channel feeds which sockets: channels on the left, what they feed on the right, a line for each feed. */
	let { shown, chosen, href }: { shown: ChannelsView; chosen: string | null; href: (channel: string) => string } =
		$props();

	const ROW = 20;
	const WIDTH = 760;
	const LEFT = 270;
	const RIGHT = 470;
	const TOP = 28;

	const height = $derived(TOP + Math.max(shown.terminals.length, shown.channels.length * 2) * ROW + 10);
	const terminalY = (i: number) => TOP + i * ROW + ROW / 2;

	const channels = $derived(
		channelMap(shown, { rowHeight: ROW, top: TOP, height }).map((c) => ({
			...c,
			...(texts.get(c.id) ?? { name: c.id, text: '' })
		}))
	);
	const texts = $derived(
		new Map(shown.channels.map(({ channel, name, text }) => [channel.id as string, { name, text }]))
	);
	const link = (from: number, to: number) => `M${LEFT} ${from}C${LEFT + 90} ${from} ${RIGHT - 90} ${to} ${RIGHT} ${to}`;
</script>

{#if shown.terminals.length === 0}
	<p class="p-4 text-soft">List the sockets first, then say which output feeds them.</p>
{:else}
	<svg viewBox={`0 0 ${WIDTH} ${height}`} class="w-full" aria-label="Outputs and what they feed" role="group">
		<text x="6" y="16" class="head">Output</text>
		<text x={RIGHT + 8} y="16" class="head">Feeds</text>
		{#each channels as c (c.id)}
			{#each c.rows as row (row)}<path
					d={link(c.y, terminalY(row))}
					class={['feed', c.id === chosen && 'chosen']}
				/>{/each}
		{/each}
		{#each channels as c (c.id)}
			<!-- eslint-disable svelte/no-navigation-without-resolve (the caller resolves) -->
			<a
				href={href(c.id)}
				aria-current={c.id === chosen ? 'true' : undefined}
				aria-label={`${c.name}, ${c.text}, ${counted(c.rows.length, 'lamp')}`}
			>
				<rect x="4" y={c.y - 17} width={LEFT - 4} height="34" rx="4" class={['box', c.id === chosen && 'chosen']} />
				<text x="12" y={c.y - 3} class="name">{c.name}</text>
				<text x="12" y={c.y + 11}>{c.text}</text>
			</a>
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		{/each}
		{#each shown.terminals as terminal, i (`${terminal.socket} ${terminal.function}`)}
			<circle cx={RIGHT} cy={terminalY(i)} r="3" class={terminal.channels.length === 1 ? 'fed' : 'odd'} />
			<text x={RIGHT + 8} y={terminalY(i) + 4} class="name">
				{terminal.name}{terminal.channels.length === 0
					? ' · nothing known to feed it'
					: terminal.channels.length > 1
						? ' · on two outputs'
						: ''}
			</text>
		{/each}
	</svg>
{/if}

<style>
	text {
		font-size: 12px;
		fill: var(--soft);
	}
	.head {
		font-weight: 600;
	}
	.name {
		font-size: 13px;
		fill: var(--ink);
	}
	.feed {
		fill: none;
		stroke: var(--soft);
		stroke-opacity: 0.55;
	}
	.feed.chosen {
		stroke: var(--sea);
		stroke-opacity: 1;
		stroke-width: 2;
	}
	.box {
		fill: var(--raised);
		stroke: var(--line);
	}
	.box.chosen,
	a:hover .box {
		stroke: var(--sea);
	}
	.box.chosen {
		fill: var(--sea-wash);
		stroke-width: 2;
	}
	.fed {
		fill: var(--soft);
	}
	.odd {
		fill: none;
		stroke: var(--refuse);
		stroke-width: 2;
	}
</style>
