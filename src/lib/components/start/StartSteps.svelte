<script lang="ts">
	import { resolve } from '$app/paths';
	import CircleCheck from '@lucide/svelte/icons/circle-check';
	import Circle from '@lucide/svelte/icons/circle';
	import { counted } from '$lib/core/quantity';
	import type { Snippet } from 'svelte';

	interface Start {
		isSetUp: boolean;
		products: number;
		vehicles: number;
		vehicle: { id: string; name: string; sockets: number } | null;
		kit: { id: string; vehicle: string } | null;
		released: number;
	}

	/** The way of a new shop to its first kit: what is done, and the next step with its button. `setup` stands under the first. */
	let { start, setup }: { start: Start; setup: Snippet } = $props();

	const { vehicle, kit } = $derived(start);
	const steps = $derived([
		{
			id: 'shop',
			name: 'The shop',
			isDone: start.isSetUp,
			said: 'currency, market, units, policy',
			href: null,
			button: ''
		},
		{
			id: 'catalogue',
			name: 'The catalogue',
			isDone: start.products > 0,
			said:
				start.products > 0
					? counted(start.products, 'product')
					: 'a price list as CSV or XLSX; headings are guessed and shown',
			href: resolve('/vehicles/import'),
			button: start.products > 0 ? 'Another list' : 'Take a price list in'
		},
		{
			id: 'vehicle',
			name: 'The first vehicle',
			isDone: start.vehicles > 0,
			said: vehicle?.name ?? 'make, model and years are enough to begin',
			href: resolve('/vehicles/new'),
			button: start.vehicles > 0 ? 'Another vehicle' : 'Add a vehicle'
		},
		{
			id: 'walk',
			name: 'Its sockets',
			isDone: (vehicle?.sockets ?? 0) > 0,
			said:
				(vehicle?.sockets ?? 0) > 0
					? `${counted(vehicle?.sockets ?? 0, 'socket')} on record`
					: 'one short line a lamp: low h7 projector clear',
			href: vehicle && resolve('/vehicles/[id]/walk/[[socket]]', { id: vehicle.id }),
			button: 'Walk round it'
		},
		{
			id: 'kit',
			name: 'The first kit',
			isDone: start.released > 0,
			said:
				start.released > 0
					? `${counted(start.released, 'kit')} released`
					: kit
						? 'worked out: check it and release it'
						: 'one press works it out',
			href: kit
				? resolve('/vehicles/[id]/kit/[kit]', { id: kit.vehicle, kit: kit.id })
				: vehicle && resolve('/vehicles/[id]/kit', { id: vehicle.id }),
			button: kit ? 'Open the kit' : 'Work out a kit'
		}
	]);
	const next = $derived(steps.find(({ isDone }) => !isDone)?.id ?? null);
</script>

<ol class="grid gap-2">
	{#each steps as step, i (step.id)}
		<li
			class={['panel grid gap-2 p-3', step.id === next && 'border-sea!']}
			aria-current={step.id === next ? 'step' : undefined}
		>
			<div class="flex flex-wrap items-center gap-x-3 gap-y-1">
				{#if step.isDone}<CircleCheck class="size-5 text-pass" aria-label="done" />{:else}<Circle
						class="size-5 text-soft"
						aria-label="to do"
					/>{/if}
				<h2>{i + 1} · {step.name}</h2>
				<span class="text-soft">{step.said}</span>
				{#if step.href}
					<!-- eslint-disable svelte/no-navigation-without-resolve (resolved above) -->
					<a class="button ml-auto" data-main={step.id === next ? '' : undefined} href={step.href}>{step.button}</a>
					<!-- eslint-enable svelte/no-navigation-without-resolve -->
				{/if}
			</div>
			{#if step.id === 'shop'}{@render setup()}{/if}
		</li>
	{/each}
</ol>
