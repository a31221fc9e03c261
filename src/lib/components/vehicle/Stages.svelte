<script lang="ts">
	import type { Snippet } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import type { VehicleView } from '$lib/core/views';
	import { counted } from '$lib/core/quantity';

	/** The head of a vehicle: its name, and the stages of the work with what is still open in each. */
	let {
		vehicle,
		undecided,
		kits,
		questions,
		children
	}: { vehicle: VehicleView; undecided: number | null; kits: number; questions: number; children?: Snippet } = $props();

	const id = $derived(vehicle.id);
	const socket = $derived(page.params.socket);
	const noCategory = $derived(vehicle.sockets.filter((s) => s.state === 'filament' && s.category === null).length);
	const walkOpen = $derived(
		[
			counted(vehicle.sockets.length, 'socket'),
			questions > 0 ? counted(questions, 'question') : noCategory > 0 ? `${noCategory} without category` : ''
		]
			.filter(Boolean)
			.join(' · ')
	);

	/** The stages, each with the pages that belong to it. */
	const stages = $derived([
		{
			name: 'Identify',
			pages: ['identify', 'compare'],
			href: resolve('/vehicles/[id]/identify', { id }),
			open: vehicle.tells.length === 0 ? 'no tell yet' : counted(vehicle.tells.length, 'tell')
		},
		{
			name: 'Walk',
			pages: ['walk', 'channels', 'access', 'sister', 'sheet', 'history'],
			href: resolve('/vehicles/[id]/walk/[[socket]]', { id, socket }),
			open: walkOpen
		},
		{
			name: 'Match',
			pages: ['match', 'whole'],
			href: resolve('/vehicles/[id]/match/[[socket]]', { id, socket }),
			open:
				vehicle.sockets.length === 0
					? 'no sockets yet'
					: undecided === null
						? 'judging …'
						: undecided > 0
							? `${undecided} without a sure LED`
							: 'every socket has an LED'
		},
		{
			name: 'Circuit',
			pages: ['circuit'],
			href: resolve('/vehicles/[id]/circuit', { id }),
			open: counted(vehicle.channels, 'channel')
		},
		{
			name: 'Kit',
			pages: ['kit'],
			href: resolve('/vehicles/[id]/kit', { id }),
			open: kits === 0 ? 'none yet' : `${kits} on record`
		},
		{
			name: 'Fit-up',
			pages: ['fitup'],
			href: resolve('/vehicles/[id]/fitup/[[kit]]', { id, kit: page.params.kit }),
			open: kits === 0 ? 'needs a kit' : 'way in and steps'
		},
		{
			name: 'Prove',
			pages: ['prove'],
			href: resolve('/vehicles/[id]/prove', { id }),
			open: 'modes, light, aim'
		}
	]);
	const here = $derived(page.route.id?.split('/')[3] ?? '');
</script>

<div class="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-panel px-4 py-2">
	<div class="mr-auto flex items-center gap-4">
		<div>
			<h1>{vehicle.name}</h1>
			<p class="text-sm text-soft">
				{vehicle.kind}, {vehicle.market} rules{vehicle.steering ? `, steering ${vehicle.steering}` : ''}
			</p>
		</div>
		{@render children?.()}
	</div>
	<nav aria-label="Stages" class="flex flex-wrap gap-1">
		{#each stages as stage, i (stage.name)}
			<!-- eslint-disable svelte/no-navigation-without-resolve (resolved above) -->
			<a
				href={stage.href}
				aria-current={stage.pages.includes(here) ? 'step' : undefined}
				class="rounded-md border border-transparent px-2 py-1 hover:bg-sea-wash aria-[current=step]:border-sea aria-[current=step]:bg-sea-wash"
			>
				<span class="block font-medium">{i + 1} {stage.name}</span>
				<span class="block text-sm text-soft">{stage.open}</span>
			</a>
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		{/each}
	</nav>
</div>
