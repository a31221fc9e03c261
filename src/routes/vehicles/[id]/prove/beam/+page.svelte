<script lang="ts">
	import * as Comlink from 'comlink';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { proveDeskHere } from '$lib/client/prove-desk.svelte';
	import type { BeamWork } from '$lib/client/beam.worker';
	import BeamMap from '$lib/components/charts/BeamMap.svelte';
	import BeamProfile from '$lib/components/charts/BeamProfile.svelte';
	import { askedIn } from '$lib/components/prove/asked';
	import { BeamDesk, type BeamWorker } from '$lib/components/prove/beam-desk.svelte';
	import BeamAim from '$lib/components/prove/BeamAim.svelte';
	import BeamHistory from '$lib/components/prove/BeamHistory.svelte';
	import BeamNumbers from '$lib/components/prove/BeamNumbers.svelte';
	import PlacePicker from '$lib/components/prove/PlacePicker.svelte';
	import ShotSlot from '$lib/components/prove/ShotSlot.svelte';
	import { smallBeam } from '$lib/components/fitup/small-picture';
	import MeasureField from '$lib/components/ui/MeasureField.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { luxPerUnit } from '$lib/core/beam';
	import type { ProofOf } from '$lib/core/model';
	import { proofsAt } from '$lib/core/views';

	let { data } = $props();

	const keeper = proveDeskHere();
	const id = $derived(data.vehicle.id);
	const prove = $derived(data.prove);
	const beams = $derived(prove.places.filter((place) => place.hasCutOff));
	const asked = $derived(
		askedIn(page.url, { places: prove.places, lamps: prove.lamps, only: (place) => place.hasCutOff })
	);
	let side = $state('');

	let worker: Worker | null = null;
	/** One for as long as the page lives: a door that is dropped closes the worker's ear. */
	let door: Comlink.Remote<BeamWork> | null = null;
	/** The worker starts with the first picture: a page that is only looked at needs none. */
	function started(): Comlink.Remote<BeamWork> {
		worker ??= new Worker(new URL('../../../../../lib/client/beam.worker.ts', import.meta.url), { type: 'module' });
		door ??= Comlink.wrap<BeamWork>(worker);
		return door;
	}
	const remote: BeamWorker = {
		open: (name, file, progress) => started().open(name, file, Comlink.proxy(progress)),
		compare: (what, progress) => started().compare(what, Comlink.proxy(progress))
	};
	const desk = new BeamDesk({ worker: remote, urlOf: (file) => URL.createObjectURL(file) });
	$effect(() => () => {
		worker?.terminate();
	});

	let mode = $state<'photo' | 'light'>('photo');
	let slider = $state(0.5);
	let distance = $state<number | null>(5);
	let width = $state<number | null>(null);
	let tall = $state<number | null>(null);
	let hotLux = $state<number | null>(null);
	let note = $state('');
	let told = $state('');

	const { found, shots } = $derived(desk);
	const marked = $derived(Boolean(shots.before?.marks && shots.after?.marks));
	const lux = $derived(
		found && hotLux !== null ? luxPerUnit(found.after.grid, found.after.reading.hotSpot, hotLux) : null
	);
	/** mm on the wall for a pixel of the camera's picture, by the marks. */
	const mmPerPixel = $derived.by(() => {
		const [before] = [shots.before];
		if (!before?.marks || width === null) return null;
		const [tl, tr, br, bl] = before.marks;
		const across =
			(Math.hypot((tl.x - tr.x) * before.width, (tl.y - tr.y) * before.height) +
				Math.hypot((bl.x - br.x) * before.width, (bl.y - br.y) * before.height)) /
			2;
		return across > 0 ? width / across : null;
	});
	const risePercent = $derived(
		found?.change.rise != null && mmPerPixel !== null && distance
			? (found.change.rise * mmPerPixel) / (distance * 10)
			: null
	);
	const history = $derived(asked.place ? proofsAt(prove.proofs, 'beam', { sockets: asked.place.sockets }) : []);

	function setWall(): void {
		desk.wall = width !== null && tall !== null && width > 0 && tall > 0 ? { width, height: tall } : null;
		void desk.compare();
	}

	/** A pair that was kept, opened as if it had just been taken. */
	async function again({ before, after, wall, distance: far }: ProofOf<'beam'>): Promise<void> {
		width = wall?.width ?? null;
		tall = wall?.height ?? null;
		distance = far ?? distance;
		desk.wall = wall ? { width: wall.width, height: wall.height } : null;
		for (const [which, { picture }] of [
			['before', before],
			['after', after]
		] as const) {
			const kept = await fetch(resolve('/fittings/pictures/[hash]', { hash: picture }));
			await desk.open(which, await kept.blob());
		}
	}

	async function keep(): Promise<void> {
		if (!found || !shots.before || !shots.after || asked.lamp === null) return;
		const before = await keeper.keepPicture(await smallBeam(shots.before.file));
		const after = before && (await keeper.keepPicture(await smallBeam(shots.after.file)));
		if (!before || !after) return;
		const shotOf = (picture: string, { marks, exposure }: NonNullable<typeof shots.before>) => ({
			picture,
			...(marks ? { marks: marks.map(({ x, y }) => ({ x, y })) } : {}),
			...(exposure ? { exposure } : {})
		});
		const { tilt, rise, aboveRatio, belowRatio, blur } = found.change;
		const done = await keeper.keep({
			kind: 'beam',
			id: keeper.newId(),
			socket: side as never,
			product: asked.lamp as never,
			...(prove.kit ? { kit: prove.kit } : {}),
			before: shotOf(before, shots.before),
			after: shotOf(after, shots.after),
			...(desk.wall ? { wall: desk.wall } : {}),
			...(distance === null ? {} : { distance }),
			numbers: { comparable: found.comparable, tilt, rise, risePercent, aboveRatio, belowRatio, blur },
			...(note.trim() ? { note: note.trim() } : {})
		});
		if (done) told = 'Kept, without what the camera wrote beside the pictures.';
	}
