<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { counted } from '$lib/core/quantity';
	import { lampFunction } from '$lib/core/lamps';
	import Pages from '$lib/components/ui/Pages.svelte';
	import VerdictTag from '$lib/components/ui/VerdictTag.svelte';
	import { withAsked } from '$lib/components/cover/cover-words';

	let { data } = $props();

	const { wish } = $derived(data);
	const about = $derived(
		[
			wish.category ? `${wish.category}` : null,
			wish.function ? lampFunction(wish.function).label.toLowerCase() : null,
			wish.key ? 'of the chosen row' : null,
			data.asked.make ?? null
		].filter(Boolean)
	);
	const STANDS = { open: 'open', served: 'served', all: 'all' } as const;
</script>

<svelte:head><title>Sockets · Cover · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve -- addresses of this room, resolved before the question is added -->
{#if data.places}
	<div class="flex flex-wrap items-center gap-4">
		<h2>
			{counted(data.places.total, 'socket')} on {counted(data.places.vehicles, 'vehicle')}{about.length > 0
				? `: ${about.join(', ')}`
				: ''}
		</h2>
		<nav class="flex gap-2" aria-label="Which sockets">
			{#each Object.entries(STANDS) as [stands, words] (stands)}
				<a
					class="button aria-[current=true]:border-sea aria-[current=true]:text-sea"
					aria-current={wish.stands === stands ? 'true' : undefined}
					href={withAsked(page.url, page.url.pathname, { stands })}>{words}</a
				>
			{/each}
		</nav>
		{#if about.length > 0}<a
				class="link text-sm"
				href={withAsked(page.url, page.url.pathname, { category: null, function: null, key: null, make: null })}
				>all categories and functions</a
			>{/if}
	</div>
	{#if data.places.total === 0}<p class="text-soft">There is no such socket.</p>{/if}
	<div class="panel overflow-x-auto">
		<table class="w-full text-sm">
			<thead class="text-left text-soft"
				><tr
					><th class="px-3 py-2 font-medium">vehicle</th><th class="px-2 font-medium">socket</th><th
						class="px-2 font-medium">category</th
					><th class="px-3 font-medium">best lamp on offer</th></tr
				></thead
			>
			<tbody>
				{#each data.places.places as one (`${one.vehicle} ${one.socket}`)}
					<tr class="border-t border-line">
						<td class="px-3 py-1.5">{one.name}</td>
						<td class="px-2"
							><a
								class="link"
								href={resolve('/vehicles/[id]/match/[[socket]]', { id: one.vehicle, socket: one.socket })}
								>{one.place}</a
							></td
						>
						<td class="px-2 whitespace-nowrap">{one.category}</td>
						<td class="px-3"
							>{#if one.verdict}<VerdictTag verdict={one.verdict} />{:else}<span class="text-soft"
									>category not known</span
								>{/if}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<Pages from={wish.from} each={data.each} total={data.places.total} />
{/if}
<!-- eslint-enable -->
