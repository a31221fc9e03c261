<script lang="ts">
	import { flip } from 'svelte/animate';
	import { dragHandle, dragHandleZone, SOURCES, type DndEvent } from 'svelte-dnd-action';
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { getDesk } from '$lib/client/record-desk.svelte';
	import type { WalkRow } from '$lib/core/views';
	import ConfirmationMark from './ConfirmationMark.svelte';

	/** The walk as a list: order by dragging the grip, or on the grip with Space and the arrow keys. */
	let { rows, selected, href }: { rows: WalkRow[]; selected: string | null; href: (id: string) => string } = $props();

	const desk = getDesk();
	const FLIP_MS = 120;
	const REST_MS = 700;
	let pause: ReturnType<typeof setTimeout> | undefined;
	/** The order under the hand; the record's own until something is moved. */
	let items = $derived(rows.map((row) => ({ ...row })));

	const write = () => void desk.send({ kind: 'order', sockets: items.map((row) => row.id) });

	function settle(event: CustomEvent<DndEvent<WalkRow>>): void {
		items = event.detail.items;
		clearTimeout(pause);
		// With the keys every step is told; the order is written once they rest.
		if (event.detail.info.source === SOURCES.KEYBOARD) pause = setTimeout(write, REST_MS);
		else write();
	}
</script>

<div class="min-w-[44rem]">
	<div
		class="grid grid-cols-[1.5rem_minmax(12.5rem,1.6fr)_5.5rem_4rem_5rem_minmax(8rem,1.4fr)] gap-x-2 px-1 text-sm text-soft"
		aria-hidden="true"
	>
		<span></span><span>Socket</span><span>Category</span><span>Lens</span><span>Optic</span><span
			>Still to find out</span
		>
	</div>
	<ul
		aria-label="Sockets in walking order"
		use:dragHandleZone={{ items, flipDurationMs: FLIP_MS, dropTargetStyle: {} }}
		onconsider={(event) => (items = event.detail.items)}
		onfinalize={settle}
	>
		{#each items as row (row.id)}
			<li
				animate:flip={{ duration: FLIP_MS }}
				class={[
					'grid min-h-7 grid-cols-[1.5rem_minmax(12.5rem,1.6fr)_5.5rem_4rem_5rem_minmax(8rem,1.4fr)] items-center gap-x-2 border-b border-line px-1 py-0.5',
					row.id === selected && 'bg-sea-wash'
				]}
			>
				<span
					use:dragHandle
					aria-label={`Move ${row.name}`}
					class="grid size-6 place-items-center rounded text-soft hover:text-sea"
				>
					<GripVertical class="size-4" aria-hidden="true" />
				</span>
				<!-- eslint-disable svelte/no-navigation-without-resolve (the caller resolves) -->
				<a class="hover:underline" href={href(row.id)} data-sveltekit-noscroll>{row.name}</a>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
				<span>{row.category ?? (row.state === 'filament' ? '' : row.state.replace('-', ' '))}</span>
				<span class="text-soft">{row.lens ?? ''}</span>
				<span class="text-soft">{row.optic ?? ''}</span>
				<span class="flex min-w-0 items-center justify-between gap-1 text-sm text-soft">
					<span class="truncate">{row.missing.join(', ')}</span>
					<ConfirmationMark confirmation={row.confirmation} />
				</span>
			</li>
		{/each}
	</ul>
</div>
