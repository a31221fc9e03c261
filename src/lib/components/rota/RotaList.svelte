<script lang="ts">
	import { pressed } from '$lib/client/shortcuts';
	import type { SocketView } from '$lib/core/views';
	import { VERDICT_LEVEL, VERDICT_WORD } from '../ui/level';
	import LevelMark from '../ui/LevelMark.svelte';

	/** The list that says what the rota shows, in walking order. */
	let { sockets, selected, href }: { sockets: SocketView[]; selected: string | null; href: (id: string) => string } =
		$props();

	const RING_NAME = { exterior: 'Outside', cabin: 'Cabin', core: 'Behind the dash' } as const;
	const rings = $derived(
		(['exterior', 'cabin', 'core'] as const)
			.map((ring) => ({ ring, items: sockets.filter((s) => s.ring === ring) }))
			.filter((group) => group.items.length > 0)
	);
	/** One stop of the Tab key for the whole list; arrows go through it. */
	const stop = $derived(sockets.some(({ id }) => id === selected) ? selected : (rings[0]?.items[0]?.id ?? null));
	function step(event: KeyboardEvent & { currentTarget: HTMLElement }): void {
		const way = pressed(event, ['list-down', 'list-up']);
		if (!way) return;
		event.preventDefault();
		const all = [...(event.currentTarget.closest('nav')?.querySelectorAll<HTMLElement>('[data-socket]') ?? [])];
		all[all.indexOf(event.currentTarget) + (way === 'list-down' ? 1 : -1)]?.focus();
	}
</script>

<nav aria-label="Sockets in walking order">
	{#each rings as { ring, items } (ring)}
		<h3 class="px-2 pt-2 pb-1 text-sm font-medium text-soft">{RING_NAME[ring]} · {items.length}</h3>
		<ul>
			{#each items as socket (socket.id)}
				<li>
					<!-- eslint-disable svelte/no-navigation-without-resolve (the caller resolves) -->
					<a
						href={href(socket.id)}
						data-sveltekit-noscroll
						data-socket
						tabindex={socket.id === stop ? 0 : -1}
						onkeydown={step}
						aria-current={socket.id === selected ? 'true' : undefined}
						class="flex min-h-7 items-center gap-2 rounded px-2 py-0.5 hover:bg-sea-wash aria-[current=true]:bg-sea-wash aria-[current=true]:font-semibold"
					>
						<span
							class="size-2.5 shrink-0 rounded-full ring-1 ring-soft"
							style:background={socket.light?.colour ?? 'transparent'}
							aria-hidden="true"
						></span>
						<span class="grow">{socket.name}</span>
						<span class="text-soft">{socket.category ?? socket.state}</span>
						{#if socket.verdict}
							<LevelMark level={VERDICT_LEVEL[socket.verdict]} label={VERDICT_WORD[socket.verdict]} />
						{:else}
							<span class="w-3"></span>
						{/if}
					</a>
					<!-- eslint-enable svelte/no-navigation-without-resolve -->
				</li>
			{/each}
		</ul>
	{/each}
</nav>
