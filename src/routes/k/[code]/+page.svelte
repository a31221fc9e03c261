<script lang="ts">
	import PaperRota from '$lib/components/rota/PaperRota.svelte';
	import QrSquare from '$lib/components/kit/QrSquare.svelte';
	import StepBody from '$lib/components/fitup/StepBody.svelte';
	import { resolve } from '$app/paths';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { day } = shopFormats();

	let { data } = $props();

	const kit = $derived(data.kit);
	const numbers = $derived(new Map(kit.plan.key.map(({ id, number }) => [id, number])));
	const steps = $derived([...kit.plan.steps, ...kit.plan.refit, ...kit.plan.afterwards]);
	const step = $derived(steps[data.step - 1] ?? null);
	const to = (number: number) => `?step=${number}#step`;
</script>

<svelte:head><title>Kit {kit.code}</title></svelte:head>

<main class="paper mx-auto grid max-w-xl gap-4 bg-white p-4 text-black">
	<header>
		<p class="text-sm">LED kit {kit.code}, released {day(kit.releasedAt)}{kit.branch ? ` by ${kit.branch}` : ''}</p>
		<h1>{kit.vehicle}</h1>
		{#each kit.also as name (name)}<p class="text-sm">Also for {name}</p>{/each}
	</header>
	{#if kit.newer}
		<p class="rounded-md border-2 border-refuse p-2 font-medium">
			There is a later revision of this kit: <a class="link" href={resolve('/k/[code]', { code: kit.newer })}
				>{kit.newer}</a
			>. Ask the shop which one is in your box.
		</p>
	{/if}
	{#if kit.tells.length > 0}
		<section>
			<h2>Is it this vehicle?</h2>
			<ul class="list-disc pl-5">
				{#each kit.tells as tell (tell)}<li>{tell}</li>{/each}
			</ul>
		</section>
	{/if}
	<div class="mx-auto w-full max-w-sm"><PaperRota sockets={kit.sockets} label={kit.vehicle} {numbers} /></div>
	<ol class="columns-2 text-sm" aria-label="Places on the wheel">
		{#each kit.plan.key as { id, number, name } (id)}<li>{number} {name}</li>{/each}
	</ol>
	<section>
		<h2>What goes where</h2>
		<ul>
			{#each kit.places as row, i (i)}
				<li class="border-b border-line py-2 last:border-0">
					<span class="font-medium">{row.places}</span>
					<span class="block">{row.pieces} × {row.name}</span>
					{#if row.solves}<span class="block text-sm text-soft">for {row.solves}</span>{/if}
				</li>
			{/each}
		</ul>
	</section>
	<section>
		<h2>Before you begin</h2>
		<ul class="list-disc pl-5">
			{#each kit.cautions as words (words)}<li>{words}</li>{/each}
		</ul>
	</section>
	<section id="step">
		<h2>Fit it yourself, step by step</h2>
		<p class="text-sm text-soft">{kit.plan.timeWords.join('; ')}.</p>
		<p class="mt-2 font-medium">Stop and go to a workshop where</p>
		<ul class="list-disc pl-5">
			{#each kit.plan.stops as words (words)}<li>{words}</li>{/each}
		</ul>
		{#if step}
			<div class="mt-3 grid gap-2 rounded-md border border-line p-3">
				<p class="flex flex-wrap gap-x-3 text-sm text-soft">
					<span>Step {data.step} of {steps.length}</span>
					{#if step.side === 'left' || step.side === 'right'}<span class="font-medium">{step.side}</span>{/if}
					{#each step.places as place (place.id)}<span>{place.number}: {place.name}</span>{/each}
				</p>
				<h3 class="font-medium">{step.title}</h3>
				<StepBody {step} />
			</div>
		{/if}
		<div class="mt-2 flex gap-3">
			<!-- eslint-disable svelte/no-navigation-without-resolve -- this page, at another step -->
			{#if step && data.step > 1}<a class="button min-h-12! grow justify-center" href={to(data.step - 1)}>Back</a>{/if}
			{#if data.step < steps.length}
				<a class="button min-h-12! grow justify-center" data-main href={to(data.step + 1)}
					>{step ? 'Next' : 'Begin with the first step'}</a
				>
			{/if}
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		</div>
	</section>
	{#if kit.wires.length > 0}
		<section>
			<h2>Wires</h2>
			<ul class="list-disc pl-5">
				{#each kit.wires as words (words)}<li>{words}</li>{/each}
			</ul>
		</section>
	{/if}
	{#if kit.stays.length > 0}
		<section>
			<h2>Stays as it was</h2>
			<ul>
				{#each kit.stays as name, i (i)}<li>{name}</li>{/each}
			</ul>
		</section>
	{/if}
	<section>
		<h2>What this shop fits</h2>
		{#each kit.policy as words (words)}<p>{words}</p>{/each}
	</section>
	<section>
		<h2>Something is wrong?</h2>
		<p>
			<a class="button min-h-12! w-full justify-center" href={resolve('/k/[code]/complaint', { code: kit.code })}
				>Tell the shop what you see</a
			>
		</p>
	</section>
	<div class="mx-auto w-40"><QrSquare qr={data.qr} label={`Address of this page, kit ${kit.code}`} /></div>
</main>
