<script lang="ts">
	import './layout.css';
	import { ModeWatcher } from 'mode-watcher';
	import Rail from '$lib/components/ui/Rail.svelte';
	import { provideRefused } from '$lib/components/ui/refused-here';
	import { provideShop } from '$lib/components/ui/shop-formats';
	import ShopDesk from '$lib/components/ui/ShopDesk.svelte';

	import { page } from '$app/state';

	let { data, children } = $props();
	provideShop(() => data);
	provideRefused(() => ({ address: page.url, refused: data.refused }));

	/** Pages for customers and for the bay stand alone, without the rooms of the shop. */
	const alone = $derived(
		page.route.id?.startsWith('/k/') ||
			page.route.id === '/fittings/[fitting]' ||
			(page.route.id === '/sign-in' && data.guarded && data.role === null)
	);
</script>

<ModeWatcher defaultMode="system" disableHeadScriptInjection />
<a href="#content" class="button sr-only focus:not-sr-only focus:absolute focus:z-10">Skip to the content</a>
{#if alone}
	<div id="content">{@render children()}</div>
{:else}
	<div class="flex min-h-screen max-sm:flex-col">
		<Rail
			demo={data.demo}
			practice={data.practiceShop}
			back={data.back}
			person={data.person}
			guarded={data.guarded}
			role={data.role}
			branch={data.branch}
		/>
		<div id="content" class="min-w-0 grow">{@render children()}</div>
	</div>
	<ShopDesk />
{/if}
