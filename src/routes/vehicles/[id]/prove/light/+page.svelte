<script lang="ts">
	import { page } from '$app/state';
	import { proveDeskHere } from '$lib/client/prove-desk.svelte';
	import AimWall from '$lib/components/charts/AimWall.svelte';
	import LightChart from '$lib/components/charts/LightChart.svelte';
	import { askedIn } from '$lib/components/prove/asked';
	import PlacePicker from '$lib/components/prove/PlacePicker.svelte';
	import MeasureField from '$lib/components/ui/MeasureField.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import {
		aim,
		comparePoints,
		lampLight,
		LIGHT_POINTS,
		missingPoints,
		POINT_PLACES,
		readingDoubt,
		SEEN_AT_LUX,
		seeingDistance,
		type LightPoint,
		type PointReadings
	} from '$lib/core/beam';
	import type { ProofOf } from '$lib/core/model';
	import { proofsAt, wallView } from '$lib/core/views';
	import { decimal } from '$lib/core/quantity';

	let { data } = $props();

	const desk = proveDeskHere();
	const formats = shopFormats();
	const prove = $derived(data.prove);
	const asked = $derived(
		askedIn(page.url, { places: prove.places, lamps: prove.lamps, only: (place) => place.isBeam })
	);
	const beams = $derived(prove.places.filter((place) => place.isBeam));
	let side = $state('');

	let distance = $state<number | null>(null);
	let ambient = $state<number | null>(null);
	let readings = $state<Partial<Record<LightPoint, number | null>>>({});
	let note = $state('');
	let told = $state('');

	const lampName = (product: string | undefined) => {
		const known = product === undefined ? null : prove.products.find((one) => one.id === product);
		return product === undefined ? 'the lamp it came with' : known ? `${known.maker} ${known.name}` : product;
	};
	const all = $derived(asked.place ? proofsAt(prove.proofs, 'light', { sockets: asked.place.sockets }) : []);
	const sideWord = (socket: string) => data.vehicle.sockets.find((one) => one.id === socket)?.side ?? '';
	const stock = $derived(
		all.find((one) => one.product === undefined && one.socket === side) ??
			all.find((one) => one.product === undefined) ??
			null
	);
	/** What it is held against: the stock lamp on this side. */
	const before = $derived(asked.lamp === null ? null : stock);

	const entered = $derived(
		Object.fromEntries(Object.entries(readings).filter(([, lux]) => lux !== null && lux !== undefined)) as PointReadings
	);
	const set = $derived(
		distance !== null && distance > 0 ? { points: entered, distance, ...(ambient === null ? {} : { ambient }) } : null
	);
	const changes = $derived(comparePoints(before, set));
	const troubles = $derived([...new Set(changes.flatMap(({ trouble }) => trouble ?? []))]);
	const otherAt = (point: LightPoint) => {
		const lux = before?.points[point];
		const light =
			before && lux !== undefined ? lampLight({ lux, distance: before.distance, ambient: before.ambient }) : null;
		return light?.ok ? light.value.candela : undefined;
	};
	const doubt = (point: LightPoint) => {
		const lux = entered[point];
		return lux === undefined || !set
			? null
			: readingDoubt({ point, lux, distance: set.distance, ambient: set.ambient }, otherAt(point));
	};
	const doubts = $derived(LIGHT_POINTS.filter((point) => doubt(point) !== null));
	let sure = $state(false);
	/** Points the beam check will want and that are not filled in. */
	const missing = $derived(
		asked.place?.wantsCheck && Object.keys(entered).length > 0
			? missingPoints(entered, asked.place.hasCutOff ? ['below', 'above'] : ['hot-spot'])
			: null
	);
	const isReady = $derived(
		set !== null && Object.keys(entered).length > 0 && troubles.length === 0 && (doubts.length === 0 || sure)
	);

	const candelaOf = ({ points, distance: from, ambient: dark }: ProofOf<'light'>) =>
		Object.fromEntries(
			Object.entries(points).flatMap(([point, lux]) => {
				const light = lampLight({ lux: lux as number, distance: from, ambient: dark });
				return light.ok ? [[point, light.value.candela]] : [];
			})
		);
	const series = $derived(
		all.toReversed().map((one) => ({
			id: one.id,
			name: `${lampName(one.product)}, ${sideWord(one.socket)}, ${formats.date(one.on)}`,
			candela: candelaOf(one)
		}))
	);

	const where = $derived(aim({ rule: prove.rule, height: 700, distance: distance ?? 10, traffic: prove.traffic }));
	const wall = $derived(
		where.ok
			? wallView(where.value, { height: 700, distance: distance ?? 10, traffic: prove.traffic, points: true })
			: null
	);

	async function keep(): Promise<void> {
		if (!set || !asked.place) return;
		const done = await desk.keep({
			kind: 'light',
			id: desk.newId(),
			socket: side as never,
			...(asked.lamp === null ? {} : { product: asked.lamp as never }),
			...(prove.kit ? { kit: prove.kit } : {}),
			...set,
			...(note.trim() ? { note: note.trim() } : {})
		});
		if (!done) return;
		told = `Kept: ${lampName(asked.lamp ?? undefined)}, ${sideWord(side)}.`;
		readings = {};
		note = '';
		sure = false;
	}
</script>

