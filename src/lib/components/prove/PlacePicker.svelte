<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import type { ProvePlace } from '$lib/core/views';
	import { askedAs, type Asked, type OfferedLamp } from './asked';

	/** Which place is measured, and which lamp is in it. */
	let {
		asked,
		places,
		lamps,
		stock = true,
		sides = true,
		side = $bindable('')
	}: {
		asked: Asked;
		places: readonly ProvePlace[];
		lamps: Readonly<Record<string, readonly OfferedLamp[]>>;
		/** Whether the lamp the vehicle came with can be chosen. */
		stock?: boolean;
		/** Whether it matters which side is measured. */
		sides?: boolean;
		/** Socket that is measured, of a left and a right one. */
		side?: string;
	} = $props();

	const offered = $derived(asked.place ? (lamps[asked.place.socket] ?? []) : []);
	const known = $derived(asked.lamp === null || offered.some(({ id }) => id === asked.lamp));
	// eslint-disable-next-line svelte/no-navigation-without-resolve -- a query on this very page
	const go = (query: string) => goto(query, { replaceState: true, keepFocus: true, noScroll: true });
	const SIDES = ['left', 'right'];

	$effect.pre(() => {
		if (asked.place && !asked.place.sockets.includes(side)) side = asked.place.socket;
	});
</script>

<div class="flex flex-wrap items-end gap-3">
	<label class="grid gap-0.5 text-sm text-soft"
		>Place
		<select
			class="field text-base text-ink"
			value={asked.place?.socket ?? ''}
			onchange={(event) => go(askedAs(page.url, { place: event.currentTarget.value }))}
		>
			{#each places as place (place.socket)}<option value={place.socket}>{place.name}</option>{/each}
		</select></label
	>
	{#if sides && asked.place && asked.place.sockets.length > 1}
		<span class="flex gap-1" role="group" aria-label="Side">
			{#each asked.place.sockets as socket, i (socket)}
				<button type="button" class="chip min-h-9! px-3!" aria-pressed={side === socket} onclick={() => (side = socket)}
					>{SIDES[i] ?? socket}</button
				>
			{/each}
		</span>
	{/if}
	<label class="grid min-w-0 gap-0.5 text-sm text-soft"
		>Lamp in it
		<select
			class="field max-w-80 text-base text-ink"
			value={asked.lamp ?? 'stock'}
			onchange={(event) =>
				go(askedAs(page.url, { lamp: event.currentTarget.value === 'stock' ? null : event.currentTarget.value }))}
		>
			{#if stock}<option value="stock">The lamp it came with</option>{/if}
			{#each offered as lamp (lamp.id)}<option value={lamp.id}>{lamp.maker} {lamp.name}</option>{/each}
			{#if !known}<option value={asked.lamp}>{asked.lamp}</option>{/if}
		</select></label
	>
</div>
