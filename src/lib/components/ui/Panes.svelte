<script lang="ts">
	import { Pane, PaneGroup, PaneResizer } from 'paneforge';
	import type { Snippet } from 'svelte';

	/**
	 * Panels beside each other whose widths a person sets, by pointer or by arrow keys on the bar between them; this browser remembers
	 * them. On a narrow screen they stand one below the other. One panel may take the whole page for a while.
	 */
	let {
		name,
		panes,
		grown = null
	}: {
		/** Under which the widths are remembered. */
		name: string;
		panes: readonly { id: string; label: string; size: number; least: number; content: Snippet }[];
		/** The panel that takes the whole page. */
		grown?: string | null;
	} = $props();
</script>

<PaneGroup
	direction="horizontal"
	autoSaveId={`rotalux-${name}`}
	class="max-lg:h-auto! max-lg:flex-col! max-lg:gap-3 max-lg:overflow-visible!"
>
	{#each panes as pane, i (pane.id)}
		{#if i > 0}
			<PaneResizer
				class={['group grid w-3 place-items-center max-lg:hidden!', grown !== null && 'hidden!']}
				aria-label={`Width of ${pane.label}`}
			>
				<span class="h-8 w-1 rounded bg-line group-hover:bg-sea group-focus-visible:bg-sea" aria-hidden="true"></span>
			</PaneResizer>
		{/if}
		<Pane
			defaultSize={pane.size}
			minSize={pane.least}
			order={i}
			class={[
				'flex min-w-0 flex-col max-lg:flex-none! max-lg:overflow-visible!',
				grown !== null && grown !== pane.id && 'lg:hidden!'
			]}
		>
			{@render pane.content()}
		</Pane>
	{/each}
</PaneGroup>
