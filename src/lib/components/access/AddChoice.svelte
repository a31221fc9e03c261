<script lang="ts">
	/** A field that adds one of several things. */
	let {
		label,
		choices,
		onadd
	}: { label: string; choices: { value: string; text: string }[]; onadd: (value: string) => void } = $props();

	let value = $state('');

	function add(): void {
		if (value !== '') onadd(value);
		value = '';
	}
</script>

{#if choices.length > 0}
	<select class="field w-44" aria-label={label} bind:value onchange={add}>
		<option value="">add…</option>
		{#each choices as choice (choice.value)}<option value={choice.value}>{choice.text}</option>{/each}
	</select>
{/if}
