<script lang="ts">
	import { untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { proveDeskHere } from '$lib/client/prove-desk.svelte';
	import AimWall from '$lib/components/charts/AimWall.svelte';
	import { askedIn } from '$lib/components/prove/asked';
	import AimHistory from '$lib/components/prove/AimHistory.svelte';
	import PlacePicker from '$lib/components/prove/PlacePicker.svelte';
	import MeasureField from '$lib/components/ui/MeasureField.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import { aim, AIM_RULES, readAim, TRAFFIC_SIDES, USUAL_SPREAD } from '$lib/core/beam';
	import { decimal, readNumber } from '$lib/core/quantity';
	import { proofsAt, wallView } from '$lib/core/views';

	let { data } = $props();

	const desk = proveDeskHere();
	const formats = shopFormats();
	const prove = $derived(data.prove);
	const beams = $derived(prove.places.filter((place) => place.isBeam));
	const asked = $derived(
		askedIn(page.url, { places: prove.places, lamps: prove.lamps, only: (place) => place.isBeam })
	);
	let side = $state('');

	/** What somebody set; until then the market's own rule and side. */
	let chosenRule = $state<string | null>(null);
	let chosenTraffic = $state<'left' | 'right' | null>(null);
	/** What a picture read off comes along in the address. */
	const given = (name: string) => readNumber(page.url.searchParams.get(name) ?? '');
	/** The aim that was kept last in this place: its wall is likely the same. */
	const last = untrack(() =>
		asked.place ? proofsAt(prove.proofs, 'aim', { sockets: asked.place.sockets })[0] : undefined
	);
	let height = $state<number | null>(untrack(() => given('height') ?? last?.height ?? 650));
	let distance = $state<number | null>(untrack(() => given('distance') ?? last?.distance ?? 10));
	let spread = $state<number | null>(USUAL_SPREAD);
	let stampedText = $state('');
	let dropBefore = $state<number | null>(null);
	let drop = $state<number | null>(untrack(() => given('drop')));
	let turns = $state('');
	let tool = $state('');
	let clockwise = $state<'raises' | 'lowers'>('raises');
	let ranOut = $state(false);
	let note = $state('');
	let told = $state('');

	const isFog = $derived(
		asked.place?.hasCutOff === true &&
			prove.configuration.sockets.find((one) => one.id === asked.place?.socket)?.functions.includes('fog')
	);
	const usual = $derived(
		asked.place && !asked.place.hasCutOff
			? 'high-beam'
			: isFog && prove.rule.startsWith('un')
				? 'un-r48-fog'
				: prove.rule
	);
	const rule = $derived(chosenRule ?? usual);
	const traffic = $derived(chosenTraffic ?? prove.traffic);
	const stamped = $derived(stampedText.trim() === '' ? undefined : (readNumber(stampedText) ?? NaN));
	const where = $derived(
		aim({ rule, height: height ?? NaN, distance: distance ?? NaN, traffic, spread: spread ?? undefined, stamped })
	);
	const wall = $derived(
		where.ok && height !== null && distance !== null
			? wallView(where.value, { height, distance, traffic, now: drop ?? dropBefore })
			: null
	);
	const reading = $derived(where.ok && drop !== null && distance ? readAim(where.value, drop, distance) : null);
	const readingBefore = $derived(
		where.ok && dropBefore !== null && distance ? readAim(where.value, dropBefore, distance) : null
	);
	const length = (mm: number) => formats.measure('length', mm);
	const history = $derived(asked.place ? proofsAt(prove.proofs, 'aim', { sockets: asked.place.sockets }) : []);
	const sideWord = (socket: string) => data.vehicle.sockets.find((one) => one.id === socket)?.side ?? '';
	const query = $derived(
		new URLSearchParams({
			rule,
			height: String(height ?? ''),
			distance: String(distance ?? ''),
			spread: String(spread ?? ''),
			traffic,
			...(stamped === undefined ? {} : { stamped: String(stamped) })
		}).toString()
	);

	async function keep(): Promise<void> {
		if (!where.ok || drop === null || height === null || distance === null) return;
		const turned = readNumber(turns);
		const done = await desk.keep({
			kind: 'aim',
			id: desk.newId(),
			socket: side as never,
			...(asked.lamp === null ? {} : { product: asked.lamp as never }),
			...(prove.kit ? { kit: prove.kit } : {}),
			rule,
			height,
			distance,
			traffic,
			drop,
			...(stamped === undefined ? {} : { stamped }),
			...(dropBefore === null ? {} : { dropBefore }),
			adjusters:
				turned === null && !ranOut
					? []
					: [{ which: 'height', turns: turned ?? 0, clockwise, ranOut, ...(tool.trim() ? { tool: tool.trim() } : {}) }],
			...(note.trim() ? { note: note.trim() } : {})
		});
		if (!done) return;
		told = `Kept: ${reading?.words ?? ''}.`;
		dropBefore = drop = null;
		turns = note = '';
		ranOut = false;
	}
</script>

<svelte:head><title>Aim · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[27rem_minmax(0,1fr)]">
	<ScrollPanel label="Rule, measures and adjusters" class="min-h-0 space-y-3 p-4">
		{#if !asked.place}
			<p>This vehicle has no lamp on record that throws a beam and can be changed.</p>
		{:else}
			<PlacePicker {asked} places={beams} lamps={prove.lamps} bind:side />
			<label class="grid gap-0.5 text-sm text-soft"
				>Rule
				<select
					class="field text-base text-ink"
					value={rule}
					onchange={(event) => (chosenRule = event.currentTarget.value)}
				>
					{#each AIM_RULES as one (one.id)}<option value={one.id}>{one.label}</option>{/each}
				</select></label
			>
			<div class="flex flex-wrap gap-3">
				<MeasureField
					label="Lamp centre, from the floor"
					measure="length"
					value={height}
					onchange={(kept) => (height = kept)}
				/>
				<MeasureField label="Lamp to wall" measure="distance" value={distance} onchange={(kept) => (distance = kept)} />
				<MeasureField
					label="Between lamp centres"
					measure="length"
					value={spread}
					onchange={(kept) => (spread = kept)}
				/>
				<div class="grid gap-0.5">
					<label class="text-sm text-soft" for="stamped">Figure beside the lamp, %</label>
					<input
						id="stamped"
						class="field w-28 text-right"
						inputmode="decimal"
						bind:value={stampedText}
						placeholder="1.2"
					/>
				</div>
			</div>
			<fieldset class="flex items-center gap-3">
				<legend class="sr-only">Traffic</legend>
				{#each TRAFFIC_SIDES as one (one)}
					<button
						type="button"
						class="chip min-h-9! px-3!"
						aria-pressed={traffic === one}
						onclick={() => (chosenTraffic = one)}>{one}-hand traffic</button
					>
				{/each}
			</fieldset>
			{#if where.ok}
				<p>
					<span class="font-medium"
						>{where.value.rule.sets === 'cut-off' ? 'Cut-off' : 'Hot spot'}
						{length(Math.abs(where.value.drop))}
						{where.value.drop >= 0 ? 'under' : 'over'} lamp height</span
					>, from {length(where.value.dropMin)} to {length(where.value.dropMax)}
					<span class="block text-sm text-soft"
						>{where.value.band.heights}; {where.value.rule.source}; {where.value.rule.confidence} confidence. {where
							.value.rule.note ?? ''}
						{where.value.assumed.length > 0 ? `Assumed: ${where.value.assumed.join('; ')}.` : ''} The figure beside the headlamp
						and the handbook come first; local rules and a licensed workshop decide.</span
					>
				</p>
			{:else}<p class="text-refuse" role="alert">{where.error}</p>{/if}
			<h2>The cut-off, under lamp height</h2>
			<div class="flex flex-wrap gap-3">
				<MeasureField
					label="Before, as found"
					measure="length"
					value={dropBefore}
					onchange={(kept) => (dropBefore = kept)}
				/>
				<MeasureField label="Now" measure="length" value={drop} onchange={(kept) => (drop = kept)} />
			</div>
			{#if readingBefore}<p class="text-soft">Found: {readingBefore.words}.</p>{/if}
			{#if reading}<p class={reading.isWithin ? 'text-pass' : 'text-refuse'} role="status">
					Now: {reading.words}.
				</p>{/if}
			<div class="flex flex-wrap items-end gap-3">
				<label class="grid gap-0.5 text-sm text-soft"
					>Turns, clockwise
					<input class="field w-24 text-right text-base text-ink" inputmode="decimal" bind:value={turns} /></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>A clockwise turn
					<select class="field text-base text-ink" bind:value={clockwise}
						><option value="raises">raises</option><option value="lowers">lowers</option></select
					></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Tool
					<input class="field w-32 text-base text-ink" bind:value={tool} placeholder="6 mm hex" maxlength="80" /></label
				>
				<label class="flex min-h-9 items-center gap-2"
					><input type="checkbox" class="size-4" bind:checked={ranOut} />it ran out</label
				>
			</div>
			{#if ranOut}<p class="text-needs">
					An adjuster that runs out says that the lamp does not sit home, or that its light centre is off.
				</p>{/if}
			<label class="grid gap-0.5 text-sm text-soft"
				>Note<input class="field text-base text-ink" maxlength="1000" bind:value={note} /></label
			>
			<button
				type="button"
				class="button mr-auto"
				data-main
				disabled={!where.ok || drop === null || desk.busy}
				onclick={keep}>Keep this aim</button
			>
			{#if told}<p role="status">{told}</p>{/if}
		{/if}
	</ScrollPanel>
	<ScrollPanel label="The wall, to scale" class="min-h-0 space-y-3 p-4">
		<div class="flex flex-wrap items-center gap-2">
			<h2 class="mr-auto">The wall, seen from behind the vehicle</h2>
			<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
			<a
				class="button"
				href={`${resolve('/vehicles/[id]/prove/aim/wall.pdf', { id: data.vehicle.id })}?${query}`}
				download>Sheet, A4</a
			>
			<a
				class="button"
				href={`${resolve('/vehicles/[id]/prove/aim/wall.pdf', { id: data.vehicle.id })}?${query}&paper=letter`}
				download>Letter</a
			>
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		</div>
		{#if wall && where.ok}
			<AimWall
				{wall}
				{length}
				label={`The wall to scale: lamps ${length(height ?? 0)} over the floor, the cut-off ${length((height ?? 0) - where.value.drop)}`}
			/>
			<table class="grid-table dense">
				<thead
					><tr
						><th scope="col">Tape</th><th scope="col" class="number">From the centre line</th><th
							scope="col"
							class="number">From the floor</th
						></tr
					></thead
				>
				<tbody>
					{#each where.value.marks as mark (mark.lamp)}
						<tr
							><th scope="row" class="text-ink!"
								>{mark.lamp} lamp, {where.value.rule.sets === 'cut-off' ? 'flat part of the cut-off' : 'hot spot'}</th
							>
							<td class="number">{length(Math.abs(mark.x))} to the {mark.x < 0 ? 'left' : 'right'}</td><td
								class="number">{length(mark.y)}</td
							></tr
						>
					{/each}
				</tbody>
			</table>
			<p>
				Before: level floor, tyres at pressure, fuel and load as the handbook says, a person’s weight in the driver’s
				seat, levelling wheel at 0, springs settled (rock it), lens clean. One lamp at a time: cover the other. Do not
				drive at night before it is done.
			</p>
			{#if distance !== null && distance < 8}<p class="text-soft">
					At {formats.measure('distance', distance)} a millimetre is {decimal(0.1 / distance, 3)} %: measure twice.
				</p>{/if}
		{/if}
		<AimHistory {history} {sideWord} />
	</ScrollPanel>
</main>
