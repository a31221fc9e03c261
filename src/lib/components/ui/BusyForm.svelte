<script lang="ts">
	import type { Snippet } from 'svelte';
	import { enhance } from '$app/forms';

	/** A form that keeps what was typed, and lets its fields say that an answer is under way. */
	let {
		action,
		class: more = '',
		upload = false,
		children
	}: { action?: string; class?: string; upload?: boolean; children: Snippet<[busy: boolean]> } = $props();

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
	{@render children(busy)}
</form>
