<script lang="ts">
	import { resolve } from '$app/paths';
	import type { DrawnComparison } from '$lib/client/beam.worker';
	import { cutOffHeight } from '$lib/core/beam';
	import MeasureField from '../ui/MeasureField.svelte';
	import { shopFormats } from '../ui/shop-formats';
	import type { Asked } from './asked';

	/** The aim of a beam read off its picture, once somebody measured where the marks stand on the wall. */
	let {
		found,
		tall,
		distance,
		asked,
		vehicle
	}: {
		found: DrawnComparison;
		/** Upper marks over lower ones, mm, and from the lamp to the wall, m. */
		tall: number | null;
		distance: number | null;
		asked: Asked;
		vehicle: string;
	} = $props();

	const formats = shopFormats();
	let upper = $state<number | null>(null);
	let lamp = $state<number | null>(650);

	const fromFloor = $derived(
		found.quad && tall !== null && upper !== null
			? cutOffHeight(found.after.reading, found.quad, { height: tall, upper })
			: null
	);
	const drop = $derived(fromFloor === null || lamp === null ? null : Math.round(lamp - fromFloor));
	const query = $derived(
		new URLSearchParams({
			...(asked.place ? { place: asked.place.socket } : {}),
			...(asked.lamp ? { lamp: asked.lamp } : {}),
			height: String(lamp ?? ''),
			distance: String(distance ?? ''),
			drop: String(drop ?? '')
		}).toString()
	);
</script>

<div class="flex flex-wrap gap-3">
	<MeasureField
		label="Upper marks, from the floor"
		measure="length"
		value={upper}
		onchange={(kept) => (upper = kept)}
	/>
	<MeasureField label="Lamp centre, from the floor" measure="length" value={lamp} onchange={(kept) => (lamp = kept)} />
</div>
{#if drop !== null && fromFloor !== null}
	<p>
		The cut-off stands {formats.measure('length', fromFloor)} over the floor, {formats.measure(
			'length',
			Math.abs(drop)
		)}
		{drop >= 0 ? 'under' : 'over'} lamp height.
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
		<a class="link" href={`${resolve('/vehicles/[id]/prove/aim', { id: vehicle })}?${query}`}
			>Hold it against its rule</a
		>
	</p>
{:else}
	<p class="text-sm text-soft">With height and distance of the marks the aim is read off the picture.</p>
{/if}
