<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import TypedField from './TypedField.svelte';

	/** Words a list is searched for as they are typed; kept in the address. */
	let { label, placeholder, typed }: { label: string; placeholder: string; typed: string } = $props();

	function search(words: string): void {
		const asked = [...page.url.searchParams].filter(([name]) => name !== 'q' && name !== 'page');
		const query = new URLSearchParams([...asked, ...(words.trim() ? [['q', words]] : [])]).toString();
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- this page, with other words
		void goto(`${page.url.pathname}${query ? `?${query}` : ''}`, {
			replaceState: true,
			keepFocus: true,
			noScroll: true
		});
	}
</script>

<form class="no-print" role="search">
	<TypedField name="q" class="w-72" {label} {placeholder} {typed} ontyped={search} />
</form>
