<script lang="ts">
	import { untrack } from 'svelte';

	/** A field that searches while somebody types, after a short pause. What they type is theirs: an answer to what stood there before does not write over it. */
	let {
		typed,
		label,
		placeholder,
		name,
		class: more = '',
		ontyped
	}: {
		/** What the answer on the screen was asked with. */
		typed: string;
		label: string;
		placeholder: string;
		name?: string;
		class?: string;
		ontyped: (typed: string) => void;
	} = $props();

	const PAUSE_MS = 130;
	const first = untrack(() => typed);
	let field = $state<HTMLInputElement>();
	let timer: ReturnType<typeof setTimeout> | undefined;

	$effect(() => {
		const said = typed;
		if (field && document.activeElement !== field) field.value = said;
	});

	function soon(event: Event & { currentTarget: HTMLInputElement }): void {
		const { value } = event.currentTarget;
		clearTimeout(timer);
		timer = setTimeout(() => ontyped(value), PAUSE_MS);
	}
</script>

<input
	type="search"
	{name}
	class={['field', more]}
	aria-label={label}
	{placeholder}
	value={first}
	bind:this={field}
	oninput={soon}
/>
