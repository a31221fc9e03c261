<script lang="ts">
	import type { Snippet } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import type { VehicleView } from '$lib/core/views';
	import { counted } from '$lib/core/quantity';
	import TinyRota from '../rota/TinyRota.svelte';

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
		questions > 0
			? counted(questions, 'question')
			: noCategory > 0
				? `${counted(vehicle.sockets.length, 'socket')}, ${noCategory} open`
				: counted(vehicle.sockets.length, 'socket')
	);
	const DRIVE_WORDS: Readonly<Record<string, string>> = {
		left: 'left-hand drive',
		right: 'right-hand drive'
	};
	const tellApart = $derived(
		[...vehicle.marks.slice(1), `${vehicle.market} rules`, vehicle.steering ? DRIVE_WORDS[vehicle.steering] : '']
			.filter(Boolean)
			.join(' · ')
	);

	/** The stages, each with the pages that belong to it. */
	const stages = $derived([
		{
			name: 'Identify',
			pages: ['identify', 'compare'],
			href: resolve('/vehicles/[id]/identify', { id }),
			open: vehicle.tells.length === 0 ? 'no feature' : counted(vehicle.tells.length, 'feature')
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
					? 'no sockets'
					: undecided === null
						? 'checking …'
						: undecided > 0
							? `${undecided} open`
							: 'all served'
		},
		{
			name: 'Circuit',
			pages: ['circuit'],
			href: resolve('/vehicles/[id]/circuit', { id }),
			open: counted(vehicle.channels, 'output')
		},
		{
			name: 'Kit',
			pages: ['kit'],
			href: resolve('/vehicles/[id]/kit', { id }),
			open: kits === 0 ? 'none yet' : counted(kits, 'kit')
		},
		{
			name: 'Fit-up',
			pages: ['fitup'],
			href: resolve('/vehicles/[id]/fitup/[[kit]]', { id, kit: page.params.kit }),
			open: kits === 0 ? 'needs a kit' : 'steps'
		},
		{
			name: 'Prove',
			pages: ['prove'],
			href: resolve('/vehicles/[id]/prove', { id }),
			open: 'tests'
		}
	]);
	const here = $derived(page.route.id?.split('/')[3] ?? '');
</script>

<div
	class="no-print flex min-h-14 flex-wrap items-center gap-x-3 gap-y-1 border-b border-line bg-panel px-3 py-1.5 lg:flex-nowrap"
>
	<TinyRota sockets={vehicle.sockets} size={38} />
	<div class="min-w-0 flex-1 max-lg:basis-1/2">
		<h1 class="truncate leading-tight">
			{vehicle.title}
			<span class="text-base font-normal text-soft">{vehicle.marks[0] ?? ''}</span>
		</h1>
		<p class="text-sm leading-tight text-soft">{tellApart}</p>
	</div>
	<div class="flex items-center gap-1">{@render children?.()}</div>
	<nav aria-label="Stages" class="flex shrink-0 gap-0.5 max-lg:basis-full max-sm:overflow-x-auto">
		{#each stages as stage (stage.name)}
			<!-- eslint-disable svelte/no-navigation-without-resolve (resolved above) -->
			<a
				href={stage.href}
				aria-current={stage.pages.includes(here) ? 'step' : undefined}
				class="min-w-17 rounded-md border border-transparent px-2 py-1 hover:bg-sea-wash aria-[current=step]:border-sea aria-[current=step]:bg-sea-wash max-lg:min-w-0 max-lg:grow max-sm:shrink-0"
			>
				<span class="block leading-tight font-medium">{stage.name}</span>
				<span class="block text-sm leading-tight whitespace-nowrap text-soft">{stage.open}</span>
			</a>
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		{/each}
	</nav>
</div>
