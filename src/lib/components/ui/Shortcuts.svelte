<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { Dialog } from 'bits-ui';
	import {
		isPressed,
		isTyping,
		keyText,
		PLACES,
		roomAfterLeader,
		SHORTCUTS,
		type Shortcut
	} from '$lib/client/shortcuts';

	/** Keys that work everywhere, and the sheet of all there are. */
	let open = $state(false);
	let leader = false;

	function key(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
		const room = leader ? roomAfterLeader(event) : null;
		leader = event.key === 'g';
		if (room) {
			event.preventDefault();
			void goto(resolve(room));
		} else if (isPressed('line', event)) {
			event.preventDefault();
			const field = document.querySelector<HTMLInputElement>('[data-line], input[type="search"]');
			if (field) field.focus();
			else void goto(resolve('/'));
		} else if (isPressed('sheet', event)) open = true;
	}

	const all: readonly Shortcut[] = Object.values(SHORTCUTS);
	const groups = PLACES.map((where) => ({ where, list: all.filter((shortcut) => shortcut.where === where) }));
</script>

<svelte:window onkeydown={key} />

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 bg-black/50" />
		<Dialog.Content
			class="panel fixed top-1/2 left-1/2 max-h-[92vh] w-[min(44rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto p-5"
		>
			<Dialog.Title class="mb-3 text-lg font-semibold">Keys</Dialog.Title>
			<div class="gap-x-8 sm:columns-2">
				{#each groups as { where, list } (where)}
					<section class="mb-3 break-inside-avoid">
						<h3 class="mb-1 font-medium first-letter:capitalize">{where}</h3>
						<dl class="grid grid-cols-[5.5rem_1fr] gap-x-3 gap-y-0.5 text-sm">
							{#each list as { keys, does } (does)}
								<dt>
									{#each keys as way (way)}<kbd
											class="mr-1 inline-block rounded border border-line bg-raised px-1.5 font-sans"
											>{keyText(way)}</kbd
										>{/each}
								</dt>
								<dd>{does}</dd>
							{/each}
						</dl>
					</section>
				{/each}
			</div>
			<Dialog.Close class="button mt-4">Close</Dialog.Close>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
