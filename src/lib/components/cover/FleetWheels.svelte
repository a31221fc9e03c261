<script lang="ts">
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { createVirtualizer } from '@tanstack/svelte-virtual';
	import FleetWheel from './FleetWheel.svelte';
	import { withAsked } from './cover-words';

	interface Wheel {
		id: string;
		name: string;
		sockets: number;
		served: number;
		cells: [number, number, number, number][];
	}

	/** The fleet as small wheels, some rows of it in sight: only those are drawn, and asked of the server a window at a time. */
	let { first, total }: { first: Wheel[]; total: number } = $props();

	const SIZE = 76;
	const ROW = SIZE + 56;
	const COLUMN = 112;
	/** The list is no higher than this, px. */
	const MOST_PX = 480;
	/** Scrolling rests after this, ms. */
	const REST_MS = 80;
	/** Wheels asked for at once. */
	const WINDOW = 120;

	let scroller = $state<HTMLDivElement | null>(null);
	let width = $state(900);
	/** Windows that are here, by their number; the first came with the page. */
	let windows = $state.raw<ReadonlyMap<number, readonly Wheel[]>>(new Map());
	/** Windows that were asked for; another question begins another list. */
	let asking: number[] = [];
	let at = $state(0);

	const columns = $derived(Math.max(1, Math.floor(width / COLUMN)));
	const rows = $derived(Math.ceil(total / columns));

	const virtual = createVirtualizer<HTMLDivElement, HTMLDivElement>({
		count: 0,
		getScrollElement: () => scroller,
		estimateSize: () => ROW,
		overscan: 3
	});

	$effect(() => {
		const [count, element] = [rows, scroller];
		untrack(() => $virtual.setOptions({ count, getScrollElement: () => element }));
	});

	/** Another question, another fleet: what was here before is of no use. */
	$effect(() => {
		const fresh = new Map([[0, first]]);
		untrack(() => {
			windows = fresh;
			asking = [];
			at = 0;
			scroller?.scrollTo({ top: 0 });
		});
	});

	/** What is in sight is asked for once the scrolling rests: nobody reads what flies by. */
	$effect(() => {
		const wanted = new Set(
			$virtual
				.getVirtualItems()
				.flatMap(({ index }) => [
					Math.floor((index * columns) / WINDOW),
					Math.floor(((index + 1) * columns - 1) / WINDOW)
				])
		);
		const timer = setTimeout(() => wanted.forEach((number) => void fetchWindow(number)), REST_MS);
		return () => clearTimeout(timer);
	});

	async function fetchWindow(number: number) {
		if (number * WINDOW >= total || windows.has(number) || asking.includes(number)) return;
		const mine = asking;
		mine.push(number);
		const wanted = { at: number * WINDOW, count: WINDOW };
		const answer = await fetch(withAsked(page.url, resolve('/cover/fleet.json'), wanted));
		// The page asks something else by now.
		if (mine !== asking || !answer.ok) return;
		const { wheels } = (await answer.json()) as { wheels: Wheel[] };
		windows = new Map([...windows, [number, wheels]]);
	}

	const wheelAt = (i: number) => windows.get(Math.floor(i / WINDOW))?.[i % WINDOW];

	const STEPS: Record<string, (columns: number) => number> = {
		ArrowRight: () => 1,
		ArrowLeft: () => -1,
		ArrowDown: (wide) => wide,
		ArrowUp: (wide) => -wide,
		PageDown: (wide) => 4 * wide,
		PageUp: (wide) => -4 * wide,
		Home: () => -Infinity,
		End: () => Infinity
	};

	/** Arrow keys walk from wheel to wheel. */
	function walking(node: HTMLElement) {
		const listen = (event: KeyboardEvent) => void walk(event);
		node.addEventListener('keydown', listen);
		return () => node.removeEventListener('keydown', listen);
	}

	async function walk(event: KeyboardEvent) {
		const step = STEPS[event.key];
		if (!step || event.ctrlKey || event.altKey || event.metaKey) return;
		event.preventDefault();
		at = Math.min(total - 1, Math.max(0, at + step(columns)));
		$virtual.scrollToIndex(Math.floor(at / columns));
		await fetchWindow(Math.floor(at / WINDOW));
		requestAnimationFrame(() => scroller?.querySelector<HTMLElement>(`[data-at="${at}"] a`)?.focus());
	}
</script>

<div
	bind:this={scroller}
	bind:clientWidth={width}
	class="panel relative overflow-y-auto"
	style:height={`${Math.min(MOST_PX, rows * ROW + 2)}px`}
	role="group"
	aria-label={`${total} vehicles as wheels; arrow keys walk from one to the next, Enter opens it`}
	{@attach walking}
>
	<div style:height={`${$virtual.getTotalSize()}px`}>
		{#each $virtual.getVirtualItems() as row (row.key)}
			<div
				class="absolute left-0 grid w-full"
				style:top={`${row.start}px`}
				style:grid-template-columns={`repeat(${columns}, minmax(0, 1fr))`}
			>
				{#each { length: columns }, column (column)}
					{@const i = row.index * columns + column}
					{@const wheel = wheelAt(i)}
					{#if i < total}
						<div data-at={i} style:height={`${ROW}px`} onfocusin={() => (at = i)}>
							{#if wheel}<FleetWheel {wheel} size={SIZE} current={i === at} />{:else}
								<span class="block p-4 text-center text-xs text-soft">…</span>
							{/if}
						</div>
					{/if}
				{/each}
			</div>
		{/each}
	</div>
</div>
