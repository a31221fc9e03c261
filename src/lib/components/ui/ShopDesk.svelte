<script lang="ts">
	import { resetMode, setMode } from 'mode-watcher';
	import type { HelpPart } from '$lib/client/help-topics';
	import type { Deed } from '$lib/client/commands';
	import CommandBar from '../command/CommandBar.svelte';
	import HelpSheet from '../help/HelpSheet.svelte';
	import Keys from './Keys.svelte';

	/** What is at hand on every page of the shop: keys, command bar, help. */
	let bar = $state(false);
	let help = $state(false);
	let part = $state<HelpPart>('page');

	function openHelp(which: HelpPart): void {
		part = which;
		help = true;
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
		help: () => openHelp('page'),
		keys: () => openHelp('keys'),
		words: () => openHelp('words')
	};
</script>

<Keys onhelp={() => openHelp('page')} />
<CommandBar bind:open={bar} ondeed={(deed) => DEEDS[deed]()} />
<HelpSheet bind:open={help} bind:part />
