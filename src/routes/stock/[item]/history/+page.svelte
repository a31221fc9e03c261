<script lang="ts">
	import { resolve } from '$app/paths';
	import SurvivalChart from '$lib/components/charts/SurvivalChart.svelte';
	import { counted, proportionText } from '$lib/core/quantity';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	let { data } = $props();

	/** Hours a lamp of a vehicle burns in a month: an assumption, to set a claim beside. */
	const HOURS_A_MONTH = 35;
	const vehicles = $derived(
		[...new Set(data.places.map(({ configuration }) => configuration))].map(
			(id) => [id, data.places.filter(({ configuration }) => configuration === id)] as const
		)
	);
	let which = $state(0);
	const curve = $derived(data.curves[which] ?? data.curves[0]);
	const said = (seen: { symptom: string; absent?: boolean | undefined }[] = []) =>
		seen.flatMap(({ symptom, absent }) => (absent ? [] : (data.labels[symptom] ?? symptom))).join('; ');
</script>

<svelte:head><title>{data.title} in the field · Rotalux</title></svelte:head>

<main class="page lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
	<div class="flex flex-wrap items-center gap-3 lg:col-span-2">
		<a class="link" href={resolve('/stock/[item]', { item: data.id })}>{data.id}</a>
		<h1 class="mr-auto">{data.title} in the field</h1>
		<a class="button" href={resolve('/stock/[item]/returns.csv', { item: data.id })} download>List for the supplier</a>
	</div>
	<p class="lg:col-span-2">
		{counted(data.fitted, 'lamp')} fitted on {counted(data.vehicles, 'kind of vehicle', 'kinds of vehicle')}; came back
		<span class="font-medium">{proportionText(data.came)}</span> (Wilson interval, 95 %){data.open > 0
			? `; ${data.open} open`
			: ''}.
	</p>
	{#if data.batch}
		<p class="panel border-refuse! p-3 lg:col-span-2">
			A batch to look at: of those fitted from {data.batch.from} to {data.batch.to}, {proportionText(data.batch.came)} died;
			of the others {proportionText(data.batch.others)}.
		</p>
	{/if}
	<section class="panel p-3" aria-label="How long it lives">
		<h2>How long it lives</h2>
		{#if data.fitted === 0}
			<p class="text-soft">None was fitted yet, as far as fittings are on record.</p>
		{:else if curve}
			{#if data.curves.length > 1}
				<div class="my-1 flex flex-wrap gap-1" role="group" aria-label="Kind of place">
					{#each data.curves as one, i (one.name)}
						<button type="button" class="chip" aria-pressed={which === i} onclick={() => (which = i)}
							>{one.name} ({one.lamps})</button
						>
					{/each}
				</div>
			{/if}
			<SurvivalChart
				name={curve.name}
				steps={curve.steps}
				lives={curve.lives}
				longest={curve.longest}
				claimMonths={data.life === null ? null : data.life / HOURS_A_MONTH}
			/>
			<p class="text-sm text-soft">
				Kaplan-Meier with its 95 % band: {curve.lamps} lamps, {curve.ended} died, the others watched until somebody last said
				they were fine. {curve.median === null
					? 'More than half live.'
					: `Half lived ${curve.median.toFixed(1)} months.`}
				{data.life === null
					? 'Its maker claims no life.'
					: `Its maker claims ${data.life.toLocaleString('en')} h, ${Math.round(data.life / HOURS_A_MONTH)} months at ${HOURS_A_MONTH} h a month (an assumption).`}
			</p>
			{#if curve.steps.length > 0}
				<details class="mt-1">
					<summary class="min-h-6 cursor-pointer text-sm">As numbers</summary>
					<table class="mt-1 text-sm">
						<thead
							><tr
								><th class="pr-4 text-left">Months</th><th class="pr-4">At risk</th><th class="pr-4">Died</th><th
									class="pr-4">Still work</th
								><th>Between</th></tr
							></thead
						>
						<tbody>
							{#each curve.steps as step (step.time)}
								<tr class="number text-right"
									><td class="pr-4 text-left">{step.time.toFixed(1)}</td><td class="pr-4">{step.atRisk}</td><td
										class="pr-4">{step.ended}</td
									>
									<td class="pr-4">{(100 * step.survives).toFixed(0)} %</td><td
										>{(100 * step.low).toFixed(0)} to {(100 * step.high).toFixed(0)} %</td
									></tr
								>
							{/each}
						</tbody>
					</table>
				</details>
			{/if}
			{#if data.wear.length > 0}
				<p class="mt-1 text-sm">
					Said of it: {data.wear
						.map(({ symptom, counted: n }) => `${(data.labels[symptom] ?? symptom).toLowerCase()} ${n}`)
						.join(', ')}.
				</p>
			{/if}
		{/if}
	</section>
	<section class="panel p-3" aria-label="Where it is fitted">
		<h2>Where it is fitted</h2>
		{#if data.places.length === 0}<p class="text-soft">Nowhere yet.</p>{/if}
		<ul class="grid gap-1">
			{#each vehicles as [configuration, places] (configuration)}
				<li class="border-b border-line py-1 last:border-0">
					<a class="link" href={resolve('/vehicles/[id]/walk/[[socket]]', { id: configuration })}
						>{places[0]?.vehicle}</a
					>
					<ul class="text-sm">
						{#each places as place (place.place)}
							<li class="flex gap-2">
								<span class="grow">{place.place}{place.neverAgain ? ': never again' : ''}</span>
								<span class="number">{place.fitted} fitted, {place.came.counted} came back</span>
							</li>
						{/each}
					</ul>
				</li>
			{/each}
		</ul>
	</section>
	<section class="panel p-3 lg:col-span-2" aria-label="What was said">
		<h2>What was said</h2>
		{#if data.complaints.length === 0}<p class="text-soft">No complaint about it.</p>{/if}
		<ul class="grid gap-1">
			{#each data.complaints as one (one.id)}
				<li class="border-b border-line py-1 last:border-0">
					<a class="link" href={resolve('/complaints/[complaint]', { complaint: one.id })}
						>{said(one.seen) || one.symptom || 'in words only'}</a
					>
					<span class="text-soft">{date(one.on)}, {one.vehicle}{one.place ? `, ${one.place.toLowerCase()}` : ''}</span>
					<span class="block text-sm"
						>{one.causeWords ? `${one.causeWords}: ` : ''}{one.settled ??
							(one.state === 'open' ? 'open' : one.state)}{one.neverAgain ? '. Never again here.' : ''}</span
					>
				</li>
			{/each}
		</ul>
	</section>
</main>
