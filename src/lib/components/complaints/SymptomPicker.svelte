<script lang="ts">
	import type { SymptomId } from '$lib/core/model';
	import SymptomMark from './SymptomMark.svelte';
	import { addSighting, GROUP_WORDS, type Choice, type PickedSighting } from './picked';

	/** Symptoms chosen from pictures and words, each with the mode and the place it was seen at. */
	let {
		choices,
		modes,
		places,
		picked = $bindable([])
	}: {
		choices: Choice[];
		/** Modes that do something on this vehicle. */
		modes: { id: string; label: string }[];
		/** Lamps of the vehicle; empty where it is not on record. */
		places: { id: string; name: string }[];
		picked?: PickedSighting[];
	} = $props();

	const groups = $derived(
		Object.entries(GROUP_WORDS).map(([id, words]) => ({ id, words, list: choices.filter(({ group }) => group === id) }))
	);
	const labelOf = (id: SymptomId) => choices.find((one) => one.id === id)?.label ?? id;
	const count = (id: SymptomId) => picked.filter(({ symptom }) => symptom === id).length;

	function pick(choice: Choice): void {
		picked = addSighting(picked, choice, modes);
	}
</script>

<input type="hidden" name="seen" value={JSON.stringify(picked.map(({ key: _key, ...one }) => one))} />
{#each groups as group (group.id)}
	{#if group.list.length > 0}
		<fieldset>
			<legend class="text-sm font-medium text-soft">{group.words}</legend>
			<div class="mt-1 flex flex-wrap gap-1.5">
				{#each group.list as choice (choice.id)}
					<button
						type="button"
						class="chip flex min-h-11! items-center gap-2 px-2! text-left"
						aria-pressed={count(choice.id) > 0}
						onclick={() => pick(choice)}
						><SymptomMark symptom={choice.id} />{choice.label}{count(choice.id) > 1
							? ` (${count(choice.id)})`
							: ''}</button
					>
				{/each}
			</div>
		</fieldset>
	{/if}
{/each}
{#if picked.length > 0}
	<ol class="grid gap-2" aria-label="What was seen">
		{#each picked as one, i (one.key)}
			<li class="panel grid items-end gap-2 p-2 sm:grid-cols-[minmax(0,1fr)_11rem_minmax(0,14rem)_auto]">
				<span class="flex min-h-9 items-center gap-2 font-medium"
					><SymptomMark symptom={one.symptom} />{labelOf(one.symptom)}</span
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>With
					<select class="field text-base text-ink" bind:value={picked[i]!.mode}>
						<option value="">not said</option>
						{#each modes as mode (mode.id)}<option value={mode.id}>{mode.label}</option>{/each}
					</select></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Where
					<select class="field text-base text-ink" bind:value={picked[i]!.place}>
						<option value="">not said</option>
						<option value="left">on the left</option>
						<option value="right">on the right</option>
						{#each places as place (place.id)}<option value={`socket:${place.id}`}>{place.name}</option>{/each}
					</select></label
				>
				<button
					type="button"
					class="button"
					aria-label={`Take out: ${labelOf(one.symptom)}`}
					onclick={() => (picked = picked.filter((other) => other.key !== one.key))}>Take out</button
				>
			</li>
		{/each}
	</ol>
{/if}
