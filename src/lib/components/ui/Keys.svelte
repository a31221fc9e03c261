<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { isPressed, isTyping, roomAfterLeader } from '$lib/client/shortcuts';

	/** Keys that work everywhere: the command bar, to the line of the page, to a room, to the help. */
	let { onhelp, onbar }: { onhelp: () => void; onbar: () => void } = $props();

	let leader = false;

	function key(event: KeyboardEvent): void {
		if (isPressed('bar', event)) {
			event.preventDefault();
			return onbar();
		}
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
		} else if (isPressed('help', event)) onhelp();
	}
</script>

<svelte:window onkeydown={key} />
