<script lang="ts">
	import { LENSES, type Lens } from '$lib/core/model';
	import {
		displayColour,
		isInside,
		matchWord,
		miredDifference,
		regionOf,
		throughLens,
		whitePoint
	} from '$lib/core/optics';
	import type { CandidateDetail, NeighbourView } from '$lib/core/views';
	import Chromaticity from '../charts/Chromaticity.svelte';

	/** The light of a lamp before and behind the lens, against the boundaries; another lens or a worn one can be tried. */
	let {
		light,
		neighbours,
		lightShare
	}: { light: CandidateDetail['light']; neighbours: NeighbourView[]; lightShare: number | null } = $props();

	const WORDS: Record<Lens, string> = {
		clear: 'clear',
		amber: 'amber',
		red: 'red',
		smoked: 'smoked',
		blue: 'blue',
		'red-faded': 'red, faded',
		none: 'no lens'
	};
	let tried = $state<Lens | null>(null);

	const lens = $derived(tried ?? light.lens);
	const asked = $derived([...new Set(light.asked.flatMap(({ colours }) => colours))]);
	const family = $derived(light.family ?? 'UN');
	const lights = $derived(
		lens
			? [
					...(light.source ? [{ label: 'This lamp', source: light.source }] : []),
					{ label: 'Filament lamp', source: light.stock }
				].map(({ label, source }) => ({
					label,
					before: throughLens(source, 'none'),
					behind: throughLens(source, lens)
				}))
			: []
	);
	const points = $derived(
		lights.flatMap(({ label, before, behind }) => [
			{ label, stage: 'before' as const, x: before.x, y: before.y, light: displayColour(before) },
			{ label, stage: 'behind' as const, x: behind.x, y: behind.y, light: displayColour(behind) }
		])
	);
	const own = $derived(lights.find(({ label }) => label === 'This lamp'));
	const white = $derived(own ? whitePoint(own.behind) : null);
	const kelvin = (at: { x: number; y: number }) => {
		const found = whitePoint(at);
		return found ? `${Math.round(found.cct)} K` : '–';
	};
</script>

<div class="grid gap-x-5 gap-y-3 @2xl:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
	<div>
		{#if points.length > 0}
			<Chromaticity {points} {family} {asked} />
			<p class="text-sm text-soft">
				1 this lamp, 2 the filament lamp. Small ring: before the lens; filled: behind it. Heavy outline: what the
				function asks for by {family} rules.
			</p>
		{:else}
			<p>The lens is not known: look at it with the lamp out. Until then, try one here.</p>
		{/if}
	</div>
	<div class="grid content-start gap-3">
		<label class="flex flex-wrap items-center gap-2"
			>Try a lens
			<select
				class="field"
				value={tried ?? ''}
				onchange={(event) => (tried = (event.currentTarget.value || null) as Lens | null)}
			>
				<option value="">{light.lens ? `as recorded: ${WORDS[light.lens]}` : 'as recorded: not known'}</option>
				{#each LENSES as name (name)}<option value={name}>{WORDS[name]}</option>{/each}
			</select>
			{#if tried && tried !== light.lens}<span class="text-sm text-soft"
					>Only tried: the record and the verdict stay.</span
				>{/if}
		</label>
		<table class="grid-table">
			<caption class="sr-only">Chromaticity before and behind the lens</caption>
			<thead>
				<tr
					><th scope="col">Light</th><th scope="col" class="number">x</th><th scope="col" class="number">y</th><th
						scope="col">Region</th
					><th scope="col" class="number">Colour temp.</th><th scope="col" class="number">Passes</th></tr
				>
			</thead>
			<tbody>
				{#each lights as { label, before, behind } (label)}
					{#each [{ stage: 'before the lens', at: before }, { stage: 'behind it', at: behind }] as row (row.stage)}
						<tr>
							<td>{label}, {row.stage}</td>
							<td class="number">{row.at.x.toFixed(3)}</td>
							<td class="number">{row.at.y.toFixed(3)}</td>
							<td
								>{regionOf(row.at, family) === 'none'
									? 'no signal colour'
									: regionOf(row.at, family).replace('-', ' ')}</td
							>
							<td class="number">{kelvin(row.at)}</td>
							<td class="number">{row.stage === 'behind it' ? `${Math.round(row.at.transmittance * 100)} %` : ''}</td>
						</tr>
					{/each}
				{/each}
			</tbody>
		</table>
		{#if own && light.asked.length > 0}
			<ul>
				{#each light.asked as { function: name, colours } (name)}
					{@const inside = colours.some((colour) => isInside(own.behind, colour, family))}
					<li>
						{name} asks for {colours.join(' or ').replace('-', ' ')}: {inside
							? 'inside the boundary'
							: 'outside the boundary'}.
					</li>
				{/each}
			</ul>
		{/if}
		{#if lightShare !== null}
			<p>
				{Math.round(lightShare * 100)} % of the filament lamp's light leaves the lens as recorded, by the derated flux.
			</p>
		{/if}
		{#if white && neighbours.length > 0}
			<table class="grid-table">
				<caption class="text-left font-medium">Whites seen beside it, as they stand</caption>
				<thead
					><tr
						><th scope="col">Lamp</th><th scope="col">Seen</th><th scope="col" class="number">Colour temp.</th><th
							scope="col"
							class="number">Apart, mired</th
						><th scope="col">Looks</th></tr
					></thead
				>
				<tbody>
					{#each neighbours as beside (beside.name)}
						{#if beside.white}
							{@const apart = miredDifference(white, beside.white)}
							<tr>
								<td>{beside.name}</td><td>{beside.sight}</td>
								<td class="number">{Math.round(beside.white.cct)} K</td>
								<td class="number">{Math.round(apart)}</td><td>{matchWord(apart)}</td>
							</tr>
						{/if}
					{/each}
				</tbody>
			</table>
		{/if}
	</div>
</div>
