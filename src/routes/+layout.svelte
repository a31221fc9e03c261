<script lang="ts">
	import './layout.css';
	import { ModeWatcher } from 'mode-watcher';
	import Rail from '$lib/components/ui/Rail.svelte';
	import Shortcuts from '$lib/components/ui/Shortcuts.svelte';

	let { data, children } = $props();
</script>

<ModeWatcher defaultMode="dark" />
<a href="#content" class="button sr-only focus:not-sr-only focus:absolute focus:z-10">Skip to the content</a>
<div class="flex min-h-screen">
	<Rail demo={data.demo} person={data.person} />
	<div id="content" class="min-w-0 grow">{@render children()}</div>
</div>
<Shortcuts />
