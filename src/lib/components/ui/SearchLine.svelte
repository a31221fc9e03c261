<script lang="ts">
	import { goto } from '$app/navigation';
	import { untrack } from 'svelte';
	import { page } from '$app/state';

	/** Words a list is searched for as they are typed; kept in the address. */
	let { label, placeholder, typed }: { label: string; placeholder: string; typed: string } = $props();

	// What somebody is typing is theirs: an answer to what they had typed before does not write over it.
	const first = untrack(() => typed);
	let field = $state<HTMLInputElement>();
	$effect(() => {
		const said = typed;
		if (field && document.activeElement !== field) field.value = said;
	});

	const PAUSE_MS = 150;
	let timer: ReturnType<typeof setTimeout> | undefined;

	function search(event: Event & { currentTarget: HTMLInputElement }): void {
		const { value } = event.currentTarget;
		clearTimeout(timer);
		timer = setTimeout(() => {
			const asked = [...page.url.searchParams].filter(([name]) => name !== 'q' && name !== 'page');
			const query = new URLSearchParams([...asked, ...(value.trim() ? [['q', value]] : [])]).toString();
			// eslint-disable-next-line svelte/no-navigation-without-resolve -- this page, with other words
			void goto(`${page.url.pathname}${query ? `?${query}` : ''}`, {
				replaceState: true,
				keepFocus: true,
				noScroll: true
			});
		}, PAUSE_MS);
	}
</script>

<form class="no-print" role="search">
	<input
		type="search"
		name="q"
		class="field w-72"
		aria-label={label}
		{placeholder}
		value={first}
		bind:this={field}
		oninput={search}
	/>
</form>
