<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Deed } from '$lib/client/commands';
	import CommandList from './CommandList.svelte';

	/** The command bar: a few letters of any vehicle, socket, product, kit, page or deed. */
	let { open = $bindable(false), ondeed }: { open?: boolean; ondeed: (deed: Deed) => void } = $props();
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 z-30 bg-black/50" />
		<Dialog.Content
			class="panel fixed top-[12vh] left-1/2 z-30 w-[min(38rem,94vw)] -translate-x-1/2 overflow-hidden"
			aria-label="Command bar"
		>
			<Dialog.Title class="sr-only">Command bar</Dialog.Title>
			<CommandList ondone={() => (open = false)} {ondeed} />
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
