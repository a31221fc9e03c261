<script lang="ts">
	/** A field that adds one thing in words. */
	let {
		label,
		placeholder = '',
		known = [],
		onadd
	}: {
		label: string;
		placeholder?: string;
		known?: readonly string[];
		onadd: (text: string) => string | null;
	} = $props();

	const uid = $props.id();
	let text = $state('');
	let wrong = $state<string | null>(null);

	function add(event: SubmitEvent): void {
		event.preventDefault();
		if (text.trim() === '') return;
		wrong = onadd(text.trim());
		if (wrong === null) text = '';
	}
</script>

<form class="flex items-center gap-1" onsubmit={add}>
	<input
		class="field w-44"
		aria-label={label}
		{placeholder}
		bind:value={text}
		list={known.length > 0 ? `${uid}-known` : undefined}
	/>
	<button class="button">Add</button>
	{#if known.length > 0}
		<datalist id={`${uid}-known`}
			>{#each known as word (word)}<option value={word}></option>{/each}</datalist
		>
	{/if}
	{#if wrong}<span class="text-refuse" role="alert">{wrong}</span>{/if}
</form>
