<script lang="ts">
	import { untrack } from 'svelte';
	import { decimal, readNumber, type Measure } from '$lib/core/quantity';
	import { shopFormats } from './shop-formats';

	/** A field for something that is measured, in the unit of the shop; what it hands out is kept in the metric unit. */
	let {
		label,
		measure,
		value,
		hint = '',
		doubt = null,
		class: more = '',
		onchange
	}: {
		label: string;
		measure: Measure;
		/** Kept value: lx, m, mm or C; null while nothing is entered. */
		value: number | null;
		hint?: string;
		/** What makes it look like another number that was meant. */
		doubt?: string | null;
		class?: string;
		onchange: (kept: number | null) => void;
	} = $props();

	const formats = shopFormats();
	const { unit, digits } = $derived(formats.unit(measure));
	const written = (kept: number | null) => (kept === null ? '' : decimal(formats.shown(measure, kept), digits + 1));
	let text = $state(untrack(() => written(value)));
	let wrong = $state(false);
	const id = $props.id();

	/** A value that comes from elsewhere is written; what somebody just typed stays as typed. */
	let given = untrack(() => value);
	$effect.pre(() => {
		if (value === given) return;
		given = value;
		text = written(value);
		wrong = false;
	});

	function typed(event: Event & { currentTarget: HTMLInputElement }): void {
		text = event.currentTarget.value;
		const read = readNumber(text);
		wrong = text.trim() !== '' && read === null;
		const kept = read === null ? null : formats.kept(measure, read);
		given = kept;
		onchange(kept);
	}
</script>

<div class={['grid gap-0.5', more]}>
	<label class="text-sm text-soft" for={id}>{label}, {unit}</label>
	<input
		{id}
		class="field w-28 text-right"
		inputmode="decimal"
		autocomplete="off"
		value={text}
		oninput={typed}
		aria-invalid={wrong}
		aria-describedby={wrong || doubt || hint ? `${id}-words` : undefined}
	/>
	{#if wrong || doubt || hint}
		<span id={`${id}-words`} class={['text-sm', wrong || doubt ? 'text-refuse' : 'text-soft']}
			>{wrong ? 'That is no number.' : (doubt ?? hint)}</span
		>
	{/if}
</div>
