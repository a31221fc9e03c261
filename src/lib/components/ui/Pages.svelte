<script lang="ts">
	import { page } from '$app/state';

	/** Where one is in a long list, and the way on and back. Nothing where all of it is in sight. */
	let { from, each, total }: { from: number; each: number; total: number } = $props();

	const number = $derived(Math.floor(from / each) + 1);
	const last = $derived(Math.max(1, Math.ceil(total / each)));
	const to = (next: number) => {
		const asked = [...page.url.searchParams].filter(([name]) => name !== 'page');
		return `?${new URLSearchParams([...asked, ['page', String(next)]]).toString()}`;
	};
</script>

{#if last > 1}
	<nav class="no-print flex flex-wrap items-center gap-3" aria-label="Pages of the list">
		<!-- eslint-disable svelte/no-navigation-without-resolve -- this page, with another part of its list -->
		{#if number > 1}<a class="link" rel="prev" href={to(number - 1)}>Previous</a>{/if}
		<span class="number"
			>{Math.min(from + 1, total)} to {Math.min(from + each, total)} of {total.toLocaleString('en')}</span
		>
		{#if number < last}<a class="link" rel="next" href={to(number + 1)}>Next</a>{/if}
		<!-- eslint-enable -->
	</nav>
{/if}
