<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import Message from '$lib/components/ui/Message.svelte';
</script>

<svelte:head><title>Error {page.status} · Rotalux</title></svelte:head>

<main class="page page-reading">
	<h1>This did not work</h1>
	<Message text={page.error?.message ?? 'Something went wrong.'} kept={page.error?.kept} />
	{#if page.error?.request}<p class="text-sm text-soft">Request {page.error.request}</p>{/if}
	<p><a class="link" href={resolve('/')}>Back to the counter</a></p>
</main>
