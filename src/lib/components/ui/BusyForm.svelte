<script lang="ts">
	import type { Snippet } from 'svelte';
	import { enhance } from '$app/forms';
	import { sawHere } from './saw';

	/** A form that keeps what was typed, and lets its fields say that an answer is under way. */
	let {
		action,
		class: more = '',
		upload = false,
		children
	}: { action?: string; class?: string; upload?: boolean; children: Snippet<[busy: boolean]> } = $props();

	const saw = sawHere();
	let busy = $state(false);
</script>

<form
	method="post"
	{action}
	enctype={upload ? 'multipart/form-data' : undefined}
	class={more}
	use:enhance={() => {
		busy = true;
		return async ({ update }) => {
			await update({ reset: false });
			busy = false;
		};
	}}
>
	{#if saw}<input type="hidden" name="saw" value={saw()} />{/if}
	{@render children(busy)}
</form>
