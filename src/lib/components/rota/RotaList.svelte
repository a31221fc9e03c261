<script lang="ts">
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
