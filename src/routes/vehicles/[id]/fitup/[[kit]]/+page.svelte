<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import StepList from '$lib/components/fitup/StepList.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { staleWords } from '$lib/core/views/stale-words';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	let { data, form } = $props();

	const { moment } = shopFormats();
	const id = $derived(data.vehicle.id);
	/** Lamps that cost next to nothing once the others are open, min. */
	const NEXT_TO_NOTHING = 2;
	/** Lamps that may be changed and are no matter of the kit yet. */
	const free = $derived(
		new Set(
			data.vehicle.sockets
				.filter(({ id: socket, state }) => state === 'filament' && !data.kit?.open.includes(socket))
				.map((socket) => socket.id)
		)
	);
	const nearlyFree = $derived(
		(data.plan?.adds ?? []).filter(({ socket, minutes }) => minutes <= NEXT_TO_NOTHING && free.has(socket))
	);
	const here = $derived(data.kit ? resolve('/vehicles/[id]/fitup/[[kit]]', { id, kit: data.kit.id }) : '');
	const others = $derived((data.plan?.adds ?? []).filter(({ minutes }) => minutes > NEXT_TO_NOTHING));
	const paper = $derived(
		data.kit ? resolve('/vehicles/[id]/kit/[kit]/[paper].pdf', { id, kit: data.kit.id, paper: 'fit-up' }) : ''
	);
	const asked = $derived(data.kit?.code ? `?revision=${data.kit.revision}` : '');
</script>

<svelte:head><title>Fit-up · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_25rem]">
	{#if !data.kit || !data.plan}
		<section class="panel p-4">
			<h2>Fit-up</h2>
			<p class="mt-2 text-soft">A fit-up is the work of a kit in steps. This vehicle has no kit yet.</p>
			<a class="button mt-3" data-main href={resolve('/vehicles/[id]/kit', { id })}>Start a kit</a>
		</section>
	{:else}
		{@const plan = data.plan}
		<div class="panel flex min-h-0 flex-col gap-2 p-2">
			<div class="flex flex-wrap items-center gap-2">
				<label class="flex items-center gap-2 text-soft"
					>Kit
					<select
						class="field text-ink"
						value={data.kit.id}
						onchange={(event) => goto(resolve('/vehicles/[id]/fitup/[[kit]]', { id, kit: event.currentTarget.value }))}
					>
						{#each data.kits as kit (kit.id)}<option value={kit.id}>{kit.name}</option>{/each}
					</select></label
				>
				<span class="text-soft"
					>{data.kit.code ? `revision ${data.kit.revision}, ${data.kit.code}` : data.kit.state}</span
				>
				<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
				<a class="button ml-auto" href={`${paper}${asked}`} download>Sheet, A4</a>
				<a class="button" href={`${paper}?paper=letter${asked.replace('?', '&')}`} download>Letter</a>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
			</div>
			{#if form && 'message' in form}<Message text={form.message ?? ''} kept="Nothing was changed." />{/if}
			{#each plan.unreachable as words (words)}<p class="text-refuse">Cannot be reached: {words}.</p>{/each}
			<ScrollPanel label="Steps of the fit-up" class="min-h-0 grow p-3">
				<StepList steps={plan.steps} />
				<h2 class="mt-4 mb-2">Back together, in reverse</h2>
				<StepList steps={plan.refit} first={plan.steps.length + 1} />
				<h2 class="mt-4 mb-2">Afterwards</h2>
				<StepList steps={plan.afterwards} first={plan.steps.length + plan.refit.length + 1} />
			</ScrollPanel>
		</div>
		<ScrollPanel label="What the work takes" class="min-h-0 p-4 max-lg:order-first">
			<h2>About {Math.round(plan.minutes)} min</h2>
			<ul class="text-soft">
				{#each plan.timeWords as words (words)}<li>{words}</li>{/each}
			</ul>
			<BusyForm action={`${here}?/start${asked.replace('?', '&')}`} class="mt-3">
				{#snippet children(busy)}
					<button class="button" data-main disabled={busy}>Fit it in the bay</button>
				{/snippet}
			</BusyForm>
			{#if data.kit.stale.length > 0}
				<p class="mt-2 text-needs">{staleWords(data.kit.stale)}</p>
			{/if}
			<h2 class="mt-4">Tools</h2>
			<p>{plan.tools.join(' · ') || 'None on record.'}</p>
			<h2 class="mt-3">Have ready</h2>
			<p>{plan.ready.join(' · ')}</p>
			<h2 class="mt-3">Caution</h2>
			<ul class="list-disc pl-5">
				{#each plan.cautions as words (words)}<li>{words}</li>{/each}
			</ul>
			{#if nearlyFree.length > 0}
				<h2 class="mt-3">While it is open</h2>
				<p class="text-soft">These cost next to nothing more to fit:</p>
				<ul>
					{#each nearlyFree as add (add.socket)}
						<li class="flex flex-wrap items-center justify-between gap-2 py-0.5">
							<span>{add.name} <span class="text-soft">+{add.minutes} min</span></span>
							{#if data.kit.state !== 'released'}
								<BusyForm action={`${here}?/add`}>
									{#snippet children(busy)}
										<input type="hidden" name="socket" value={add.socket} />
										<button class="chip" disabled={busy} aria-label={`Add ${add.name} to the kit`}
											>Add to the kit</button
										>
									{/snippet}
								</BusyForm>
							{/if}
						</li>
					{/each}
				</ul>
			{/if}
			{#if others.length > 0}
				<details class="mt-2">
					<summary>What other lamps would add</summary>
					<ul>
						{#each others as add (add.socket)}<li class="flex justify-between gap-2">
								<span>{add.name}</span><span class="number">+{add.minutes} min</span>
							</li>{/each}
					</ul>
				</details>
			{/if}
			{#if plan.notRecorded.length > 0}
				<h2 class="mt-3">Nobody has recorded the way in</h2>
				<p class="text-soft">
					{plan.notRecorded.join(' · ')}.
					<a class="link" href={resolve('/vehicles/[id]/access/[[operation]]', { id })}>Record it</a>
				</p>
			{/if}
			{#if data.fittings.length > 0}
				<h2 class="mt-3">Fittings on this vehicle</h2>
				<ul>
					{#each data.fittings as fitting (fitting.id)}
						<li>
							<a class="link" href={resolve('/fittings/[fitting]', { fitting: fitting.id })}>{fitting.kitName}</a>
							<span class="text-sm text-soft"
								>{fitting.state}, {moment(fitting.startedAt)}{fitting.startedBy ? `, ${fitting.startedBy}` : ''}</span
							>
						</li>
					{/each}
				</ul>
			{/if}
		</ScrollPanel>
	{/if}
</main>
