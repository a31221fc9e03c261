<script lang="ts">
	import type { Fact } from '$lib/core/model';

	/** One of the choices of a fact, picked by its drawing. Nothing picked means not known. */
	let {
		value = $bindable(),
		fact,
		strokes,
		label
	}: { value: string; fact: Fact; strokes: Readonly<Record<string, string>>; label: string } = $props();

	const kinds = $derived([
		...Object.entries(fact.choices ?? {}).map(([kind, choice]) => ({
			kind,
			label: choice.label,
			path: strokes[kind] ?? ''
		})),
		{ kind: '', label: 'not known', path: '' }
	]);

	const uid = $props.id();
</script>

<fieldset>
	<legend class="text-sm text-soft">{label}</legend>
	<div class="flex flex-wrap gap-1">
		{#each kinds as { kind, label: word, path } (kind)}
			<label
				class="grid min-h-11 cursor-pointer place-items-center rounded border border-line px-1.5 text-sm has-checked:border-sea has-checked:bg-sea-wash has-focus-visible:outline-2 has-focus-visible:outline-sea"
			>
				<input type="radio" name={`${uid}-kind`} value={kind} bind:group={value} class="sr-only" />
				<svg viewBox="0 0 48 32" class="h-7 w-11" aria-hidden="true">
					{#if path}<path d={path} fill="none" stroke="currentColor" stroke-width="1.6" />
					{:else}<text x="24" y="22" text-anchor="middle" fill="currentColor" font-size="18">?</text>{/if}
				</svg>
				{word}
			</label>
		{/each}
	</div>
</fieldset>