</script>

<svelte:head><title>Beam · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[21rem_minmax(0,1fr)]">
	<ScrollPanel label="Two pictures" class="min-h-0 space-y-3 p-3">
		{#if !asked.place}
			<p>This vehicle has no lamp on record with a cut-off that can be changed.</p>
		{:else}
			<PlacePicker {asked} places={beams} lamps={prove.lamps} stock={false} bind:side />
			<details>
				<summary class="text-sm text-soft">How to take them</summary>
				<ul class="list-disc pl-5 text-sm text-soft">
					<li>Level floor, wall at 5 m or more, the room dark, the other lamp covered.</li>
					<li>Phone on a stand. Lock exposure, focus and white balance; the brightest part must not be burnt out.</li>
					<li>
						One picture with the lamp it came with, one with the new one after ten minutes. Touch nothing in between.
					</li>
					<li>
						<a class="link" href={resolve('/vehicles/[id]/prove/targets.pdf', { id })} download>Four printed targets</a> on
						the wall let the camera move and give the scale.
					</li>
				</ul>
			</details>
			<div class="grid gap-3 sm:grid-cols-2 lg:grid-cols-1">
				<ShotSlot
					title="Before"
					shot={shots.before ?? null}
					onfile={(file) => desk.open('before', file)}
					onmarks={(marks) => desk.mark('before', marks)}
					ondone={() => desk.compare()}
				/>
				<ShotSlot
					title="After"
					shot={shots.after ?? null}
					onfile={(file) => desk.open('after', file)}
					onmarks={(marks) => desk.mark('after', marks)}
					ondone={() => desk.compare()}
				/>
			</div>
			<div class="flex flex-wrap gap-2">
				{#if marked}<button type="button" class="button" onclick={() => desk.dropMarks()}>Leave the marks out</button>
				{:else if shots.before && shots.after}<button type="button" class="button" onclick={() => desk.beginMarks()}
						>Mark the wall by hand</button
					>{/if}
			</div>
			<div class="flex flex-wrap gap-3">
				<MeasureField label="Lamp to wall" measure="distance" value={distance} onchange={(kept) => (distance = kept)} />
				<MeasureField
					label="Marks, apart"
					measure="length"
					value={width}
					onchange={(kept) => {
						width = kept;
						setWall();
					}}
				/>
				<MeasureField
					label="Marks, one over the other"
					measure="length"
					value={tall}
					onchange={(kept) => {
						tall = kept;
						setWall();
					}}
				/>
				<MeasureField
					label="Hot spot after, measured"
					measure="illuminance"
					value={hotLux}
					onchange={(kept) => (hotLux = kept)}
				/>
			</div>
		{/if}
	</ScrollPanel>
	<ScrollPanel label="What the pictures say" class="min-h-0 space-y-3 p-3">
		{#if desk.trouble}<Message text={desk.trouble} kept="The other picture is kept." />{/if}
		<p class="min-h-6 text-soft" role="status">{desk.progress ? `${desk.progress} …` : ''}</p>
		{#if found}
			<div class="flex flex-wrap items-center gap-2">
				<h2 class="mr-auto">{found.comparable ? 'They compare' : 'They do not compare'}</h2>
				<button type="button" class="chip" aria-pressed={mode === 'photo'} onclick={() => (mode = 'photo')}
					>As the camera saw it</button
				>
				<button type="button" class="chip" aria-pressed={mode === 'light'} onclick={() => (mode = 'light')}
					>By light</button
				>
			</div>
			<div class="grid gap-3 xl:grid-cols-[minmax(0,1fr)_20rem]">
				<div class="grid content-start gap-2">
					<BeamMap before={found.before} after={found.after} {mode} {slider} {lux} onslide={(to) => (slider = to)} />
					<p class="text-sm text-soft">Dashed: the cut-off before. Solid: after. Ring: the hot spot.</p>
					<ul class="grid gap-2" aria-label="What it means">
						{#each found.advice as one (one.code)}
							<li class={['border-l-4 pl-3', one.isTrouble ? 'border-refuse' : 'border-pass']}>
								<p class="font-medium">{one.words}</p>
								{#if one.todo}<p class="text-soft">{one.todo}</p>{/if}
							</li>
						{/each}
						{#each found.issues as words (words)}<li class="border-l-4 border-unknown pl-3 text-soft">
								{words}
							</li>{/each}
					</ul>
				</div>
				<div class="grid content-start gap-2">
					<BeamProfile before={found.before} after={found.after} {lux} />
					<label class="flex items-center gap-2 text-sm text-soft"
						>Line over the wall at
						<input
							type="range"
							class="grow accent-(--sea)"
							min="0.05"
							max="0.95"
							step="0.01"
							value={desk.at}
							onchange={(event) => desk.lookAt(event.currentTarget.valueAsNumber)}
						/>{Math.round(desk.at * 100)} %</label
					>
					<BeamNumbers {found} {risePercent} />
					{#if marked}<BeamAim {found} {tall} {distance} {asked} vehicle={id} />{/if}
					<label class="grid gap-0.5 text-sm text-soft"
						>Note<input class="field text-base text-ink" maxlength="1000" bind:value={note} /></label
					>
					<button
						type="button"
						class="button mr-auto"
						data-main
						disabled={keeper.busy || asked.lamp === null}
						onclick={keep}>Keep pictures and numbers</button
					>
					{#if told}<p role="status">{told}</p>{/if}
				</div>
			</div>
		{:else if !desk.progress}
			<p class="text-soft">
				Two pictures of the wall say what words cannot: whether the cut-off leans, rose or went soft, and how much light
				lies over it. Nothing leaves this browser until you keep it.
			</p>
		{/if}
		<BeamHistory {history} products={prove.products} onopen={again} />
	</ScrollPanel>
</main>
