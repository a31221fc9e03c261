<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { navigating, page } from '$app/state';
	import { ProveDesk, setProveDesk } from '$lib/client/prove-desk.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, children } = $props();

	const id = $derived(data.vehicle.id);
	/** Somebody may be on the way to another page while something is kept: what that page has read is older. */
	async function refresh(): Promise<void> {
		await navigating.complete;
		await invalidateAll();
	}

	const desk = setProveDesk(
		new ProveDesk({
			proofs: () => resolve('/vehicles/[id]/prove/proofs', { id }),
			pictures: () => resolve('/vehicles/[id]/prove/pictures', { id }),
			fetch: (...request) => fetch(...request),
			refresh,
			uid: () => Array.from(crypto.getRandomValues(new Uint32Array(2)), (n) => n.toString(36)).join('')
		})
	);

	const pages = $derived([
		{ name: 'Overview', route: '/vehicles/[id]/prove', href: resolve('/vehicles/[id]/prove', { id }) },
		{ name: 'Modes', route: '/vehicles/[id]/prove/modes', href: resolve('/vehicles/[id]/prove/modes', { id }) },
		{ name: 'Light', route: '/vehicles/[id]/prove/light', href: resolve('/vehicles/[id]/prove/light', { id }) },
		{ name: 'Beam', route: '/vehicles/[id]/prove/beam', href: resolve('/vehicles/[id]/prove/beam', { id }) },
		{ name: 'Aim', route: '/vehicles/[id]/prove/aim', href: resolve('/vehicles/[id]/prove/aim', { id }) },
		{ name: 'Temperature', route: '/vehicles/[id]/prove/heat', href: resolve('/vehicles/[id]/prove/heat', { id }) },
		{ name: 'Beam check', route: '/vehicles/[id]/prove/check', href: resolve('/vehicles/[id]/prove/check', { id }) }
	]);
	/** Kit and place go along from page to page. */
	const asked = $derived(page.url.search);
</script>

<div class="flex h-full flex-col gap-2 p-3">
	<nav class="flex flex-wrap items-center gap-1" aria-label="What is proved">
		{#each pages as one (one.route)}
			<!-- eslint-disable svelte/no-navigation-without-resolve (resolved above) -->
			<a
				class="chip inline-flex min-h-9! items-center px-3!"
				href={`${one.href}${asked}`}
				aria-current={page.route.id === one.route ? 'page' : undefined}>{one.name}</a
			>
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		{/each}
	</nav>
	{#if desk.trouble}<Message text={desk.trouble} kept="Nothing was lost." />{/if}
	{#if desk.taught.length > 0}
		<div class="panel border-sea! p-3" role="status">
			<p class="font-medium">Learned from it, and on record now:</p>
			<ul class="list-disc pl-5">
				{#each desk.taught as words (words)}<li>{words}</li>{/each}
			</ul>
		</div>
	{/if}
	<div class="min-h-0 grow">{@render children()}</div>
</div>
