<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import CoverMatrix from '$lib/components/cover/CoverMatrix.svelte';
	import { withAsked } from '$lib/components/cover/cover-words';

	let { data } = $props();
</script>

<svelte:head><title>Categories · Cover · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve -- addresses of this room, resolved before the question is added -->
{#if data.matrix}
	<div class="flex flex-wrap items-center gap-4">
		<h2>Lamp category by function: sockets served, of all</h2>
		<a
			class="link ml-auto text-sm"
			href={withAsked(page.url, resolve('/cover/[table].csv', { table: 'categories' }), {})}>CSV</a
		>
	</div>
	<CoverMatrix functions={data.matrix.functions} rows={data.matrix.rows} />
{/if}
<!-- eslint-enable -->
