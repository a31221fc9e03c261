<script lang="ts">
	import { COOLINGS, LIGHT_COLOURS, PRODUCT_MODES, PRODUCT_WIRINGS } from '$lib/core/model/enumerations';
	import { counted } from '$lib/core/quantity';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { MODE_WORDS } from '$lib/core/views/specification';
	import { actionWithAsked, percent } from './cover-words';
	import { page } from '$app/state';

	interface Shared {
		weight: number;
		servedWeight: number;
	}

	/** An offer of a supplier put in before it is bought: how the cover would move. Nothing is kept of it. */
	let {
		start,
		typed,
		refused,
		tried,
		categories
	}: {
		/** What the fields begin with, such as a specification. */
		start: Readonly<Record<string, string>>;
		typed: Readonly<Record<string, string>> | null;
		refused: string | null;
		tried: { before: Shared; after: Shared; sockets: number; vehicles: number; completes: number } | null;
		categories: readonly string[];
	} = $props();

	const value = (name: string) => typed?.[name] ?? start[name] ?? '';
	const NUMBERS = [
		['tone', 'Tone, K or nm'],
		['lumens', 'Light, lm'],
		['minor', 'Dim light, lm'],
		['watts', 'Power, W'],
		['frontLength', 'Length, mm'],
		['frontDiameter', 'Diameter, mm'],
		['rearLength', 'Depth behind, mm'],
		['rearDiameter', 'Diameter behind, mm'],
		['length', 'Over the caps, mm'],
		['voltsFrom', 'Supply from, V'],
		['voltsTo', 'to, V'],
		['limit', 'Body stands, °C']
	] as const;
</script>

<BusyForm action={actionWithAsked(page.url, 'try')} class="grid gap-3">
	{#snippet children(busy)}
		<div class="flex flex-wrap items-end gap-3">
			<label class="grid gap-0.5 text-sm"
				>Lamp category
				<input name="category" class="field w-32" list="try-categories" required value={value('category')} />
			</label>
			<datalist id="try-categories"
				>{#each categories as name (name)}<option value={name}></option>{/each}</datalist
			>
			<label class="grid gap-0.5 text-sm"
				>Colour
				<select name="colour" class="field"
					>{#each LIGHT_COLOURS as colour (colour)}<option selected={colour === value('colour')}>{colour}</option
						>{/each}</select
				>
			</label>
			<label class="grid gap-0.5 text-sm"
				>Brightness
				<select name="modes" class="field"
					>{#each PRODUCT_MODES as mode (mode)}<option value={mode} selected={mode === value('modes')}
							>{MODE_WORDS[mode]}</option
						>{/each}</select
				>
			</label>
			<label class="grid gap-0.5 text-sm"
				>Wiring
				<select name="wiring" class="field"
					><option value="">not said</option>{#each PRODUCT_WIRINGS as wiring (wiring)}<option
							selected={wiring === value('wiring')}>{wiring}</option
						>{/each}</select
				>
			</label>
			<label class="grid gap-0.5 text-sm"
				>Cooled by
				<select name="cooling" class="field"
					>{#each COOLINGS as cooling (cooling)}<option selected={cooling === value('cooling')}>{cooling}</option
						>{/each}</select
				>
			</label>
			{#each NUMBERS as [name, label] (name)}
				<label class="grid gap-0.5 text-sm"
					>{label}
					<input {name} class="field number w-24" inputmode="decimal" value={value(name)} />
				</label>
			{/each}
			<button class="button" data-main disabled={busy}>See what it would bring</button>
		</div>
	{/snippet}
</BusyForm>
{#if refused}<Message text={refused} kept="Nothing was changed." />{/if}
{#if tried}
	<p role="status" class="text-base">
		<strong
			>{percent(tried.before.servedWeight, tried.before.weight)} becomes {percent(
				tried.after.servedWeight,
				tried.after.weight
			)}</strong
		>: closes {counted(tried.sockets, 'socket')} on {counted(tried.vehicles, 'vehicle')}, completes {counted(
			tried.completes,
			'kit'
		)}.
	</p>
{/if}
