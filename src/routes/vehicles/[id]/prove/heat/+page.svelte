<script lang="ts">
	import { page } from '$app/state';
	import { proveDeskHere } from '$lib/client/prove-desk.svelte';
	import HeatCurve from '$lib/components/charts/HeatCurve.svelte';
	import { askedIn } from '$lib/components/prove/asked';
	import PlacePicker from '$lib/components/prove/PlacePicker.svelte';
	import MeasureField from '$lib/components/ui/MeasureField.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import { restingRise } from '$lib/core/heat';
	import { decimal, readNumber } from '$lib/core/quantity';
	import { heatOfPlace, proofsAt } from '$lib/core/views';

	let { data } = $props();

	const desk = proveDeskHere();
	const formats = shopFormats();
	const prove = $derived(data.prove);
	const asked = $derived(askedIn(page.url, { places: prove.places, lamps: prove.lamps, only: () => true }));
	let side = $state('');
	let body = $state<number | null>(null);
	let lens = $state<number | null>(null);
	let ambient = $state<number | null>(null);
	let minutesText = $state('30');
	let tape = $state(false);
	let note = $state('');
	let told = $state('');

	const minutes = $derived(readNumber(minutesText));
	const product = $derived(prove.products.find((one) => one.id === asked.lamp) ?? null);
	const estimate = $derived(
		product && asked.place
			? heatOfPlace(prove.configuration, { socket: asked.place.socket, product, assumptions: prove.shop.assumptions })
			: null
	);
	const readings = $derived(
		asked.place ? proofsAt(prove.proofs, 'temperature', { sockets: asked.place.sockets, product: asked.lamp }) : []
	);
	const rises = $derived(
		readings.map((one) => ({
			one,
			rise: restingRise({ rise: one.body - one.ambient, minutes: one.minutes }, estimate?.timeConstant ?? 180)
		}))
	);
	const watts = $derived((product?.power?.at13v5 ?? 0) + (product?.builtInLoad ?? 0));
	const isReady = $derived(body !== null && ambient !== null && minutes !== null && minutes > 0 && body >= ambient);
	const curves = $derived(
		estimate
			? [
					{ name: 'estimate', heat: estimate.middle, timeConstant: estimate.timeConstant, limit: estimate.limit },
					...rises.flatMap(({ one, rise }) =>
						rise === null || watts === 0
							? []
							: [
									{
										name: `measured ${formats.date(one.on)}`,
										heat: { ambient: one.ambient, watts, duty: 1, resistance: rise / watts, cap: 1 },
										timeConstant: estimate.timeConstant,
										limit: null
									}
								]
					)
				].slice(0, 4)
			: []
	);

	async function keep(): Promise<void> {
		if (body === null || ambient === null || minutes === null) return;
		const done = await desk.keep({
			kind: 'temperature',
			id: desk.newId(),
			socket: side as never,
			...(asked.lamp === null ? {} : { product: asked.lamp as never }),
			...(prove.kit ? { kit: prove.kit } : {}),
			body: body as never,
			...(lens === null ? {} : { lens: lens as never }),
			ambient: ambient as never,
			minutes,
			tape,
			...(note.trim() ? { note: note.trim() } : {})
		});
		if (!done) return;
		told = 'Kept: Match goes by it from now on.';
		body = lens = null;
		note = '';
	}
</script>

