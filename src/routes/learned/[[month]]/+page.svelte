<script lang="ts">
	import { resolve } from '$app/paths';
	import { counted, proportionText } from '$lib/core/quantity';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	let { data } = $props();

	const learned = $derived(data.learned);
	const title = $derived(
		new Intl.DateTimeFormat('en', { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
			new Date(`${learned.month}-01T00:00:00Z`)
		)
	);

	/** Complaints of a cause, those of one vehicle together. */
	function byVehicle(complaints: readonly { id: string; vehicle: string }[]) {
		const vehicles = [...new Set(complaints.map(({ vehicle }) => vehicle))];
		return vehicles.map((vehicle) => [vehicle, complaints.filter((one) => one.vehicle === vehicle)] as const);
	}

	const nothing = $derived(
		learned.causes.length + learned.facts.length + learned.moved.length + learned.batches.length + learned.filed === 0
	);
</script>

<svelte:head><title>What we learned in {title} · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-center gap-3">
		<a class="link" href={resolve('/complaints')}>Complaints</a>
		<h1 class="mr-auto">What we learned in {title}</h1>
		<a class="button" href={resolve('/learned/[[month]]', { month: data.before })}>{data.before}</a>
		{#if data.after}<a class="button" href={resolve('/learned/[[month]]', { month: data.after })}>{data.after}</a>{/if}
	</div>
	<p>
		{counted(learned.filed, 'complaint')} filed; asked after {learned.asked.reached}: {learned.asked.fine} still fine,
		{learned.asked.complaint} not.
	</p>
	{#if nothing}<p class="text-soft">Nothing was filed, settled or tested in this month.</p>{/if}
	{#if learned.batches.length > 0}
		<section class="panel border-refuse! p-3">
			<h2>A batch to look at</h2>
			<ul class="mt-1 grid gap-1">
				{#each learned.batches as one (one.product)}
					<li>
						<a class="link font-medium" href={resolve('/stock/[item]/history', { item: one.product })}>{one.name}</a>:
						of those fitted from {one.batch.from} to {one.batch.to}, {proportionText(one.batch.came)} died; of the others
						{proportionText(one.batch.others)}.
					</li>
				{/each}
			</ul>
		</section>
	{/if}
	<div class="grid gap-3 lg:grid-cols-2">
		<section class="panel p-3">
			<h2>What it was</h2>
			{#if learned.causes.length === 0}<p class="text-soft">Nothing was settled.</p>{/if}
			<ul class="mt-1 grid gap-1.5">
				{#each learned.causes as one (one.cause)}
					<li>
						<span class="font-medium">{one.label}</span>
						<span class="number">× {one.counted}</span>{#if one.isNew}<span
								class="ml-2 rounded border border-sea px-1 text-sm">first time</span
							>{/if}
						{#each byVehicle(one.complaints) as [vehicle, complaints] (vehicle)}
							<span class="block text-sm"
								>{vehicle}:
								{#each complaints as complaint, i (complaint.id)}{i > 0 ? ', ' : ''}<a
										class="link"
										href={resolve('/complaints/[complaint]', { complaint: complaint.id })}>{complaint.id}</a
									>{/each}
							</span>
						{/each}
					</li>
				{/each}
			</ul>
		</section>
		<section class="panel p-3">
			<h2>Questions settled, thresholds narrowed</h2>
			{#if learned.facts.length === 0}<p class="text-soft">No fact of a vehicle was settled or tested.</p>{/if}
			<ul class="mt-1 grid gap-1.5">
				{#each learned.facts as fact, i (i)}
					<li>
						{fact.what}
						<span class="block text-sm text-soft"
							><a class="link" href={resolve('/vehicles/[id]/history', { id: fact.configuration })}>{fact.vehicle}</a>, {date(
								fact.on
							)}{fact.by ? `, ${fact.by}` : ''}</span
						>
					</li>
				{/each}
			</ul>
		</section>
		<section class="panel p-3">
			<h2>Products that moved</h2>
			<p class="text-sm text-soft">
				Place among the lamps of their category by how few came back, each with a prior of 1 in 20 lamps.
			</p>
			{#if learned.moved.length === 0}<p class="text-soft">None changed its place.</p>{/if}
			<ul class="mt-1 grid gap-1.5">
				{#each learned.moved as one (one.product)}
					<li>
						<a class="link" href={resolve('/stock/[item]/history', { item: one.product })}>{one.name}</a>, {one.category}:
						from place {one.before.place} to <span class="font-medium">{one.after.place}</span> of {one.after.of};
						<span class="text-soft"
							>came back {proportionText(one.before.came)}, now {proportionText(one.after.came)}</span
						>
					</li>
				{/each}
			</ul>
		</section>
		<section class="panel p-3">
			<h2>Never again</h2>
			{#if learned.neverAgain.length === 0}<p class="text-soft">No lamp was kept out of a place.</p>{/if}
			<ul class="mt-1 grid gap-1.5">
				{#each learned.neverAgain as one (one.complaint)}
					<li>
						<a class="link" href={resolve('/stock/[item]/history', { item: one.product })}>{one.name}</a> in {one.place},
						{one.vehicle}
						(<a class="link" href={resolve('/complaints/[complaint]', { complaint: one.complaint })}>why</a>)
					</li>
				{/each}
			</ul>
		</section>
	</div>
</main>
