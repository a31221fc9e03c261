<script lang="ts">
	import { CAP_WORDS } from './cap-words';
	import { readNumber } from '$lib/core/quantity';
	import { heatLevel, secondsUntil, steadySpan, type HeatCase } from '$lib/core/heat';
	import type { HeatView } from '$lib/core/views';
	import HeatCurve from '../charts/HeatCurve.svelte';
	import BusyForm from '../ui/BusyForm.svelte';
	import LevelMark from '../ui/LevelMark.svelte';
	import { LEVEL_WORD } from '../ui/level';

	/** Body temperature over time with every assumption in reach: change one and see; keep it for the shop with its source. */
	let { heat, name, saved }: { heat: HeatView; name: string; saved: string | null } = $props();

	type Part = 'ambient' | 'resistance' | 'cap' | 'timeConstant';
	const FIELDS: readonly { part: Part; label: string; unit: string; least: number; most: number; step: number }[] = [
		{ part: 'ambient', label: 'Air around', unit: 'C', least: -20, most: 100, step: 1 },
		{ part: 'resistance', label: 'Thermal resistance', unit: 'K/W', least: 0.5, most: 80, step: 0.1 },
		{ part: 'cap', label: 'Factor of the cap', unit: '', least: 1, most: 2.5, step: 0.05 },
		{ part: 'timeConstant', label: 'Time constant', unit: 's', least: 20, most: 1200, step: 5 }
	];
	let tried = $state<Partial<Record<Part, number>>>({});
	let source = $state('');

	const stands = $derived({ ...heat.heat, timeConstant: heat.timeConstant });
	const now = $derived({ ...stands, ...tried });
	const changed = $derived(FIELDS.filter(({ part }) => now[part] !== stands[part]));
	/** An end of the estimate, moved as far as the middle was. */
	const moved = (end: HeatCase): HeatCase => ({
		...end,
		ambient: end.ambient + now.ambient - stands.ambient,
		resistance: (end.resistance * now.resistance) / stands.resistance,
		cap: now.cap
	});
	const span = $derived(steadySpan({ cool: moved(heat.ends.cool), middle: now, hot: moved(heat.ends.hot) }));
	const seconds = $derived(secondsUntil(now, now.timeConstant, heat.limit));
	const level = $derived(heatLevel(span, heat.limit));
	const curves = $derived([
		{ name: changed.length > 0 ? 'as tried' : name, heat: now, timeConstant: now.timeConstant, limit: heat.limit },
		...(changed.length > 0
			? [{ name: 'as it stands', heat: heat.heat, timeConstant: heat.timeConstant, limit: heat.limit }]
			: [])
	]);
	const round = (value: number) => Math.round(value * 1000) / 1000;
	/** What is kept of a change: of a range, its three ends moved together. */
	const kept = $derived(
		changed.flatMap(({ part }) => {
			const name = heat.assumptions[part];
			if (part !== 'ambient' && part !== 'resistance') return [{ name, value: now[part] }];
			const { low, middle, high } = heat.ranges[part];
			const to = (end: number) =>
				part === 'ambient' ? end + now.ambient - stands.ambient : (end * now.resistance) / stands.resistance;
			return Object.entries({ low, middle, high }).map(([end, value]) => ({
				name: `${name}.${end}`,
				value: round(to(value))
			}));
		})
	);
	const clock = (s: number) => (s < 90 ? `${Math.round(s)} s` : `${Math.round(s / 60)} min`);
</script>

<div class="grid gap-x-5 gap-y-2 @3xl:grid-cols-[minmax(0,27rem)_minmax(0,1fr)]">
	<div>
		<HeatCurve {curves} />
		{#if curves.length > 1}
			<ol class="flex flex-wrap gap-x-4 text-sm">
				{#each curves as curve, i (curve.name)}<li>{i + 1}: {curve.name}</li>{/each}
			</ol>
		{/if}
		<p>
			<LevelMark {level} label="" />
			{LEVEL_WORD[level]}: {Math.round(span.low)} to {Math.round(span.high)} C of {heat.limit}
			C{heat.named ? '' : ', which every LED bears'};
			{seconds === null ? 'its middle never passes the limit.' : `its middle passes the limit after ${clock(seconds)}.`}
		</p>
		<p class="text-sm text-soft">
			{CAP_WORDS[heat.cap]}{heat.capToday ? '' : ', which the verdict stands on'}. Estimate: air + power x duty x
			resistance x cap, one time constant; the curve is the middle. Lit lamps and load resistors burn skin and soften
			plastic.
		</p>
	</div>
	<div class="grid min-w-0 content-start gap-2">
		<p class="text-sm">
			{Math.round(heat.heat.watts * 100) / 100} W while lit, built-in load included; lit {Math.round(
				heat.heat.duty * 100
			)} % of the time in its hardest use.
		</p>
		{#each FIELDS as { part, label, unit, least, most, step } (part)}
			<label class="grid grid-cols-[9rem_1fr_5.5rem_2.5rem] items-center gap-2">
				<span>{label}</span>
				<input
					type="range"
					class="w-full min-w-0 accent-(--sea)"
					min={least}
					max={most}
					{step}
					value={now[part]}
					oninput={(event) => (tried[part] = Number(event.currentTarget.value))}
					aria-label={`${label}, slide`}
				/>
				<input
					class="field text-right"
					inputmode="decimal"
					value={now[part]}
					aria-label={`${label}${unit ? `, ${unit}` : ''}`}
					onchange={(event) => (tried[part] = readNumber(event.currentTarget.value) ?? stands[part])}
				/>
				<span class="text-sm text-soft">{unit}</span>
			</label>
		{/each}
		{#if changed.length > 0}
			<BusyForm action="?/assume" class="grid gap-2 border-t border-line pt-2"
				>{#snippet children(busy)}
					{#each kept as { name: assumption, value } (assumption)}
						<input type="hidden" name={assumption} {value} />
					{/each}
					<label class="grid gap-0.5 text-sm text-soft"
						>Where the new value comes from
						<input
							name="source"
							class="field text-base text-ink"
							bind:value={source}
							placeholder="measured on six lamps, July"
							required
						/></label
					>
					<div class="flex flex-wrap gap-2">
						<button class="button" data-main disabled={busy}>Keep for the shop</button>
						<button type="button" class="button" onclick={() => (tried = {})}>Back to how it stands</button>
					</div>
					<p class="text-sm text-soft">
						It then counts for every lamp of this kind, in every vehicle; Settings lists it.
					</p>
				{/snippet}</BusyForm
			>
		{/if}
		{#if saved}<p role="status">{saved}</p>{/if}
	</div>
</div>
