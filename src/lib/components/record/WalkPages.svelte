<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';

	/** The pages of the walk stage. */
	let { id, view = '' }: { id: string; view?: string } = $props();

	const socket = $derived(page.params.socket);
	const pages = $derived([
		{ name: 'Rota', key: 'walk', href: resolve('/vehicles/[id]/walk/[[socket]]', { id, socket }) },
		{ name: 'List', key: 'list', href: `${resolve('/vehicles/[id]/walk/[[socket]]', { id, socket })}?view=list` },
		{ name: 'Clearance', key: 'room', href: `${resolve('/vehicles/[id]/walk/[[socket]]', { id, socket })}?view=room` },
		{ name: 'Outputs', key: 'channels', href: resolve('/vehicles/[id]/channels/[[channel]]', { id }) },
		{ name: 'Way in', key: 'access', href: resolve('/vehicles/[id]/access/[[operation]]', { id }) },
		{ name: 'Sister', key: 'sister', href: resolve('/vehicles/[id]/sister', { id }) },
		{ name: 'Spreadsheet', key: 'sheet', href: resolve('/vehicles/[id]/sheet', { id }) },
		{ name: 'History', key: 'history', href: resolve('/vehicles/[id]/history', { id }) }
	]);
	const here = $derived(view || (page.route.id?.split('/')[3] ?? ''));
</script>

<nav aria-label="Pages of the walk" class="flex flex-wrap gap-1">
	{#each pages as { name, key, href } (key)}
		<!-- eslint-disable svelte/no-navigation-without-resolve (resolved above) -->
		<a
			{href}
			class="chip grid place-items-center"
			data-sveltekit-noscroll
			aria-current={key === here ? 'true' : undefined}>{name}</a
		>
		<!-- eslint-enable svelte/no-navigation-without-resolve -->
	{/each}
</nav>
