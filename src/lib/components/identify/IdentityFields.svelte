<script lang="ts">
	import { MARKETS } from '$lib/core/lamps';
	import { VEHICLE_KINDS } from '$lib/core/model/enumerations';
	import ChipsField from '../ui/ChipsField.svelte';
	import OptionsField from './OptionsField.svelte';
	import type { Identity } from '$lib/core/record';

	/** Sentences stand one on a line. */
	const NEW_LINE = '\n';

	/** The fields that say which vehicle this is; `first` when they are what the page is for. */
	let { identity = {}, first = false }: { identity?: Partial<Identity>; first?: boolean } = $props();
</script>

{#snippet text(name: string, label: string, value: string | undefined, hint: string, required = false)}
	<label class="grid gap-0.5 text-sm text-soft"
		>{label}
		<!-- svelte-ignore a11y_autofocus (where the page is one form) -->
		<input
			autofocus={first && name === 'make'}
			{name}
			class="field text-base text-ink"
			{value}
			placeholder={hint}
			{required}
			autocomplete="off"
		/>
	</label>
{/snippet}

<div class="grid grid-cols-1 gap-3 md:grid-cols-3">
	{@render text('make', 'Make', identity.make, 'Fenholm', true)}
	{@render text('model', 'Model', identity.model, 'Skerry', true)}
	{@render text('generation', 'Generation', identity.generation, 'II')}
	{@render text('from', 'First model year', identity.years?.[0].toString(), '2017')}
	{@render text('to', 'Last model year', identity.years?.[1].toString(), '2021')}
	{@render text('body', 'Body', identity.body, 'hatchback')}
	<label class="grid gap-0.5 text-sm text-soft"
		>Kind <select name="kind" class="field text-base text-ink" value={identity.kind ?? 'car'}>
			{#each VEHICLE_KINDS as kind (kind)}<option>{kind}</option>{/each}
		</select></label
	>
	<label class="grid gap-0.5 text-sm text-soft"
		>Market <select name="market" class="field text-base text-ink" value={identity.market ?? 'UN'}>
			{#each Object.entries(MARKETS) as [id, market] (id)}<option value={id}>{id}, {market.name}</option>{/each}
		</select></label
	>
	<label class="grid gap-0.5 text-sm text-soft"
		>Steering wheel <select name="steering" class="field text-base text-ink" value={identity.steering ?? ''}>
			<option value="">not known</option><option value="left">left</option><option value="right">right</option>
		</select></label
	>
	<OptionsField options={identity.options ?? {}} />
	<ChipsField
		name="names"
		label="Also called"
		value={identity.names?.join(', ')}
		separator=", "
		placeholder="Skerry Hatch"
	/>
	<ChipsField
		name="tells"
		label="How to know it by looking"
		value={(identity.tells ?? []).join('\n')}
		separator={NEW_LINE}
		byComma={false}
		placeholder="A round lens in front of the low-beam lamp"
	/>
</div>