<svelte:head><title>Light · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[27rem_minmax(0,1fr)]">
	<ScrollPanel label="Readings" class="min-h-0 space-y-3 p-4">
		{#if !asked.place}
			<p>This vehicle has no lamp on record that throws a beam and can be changed.</p>
		{:else}
			<PlacePicker {asked} places={beams} lamps={prove.lamps} bind:side />
			<p class="text-sm text-soft">
				Meter flat on the wall, square to the beam; the other lamp covered; engine running. Before and after from the
				same place. Let an LED run ten minutes first: cold it shows more than it gives.
			</p>
			<div class="flex flex-wrap gap-3">
				<MeasureField label="Lamp to wall" measure="distance" value={distance} onchange={(kept) => (distance = kept)} />
				<MeasureField
					label="With the lamp off"
					measure="illuminance"
					value={ambient}
					onchange={(kept) => (ambient = kept)}
				/>
			</div>
			{#if distance !== null && distance <= 0}<p class="text-refuse" role="alert">
					The distance must be more than 0.
				</p>{/if}
			<div class="grid gap-2">
				{#each LIGHT_POINTS as point (point)}
					<div class="grid grid-cols-[9rem_minmax(0,1fr)] items-start gap-3 border-t border-line pt-2">
						<MeasureField
							label={POINT_PLACES[point].label}
							measure="illuminance"
							value={readings[point] ?? null}
							doubt={doubt(point)}
							onchange={(kept) => {
								readings = { ...readings, [point]: kept };
								sure = false;
							}}
						/>
						<p class="pt-5 text-sm text-soft">
							{POINT_PLACES[point].where}
							{#each changes.filter((one) => one.point === point && one.after) as one (one.point)}
								<span class="block text-base text-ink tabular-nums">
									{Math.round(one.after?.candela ?? 0)} cd{one.ratio === null
										? ''
										: `, ${decimal(one.ratio, 2)} times as before`}
								</span>
							{/each}
						</p>
					</div>
				{/each}
			</div>
			{#each troubles as words (words)}<p class="text-refuse" role="alert">{words}</p>{/each}
			{#if missing && !missing.ok}<p class="text-needs">{missing.error.words} The beam check wants it.</p>{/if}
			{#if doubts.length > 0}
				<label class="flex min-h-9 items-center gap-2"
					><input type="checkbox" class="size-4" bind:checked={sure} />These numbers are right as they stand</label
				>
			{/if}
			<label class="grid gap-0.5 text-sm text-soft"
				>In words (a streak, a dark patch)
				<input class="field text-base text-ink" maxlength="1000" bind:value={note} /></label
			>
			<button type="button" class="button mr-auto" data-main disabled={!isReady || desk.busy} onclick={keep}
				>Keep these readings</button
			>
			{#if told}<p role="status">{told}</p>{/if}
		{/if}
	</ScrollPanel>
	<ScrollPanel label="Light, before and after" class="min-h-0 space-y-3 p-4">
		<h2>{asked.place?.name ?? 'Light'}: candela, every lamp and day</h2>
		{#if series.length === 0}
			<p class="text-soft">
				Nothing measured yet. Begin with the lamp it came with: without a before there is no ratio.
			</p>
		{:else}
			<LightChart {series} />
			<table class="grid-table dense">
				<thead>
					<tr>
						<th scope="col">Lamp, side, day</th>
						{#each LIGHT_POINTS as point (point)}<th scope="col" class="number">{POINT_PLACES[point].label}</th>{/each}
						<th scope="col" class="number">Sees to</th>
					</tr>
				</thead>
				<tbody>
					{#each all as one (one.id)}
						{@const candela = candelaOf(one) as Partial<Record<LightPoint, number>>}
						{@const held = one.product === undefined ? [] : comparePoints(stock, one)}
						<tr>
							<th scope="row" class="whitespace-normal! text-ink!"
								>{lampName(one.product)}, {sideWord(one.socket)}, {formats.date(one.on)}{one.by ? `, ${one.by}` : ''}
								{#if one.note}<span class="block text-sm font-normal text-soft">{one.note}</span>{/if}</th
							>
							{#each LIGHT_POINTS as point (point)}
								{@const ratio = held.find((change) => change.point === point)?.ratio ?? null}
								<td class="number"
									>{candela[point] === undefined ? '–' : `${Math.round(candela[point])} cd`}
									{#if ratio !== null}<span class="block text-soft">x {decimal(ratio, 2)}</span>{/if}</td
								>
							{/each}
							<td class="number"
								>{candela.below
									? formats.measure('distance', Math.round(seeingDistance(candela.below, SEEN_AT_LUX)))
									: '–'}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			<p class="text-sm text-soft">
				Ratios are against the lamp it came with. “Sees to” is how far {SEEN_AT_LUX} lx reach with the light under the cut-off
				of this one lamp; it goes with the square root of the light. Meters are off by 5 to 10 %, phones by 20 to 50 %: a
				ratio at one place is better than either.
			</p>
		{/if}
		{#if wall}
			<h2>Where to hold the meter</h2>
			<AimWall
				{wall}
				length={(mm) => formats.measure('length', mm)}
				label="The wall to scale, with the points for the left lamp: under the cut-off straight ahead, over it on the oncoming side, and the wings"
			/>
			<p class="text-sm text-soft">
				To scale for a wall {formats.measure('distance', distance ?? 10)} away and lamps {formats.measure(
					'length',
					700
				)} high; the points are shown for the lamp on the left.
			</p>
		{/if}
	</ScrollPanel>
</main>
