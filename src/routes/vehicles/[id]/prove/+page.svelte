<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { modeTestRows } from '$lib/core/views';
	import { counted } from '$lib/core/quantity';
	import ProveMark from '$lib/components/prove/ProveMark.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	let { data } = $props();

	const id = $derived(data.vehicle.id);
	const prove = $derived(data.prove);
	const tests = $derived(modeTestRows(prove.proofs));
	const names = $derived(new Map(prove.products.map((one) => [one.id as string, `${one.maker} ${one.name}`])));
	const kit = $derived(prove.kits.find((one) => one.id === prove.kit) ?? null);
	const last = $derived(tests[0] ?? null);
	const query = $derived(prove.kit ? `?kit=${prove.kit}` : '');
	const at = (place: string, lamp: string | null) =>
		`?${prove.kit ? `kit=${prove.kit}&` : ''}place=${encodeURIComponent(place)}${lamp ? `&lamp=${encodeURIComponent(lamp)}` : ''}`;

	/** What comes next, the most worth first. */
	const next = $derived.by(() => {
		const steps: { words: string; why: string; href: string }[] = [];
		if (Object.keys(prove.fitted).length > 0 && !last?.isWhole)
			steps.push({
				words: last ? 'Go on with the mode test' : 'Try every mode',
				why: 'Lights, messages and flash rate, at once and after ten minutes.',
				href: `${resolve('/vehicles/[id]/prove/modes', { id })}${query}`
			});
		for (const row of prove.rows.filter(({ wantsCheck, check }) => wantsCheck && check === 'open')) {
			const where = at(row.socket, row.product);
			const page = {
				light: '/vehicles/[id]/prove/light',
				pictures: '/vehicles/[id]/prove/beam',
				aim: '/vehicles/[id]/prove/aim'
			} as const;
			const open = (['light', 'pictures', 'aim'] as const).find((what) => row[what] === 'open');
			steps.push({
				words: open
					? `${{ light: 'Measure the light', pictures: 'Take the pictures', aim: 'Set the aim' }[open]}: ${row.name.toLowerCase()}`
					: `Sign the beam check: ${row.name.toLowerCase()}`,
				why: 'The shop’s policy asks for a beam check here before this lamp is sold.',
				href: `${resolve(open ? page[open] : '/vehicles/[id]/prove/check', { id })}${where}`
			});
		}
		for (const place of prove.places.filter(
			({ wantsCheck, socket }) => wantsCheck && !prove.rows.some((row) => row.socket === socket)
		))
			steps.push({
				words: `Try a lamp: ${place.name.toLowerCase()}`,
				why: 'No lamp is fitted or tried here yet; by the shop’s policy one has to be proved first.',
				href: `${resolve('/vehicles/[id]/prove/light', { id })}${at(place.socket, null)}`
			});
		return steps;
	});
</script>

<svelte:head><title>Prove · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
	<ScrollPanel label="Lamps and what is proved of them" class="min-h-0 p-3">
		<div class="flex flex-wrap items-center gap-3">
			<h2 class="mr-auto">What is proved</h2>
			{#if prove.kits.length > 0}
				<label class="flex items-center gap-2 text-soft"
					>Fitted
					<select
						class="field text-ink"
						value={prove.kit}
						onchange={(event) =>
							// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it
							goto(`${resolve('/vehicles/[id]/prove', { id })}?kit=${event.currentTarget.value}`)}
					>
						{#each prove.kits as one (one.id)}<option value={one.id}>{one.name}, {one.state}</option>{/each}
					</select></label
				>
			{/if}
		</div>
		{#if prove.rows.length === 0}
			<p class="mt-2 text-soft">
				{kit ? 'This kit has no lamps yet.' : 'This vehicle has no kit yet, and no lamp was tried on it.'} A lamp can be tried
				without a kit: choose a place on any of the pages above.
			</p>
		{:else}
			<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
			<table class="grid-table mt-2">
				<thead>
					<tr>
						<th scope="col">Place and lamp</th>
						<th scope="col">Light</th>
						<th scope="col">Pictures</th>
						<th scope="col">Aim</th>
						<th scope="col">Temperature</th>
						<th scope="col">Beam check</th>
					</tr>
				</thead>
				<tbody>
					{#each prove.rows as row (row.socket)}
						<tr>
							<th scope="row" class="whitespace-normal! text-ink!">
								<a class="link" href={`${resolve('/vehicles/[id]/prove/check', { id })}${at(row.socket, row.product)}`}
									>{row.name}</a
								>
								<span class="block text-sm font-normal text-soft">{names.get(row.product ?? '') ?? row.product}</span>
							</th>
							<td><ProveMark state={row.light} /></td>
							<td><ProveMark state={row.pictures} /></td>
							<td><ProveMark state={row.aim} /></td>
							<td><ProveMark state={row.heat} /></td>
							<td
								><ProveMark state={row.check} />
								{#if row.words}<span class="block text-sm text-soft">{row.words}</span>{/if}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		{/if}
	</ScrollPanel>
	<ScrollPanel label="What comes next, and what was learned" class="min-h-0 space-y-3 p-4 max-lg:order-first">
		<section>
			<h2>Next</h2>
			{#if next.length === 0}
				<p class="text-soft">Nothing is asked for. Light, pictures, aim and temperature can be kept all the same.</p>
			{/if}
			<ol class="grid gap-2">
				{#each next.slice(0, 6) as step, i (step.href)}
					<li>
						<!-- eslint-disable-next-line svelte/no-navigation-without-resolve (resolved above) -->
						<a class="button h-auto! whitespace-normal!" data-main={i === 0 ? true : undefined} href={step.href}
							>{step.words}</a
						>
						<p class="text-sm text-soft">{step.why}</p>
					</li>
				{/each}
			</ol>
		</section>
		<section>
			<h2>Mode tests</h2>
			{#each tests as test (test.id)}
				<p>
					{date(test.on)}{test.by ? `, ${test.by}` : ''}:
					{test.otherwise.length === 0
						? `${counted(test.answered, 'answer')}, all as expected`
						: `otherwise in ${counted(test.otherwise.length, 'mode')}`}{test.isWhole ? '' : ', not finished'}
				</p>
			{:else}
				<p class="text-soft">None on this vehicle yet.</p>
			{/each}
		</section>
		<section>
			<h2>What they taught</h2>
			{#each prove.taught as one (`${one.subject} ${one.words}`)}
				<p class={one.isContradictory ? 'text-refuse' : ''}>
					{one.subject}: {one.words}{one.isContradictory ? '. The tests contradict each other: see Questions.' : ''}
				</p>
			{:else}
				<p class="text-soft">
					No threshold was bounded yet: every test of a monitored output narrows it, with a message or without.
				</p>
			{/each}
		</section>
	</ScrollPanel>
</main>