<svelte:head><title>Temperature · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[27rem_minmax(0,1fr)]">
	<ScrollPanel label="A reading" class="min-h-0 space-y-3 p-4">
		{#if !asked.place}
			<p>This vehicle has no lamp on record that can be changed.</p>
		{:else}
			<PlacePicker {asked} places={prove.places} lamps={prove.lamps} bind:side />
			<p class="text-sm text-soft">
				Lamp housing closed as it will be driven, engine running. Stick matt black tape on bare metal first and point
				the infrared thermometer at the tape: bare aluminium reads far too low. Hands off: bodies and load resistors
				pass 100 C.
			</p>
			<div class="flex flex-wrap gap-3">
				<MeasureField label="Body" measure="temperature" value={body} onchange={(kept) => (body = kept)} />
				<MeasureField label="Lens" measure="temperature" value={lens} onchange={(kept) => (lens = kept)} />
				<MeasureField label="Air around" measure="temperature" value={ambient} onchange={(kept) => (ambient = kept)} />
				<div class="grid gap-0.5">
					<label class="text-sm text-soft" for="minutes">Lit for, min</label>
					<input id="minutes" class="field w-28 text-right" inputmode="numeric" bind:value={minutesText} />
				</div>
			</div>
			<label class="flex min-h-9 items-center gap-2"
				><input type="checkbox" class="size-4" bind:checked={tape} />matt tape under the thermometer</label
			>
			{#if body !== null && ambient !== null && body < ambient}<p class="text-refuse" role="alert">
					A body colder than the air around it was swapped, or misread.
				</p>{/if}
			{#if !tape && body !== null}<p class="text-needs">Without tape a bare metal body is hotter than it reads.</p>{/if}
			{#if isReady && estimate && minutes !== null && restingRise({ rise: 1, minutes }, estimate.timeConstant) === null}<p
					class="text-needs"
				>
					Too early to tell where it ends: wait at least {Math.ceil((2 * estimate.timeConstant) / 60)} minutes.
				</p>{/if}
			<label class="grid gap-0.5 text-sm text-soft"
				>Note<input class="field text-base text-ink" maxlength="1000" bind:value={note} /></label
			>
			<button type="button" class="button mr-auto" data-main disabled={!isReady || desk.busy} onclick={keep}
				>Keep this reading</button
			>
			{#if told}<p role="status">{told}</p>{/if}
		{/if}
	</ScrollPanel>
	<ScrollPanel label="Against the estimate" class="min-h-0 space-y-3 p-4">
		<h2>{asked.place?.name ?? 'Temperature'}{product ? `: ${product.maker} ${product.name}` : ''}</h2>
		{#if estimate}
			<HeatCurve {curves} minutes={30} />
			<ol class="flex flex-wrap gap-x-4 text-sm">
				{#each curves as curve, i (curve.name)}<li>{i + 1}: {curve.name}</li>{/each}
			</ol>
			<p>
				Estimate: {formats.measure('temperature', estimate.span.low)} to {formats.measure(
					'temperature',
					estimate.span.high
				)} on a hot day{estimate.limit
					? `, at most ${formats.measure('temperature', estimate.limit)}${estimate.named ? '' : ' (what every LED bears; its maker names none)'}`
					: ''}.
			</p>
		{:else if asked.lamp !== null}<p class="text-soft">
				The power of this lamp is not on record, so nothing can be estimated.
			</p>{/if}
		<table class="grid-table dense">
			<thead
				><tr
					><th scope="col">Day</th><th scope="col" class="number">Body</th><th scope="col" class="number">Lens</th><th
						scope="col"
						class="number">Air</th
					><th scope="col" class="number">Lit</th><th scope="col" class="number">Resistance</th></tr
				></thead
			>
			<tbody>
				{#each rises as { one, rise } (one.id)}
					<tr>
						<th scope="row" class="text-ink!"
							>{formats.date(one.on)}{one.by ? `, ${one.by}` : ''}{one.tape ? '' : ', no tape'}</th
						>
						<td class="number">{formats.measure('temperature', one.body)}</td>
						<td class="number">{one.lens === undefined ? '–' : formats.measure('temperature', one.lens)}</td>
						<td class="number">{formats.measure('temperature', one.ambient)}</td>
						<td class="number">{one.minutes} min</td>
						<td class="number">{rise === null ? 'too early' : watts === 0 ? '–' : `${decimal(rise / watts, 1)} K/W`}</td
						>
					</tr>
				{:else}<tr><td colspan="6" class="text-soft">Not measured in this place yet.</td></tr>{/each}
			</tbody>
		</table>
	</ScrollPanel>
</main>
