<script lang="ts">
	import type { MatchCandidateView } from '$lib/core/views';
	import { stockText } from './columns';
	import { GATES } from '$lib/core/match/findings/finding';
	import { shopFormats } from '../ui/shop-formats';
	import Chromaticity from '../charts/Chromaticity.svelte';
	import { fitExtent } from '../charts/fit';
	import FitDrawing from '../charts/FitDrawing.svelte';
	import HeatCurve from '../charts/HeatCurve.svelte';
	import LevelMark from '../ui/LevelMark.svelte';
	import { LEVEL_WORD } from '../ui/level';
	import VerdictTag from '../ui/VerdictTag.svelte';
	import { displayColour, throughLens } from '$lib/core/optics';

	const { price } = shopFormats();

	/** Up to four candidates side by side: numbers in rows, drawings on one scale, curves on shared axes. */
	let {
		candidates,
		currency,
		onleave
	}: { candidates: MatchCandidateView[]; currency: string; onleave: (product: string) => void } = $props();

	const extent = $derived(fitExtent(candidates.map((c) => c.detail.fit)));
	const curves = $derived(
		candidates.flatMap(({ name, detail: { heat } }) =>
			heat ? [{ name, heat: heat.heat, timeConstant: heat.timeConstant, limit: heat.limit }] : []
		)
	);
	const light = $derived(candidates[0]?.detail.light);
	const asked = $derived([...new Set(light?.asked.flatMap(({ colours }) => colours) ?? [])]);
	const points = $derived(
		candidates.flatMap(({ name, maker, detail: { light: own } }) => {
			if (!own.source || !own.lens) return [];
			const [before, behind] = [throughLens(own.source, 'none'), throughLens(own.source, own.lens)];
			const label = `${maker} ${name}`;
			return [
				{ label, stage: 'before' as const, x: before.x, y: before.y, light: displayColour(before) },
				{ label, stage: 'behind' as const, x: behind.x, y: behind.y, light: displayColour(behind) }
			];
		})
	);
	const percent = (value: number | null) => (value === null ? '–' : `${Math.round(value * 100)} %`);
	const rows: readonly { name: string; of: (c: MatchCandidateView) => string }[] = [
		{ name: 'Score', of: (c) => String(c.score) },
		{ name: 'Light', of: (c) => c.colour },
		{ name: 'Surviving light', of: (c) => percent(c.lightShare) },
		{ name: 'From its neighbours', of: (c) => (c.mired === null ? '–' : `${Math.round(c.mired)} mired`) },
		{ name: 'Power', of: (c) => (c.watts === null ? 'not given' : `${c.watts} W`) },
		{
			name: 'Body, long lit',
			of: ({ detail: { heat } }) =>
				heat ? `${Math.round(heat.temperature)} C of ${heat.limit ?? 'no limit given'}` : '–'
		},
		{ name: 'Needs', of: (c) => c.needs.join(', ') || 'nothing' },
		{ name: 'On the shelf', of: (c) => stockText(c) }
	];
</script>

<table class="grid-table compare">
	<caption class="sr-only">Candidates compared</caption>
	<thead>
		<tr>
			<td class="w-32"></td>
			{#each candidates as c, i (c.product)}
				<th scope="col" class="align-top whitespace-normal!">
					<span class="block font-semibold text-ink">{i + 1} {c.maker} {c.name}</span>
					<button type="button" class="link font-normal" onclick={() => onleave(c.product)}>leave out</button>
				</th>
			{/each}
		</tr>
	</thead>
	<tbody>
		<tr
			><th scope="row">Verdict</th>{#each candidates as c (c.product)}<td><VerdictTag verdict={c.verdict} /></td
				>{/each}</tr
		>
		<tr>
			<th scope="row">Gates</th>
			{#each candidates as c (c.product)}
				<td
					><span class="flex flex-wrap gap-x-2"
						>{#each GATES as gate (gate)}<span class="inline-flex items-center gap-1 text-sm"
								><LevelMark level={c.gates[gate]} label={LEVEL_WORD[c.gates[gate]]} />{gate}</span
							>{/each}</span
					></td
				>
			{/each}
		</tr>
		<tr
			><th scope="row">Keeps it from fitting</th>{#each candidates as c (c.product)}<td class="text-sm"
					>{c.firstReason ?? 'nothing'}</td
				>{/each}</tr
		>
		{#each rows as row (row.name)}
			<tr
				><th scope="row">{row.name}</th>{#each candidates as c (c.product)}<td>{row.of(c)}</td>{/each}</tr
			>
		{/each}
		<tr>
			<th scope="row">Price, {currency}</th>
			{#each candidates as c (c.product)}<td>{c.pack ? `${price(c.pack.price)} for ${c.pack.count}` : 'not on sale'}</td
				>{/each}
		</tr>
		<tr>
			<th scope="row">Fit, one scale</th>
			{#each candidates as c (c.product)}<td><FitDrawing fit={c.detail.fit} {extent} /></td>{/each}
		</tr>
	</tbody>
</table>
<div class="mt-3 grid gap-4 @3xl:grid-cols-2">
	{#if points.length > 0 && light}<Chromaticity {points} family={light.family ?? 'UN'} {asked} />{/if}
	{#if curves.length > 0}<HeatCurve {curves} />{/if}
</div>

<style>
	.compare {
		table-layout: fixed;
	}
	.compare th[scope='row'] {
		font-weight: 500;
		white-space: normal;
	}
</style>
