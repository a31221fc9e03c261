<script lang="ts">
	import { onMount } from 'svelte';
	import { resetMode, setMode } from 'mode-watcher';
	import type { Deed } from '$lib/client/commands';
	import type { HelpPart } from '$lib/client/help-topics';
	import Keys from './Keys.svelte';

	/** What is at hand on every page of the shop: keys, command bar, help. The bar and the help come after the page itself. */
	let bar = $state(false);
	let help = $state(false);
	let part = $state<HelpPart>('page');

	const loaded = () =>
		Promise.all([import('../command/CommandBar.svelte'), import('../help/HelpSheet.svelte')]).then(
			([{ default: CommandBar }, { default: HelpSheet }]) => ({ CommandBar, HelpSheet })
		);
	let parts = $state.raw<Awaited<ReturnType<typeof loaded>> | null>(null);
	const ready = async () => (parts ??= await loaded());

	onMount(() => {
		const idle = window.requestIdleCallback ?? ((work: () => void) => window.setTimeout(work, 500));
		idle(() => void ready());
	});

	async function openHelp(which: HelpPart): Promise<void> {
		part = which;
		await ready();
		help = true;
	}
	async function turnBar(): Promise<void> {
		await ready();
		bar = !bar;
	}

	/** Records listen to these keys themselves. */
	const press = (key: string) => window.dispatchEvent(new KeyboardEvent('keydown', { key, ctrlKey: true }));

	const DEEDS: Readonly<Record<Deed, () => void>> = {
		light: () => setMode('light'),
		dark: () => setMode('dark'),
		system: () => resetMode(),
		undo: () => press('z'),
		redo: () => press('y'),
		print: () => window.print(),
		help: () => void openHelp('page'),
		keys: () => void openHelp('keys'),
		words: () => void openHelp('words')
	};
</script>

<Keys onhelp={() => void openHelp('page')} onbar={() => void turnBar()} />
{#if parts}
	{@const { CommandBar, HelpSheet } = parts}
	<CommandBar bind:open={bar} ondeed={(deed) => DEEDS[deed]()} />
	<HelpSheet bind:open={help} bind:part />
{/if}
