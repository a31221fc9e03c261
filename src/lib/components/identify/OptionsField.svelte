<script lang="ts">
	/** Factory options that change lamps: the usual two by name, others by a name of their own. */
	let { options }: { options: Record<string, unknown> } = $props();

	const USUAL = [
		{ id: 'headlamp', label: 'Headlamps', values: ['reflector', 'projector', 'LED', 'discharge'] },
		{ id: 'fog', label: 'Front fog lamps', values: ['halogen', 'LED', 'none'] }
	] as const;
	const isUsual = (name: string) => USUAL.some(({ id }) => id === name);

	let usual = $derived<Record<string, string>>(
		Object.fromEntries(USUAL.map(({ id }) => [id, options[id] === undefined ? '' : String(options[id])]))
	);
	let others = $derived(
		Object.entries(options)
			.filter(([name]) => !isUsual(name))
			.map(([name, value]) => ({ name, value: String(value) }))
	);
	/** A value of the usual options that is not among the usual ones stays to be chosen. */
	const valuesOf = ({ id, values }: (typeof USUAL)[number]) => {
		const here = options[id] === undefined ? '' : String(options[id]);
		return here && !(values as readonly string[]).includes(here) ? [...values, here] : values;
	};
	const written = $derived(
		[...Object.entries(usual), ...others.map(({ name, value }) => [name.trim(), value.trim()])]
			.filter(([name, value]) => name && value)
			.map(([name, value]) => `${name}=${value}`)
			.join('\n')
	);
	const change = (i: number, what: Partial<{ name: string; value: string }>) =>
		(others = others.map((other, at) => (at === i ? { ...other, ...what } : other)));
</script>

<input type="hidden" name="options" value={written} />
{#each USUAL as option (option.id)}
	<label class="grid gap-0.5 text-sm text-soft"
		>{option.label}
		<select
			class="field text-base text-ink"
			value={usual[option.id]}
			onchange={(event) => (usual = { ...usual, [option.id]: event.currentTarget.value })}
		>
			<option value="">not known</option>
			{#each valuesOf(option) as value (value)}<option>{value}</option>{/each}
		</select></label
	>
{/each}
<fieldset class="grid content-start gap-1 text-sm text-soft">
	<legend>Other options that change lamps</legend>
	{#each others as other, i (i)}
		<span class="flex gap-1">
			<input
				class="field w-1/2 text-base text-ink"
				aria-label={`Name of option ${i + 1}`}
				placeholder="rear lamps"
				value={other.name}
				oninput={(event) => change(i, { name: event.currentTarget.value })}
			/>
			<input
				class="field w-1/2 text-base text-ink"
				aria-label={`Value of option ${i + 1}`}
				placeholder="LED"
				value={other.value}
				oninput={(event) => change(i, { value: event.currentTarget.value })}
			/>
		</span>
	{/each}
	<button
		type="button"
		class="button justify-self-start"
		onclick={() => (others = [...others, { name: '', value: '' }])}>Another option</button
	>
</fieldset>
