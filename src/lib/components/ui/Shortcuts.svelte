<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { Dialog } from 'bits-ui';
	import { ROOMS } from './rooms';

	/** Keys that work everywhere: `/` to the counter line, `g` and a letter to a room, `?` for this sheet. */
	let open = $state(false);
	let leader = false;

	const typing = (target: EventTarget | null) =>
		target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

	function key(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
		const room = leader ? ROOMS.find((r) => r.key === event.key) : undefined;
		leader = event.key === 'g';
		if (room) {
			event.preventDefault();
			void goto(resolve(room.path));
		} else if (event.key === '/') {
			event.preventDefault();
			const field = document.querySelector<HTMLInputElement>('[data-line], input[type="search"]');
			if (field) field.focus();
			else void goto(resolve('/'));
		} else if (event.key === '?') open = true;
	}

	const SHEET = [
		['/', 'to the line of the page (search, walk), or to the counter'],
		...ROOMS.map((room) => [`g ${room.key}`, room.name]),
		['Arrow left, right', 'walk round a ring of the rota'],
		['Arrow up, down', 'step to the ring outside or inside'],
		['Enter', 'open the socket'],
		['Ctrl Z, Ctrl Y', 'take the last change of a record back, bring it again'],
		['?', 'this sheet']
	] as const;
</script>

<svelte:window onkeydown={key} />

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="fixed inset-0 bg-black/50" />
		<Dialog.Content class="panel fixed top-1/2 left-1/2 w-[26rem] -translate-x-1/2 -translate-y-1/2 p-5">
			<Dialog.Title class="mb-3 text-lg font-semibold">Keys</Dialog.Title>
			<dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
				{#each SHEET as [keys, what] (keys)}
					<dt><kbd class="rounded border border-line bg-raised px-1.5 font-sans">{keys}</kbd></dt>
					<dd>{what}</dd>
				{/each}
			</dl>
			<Dialog.Close class="button mt-4">Close</Dialog.Close>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
