<script lang="ts">
	import { resolve } from '$app/paths';
	import SymptomPicker from '$lib/components/complaints/SymptomPicker.svelte';
	import type { PickedSighting } from '$lib/components/complaints/picked';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();

	let picked = $state<PickedSighting[]>([]);
	const desk = $derived(data.desk);
	const message = $derived(form && 'message' in form ? String(form.message) : null);
	const same = $derived(form && 'same' in form && form.same ? String(form.same) : null);
</script>

<svelte:head><title>File a complaint · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-baseline gap-3">
		<a class="link" href={resolve('/complaints')}>Complaints</a>
		<h1>File a complaint</h1>
	</div>
	<section class="panel grid gap-2 p-3" aria-label="What it is about">
		<h2>{desk.about ? desk.about.name : 'What is it about?'}</h2>
		{#if desk.missing}<Message text={desk.missing} kept="Look for it below, or file the complaint in words." />{/if}
		{#if desk.code || desk.fitting}
			<p class="text-soft">
				{[desk.code ? `kit ${desk.code}` : '', desk.fitting ? 'the fitting in this bay' : '']
					.filter(Boolean)
					.join(', ')}
			</p>
		{/if}
		<form method="get" class="flex flex-wrap items-end gap-2">
			<label class="grid gap-0.5 text-sm text-soft"
				>Code on the kit's label<input
					class="field text-base text-ink"
					name="code"
					value={desk.code ?? ''}
					size="12"
				/></label
			>
			<label class="grid grow gap-0.5 text-sm text-soft"
				>or the vehicle<input
					class="field text-base text-ink"
					name="q"
					value={data.typed}
					placeholder="skerry 2018"
				/></label
			>
			<button class="button">Look for it</button>
		</form>
		{#if data.found.length > 0}
			<ul class="flex flex-wrap gap-1.5">
				{#each data.found as one (one.id)}
					<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved, with a query behind it -->
					<li>
						<a class="chip" href={`${resolve('/complaints/new')}?vehicle=${encodeURIComponent(one.id)}`}>{one.name}</a>
						<!-- eslint-enable svelte/no-navigation-without-resolve -->
					</li>
				{/each}
			</ul>
		{:else if data.typed !== ''}<p class="text-soft">
				No vehicle is called so. <a class="link" href={resolve('/vehicles/new')}>Add it</a>, or file the complaint in
				words.
			</p>{/if}
	</section>
	{#if message}<Message text={message} />{/if}
	{#if same}<p>
			<a class="link" href={resolve('/complaints/[complaint]', { complaint: same })}>Open the one that is filed</a>
		</p>{/if}
	<BusyForm action="?/file" class="grid gap-3"
		>{#snippet children(busy)}
			<input type="hidden" name="configuration" value={desk.about?.id ?? ''} />
			<input type="hidden" name="code" value={desk.code ?? ''} />
			<input type="hidden" name="fitting" value={desk.fitting ?? ''} />
			<section class="panel grid gap-2 p-3" aria-label="What was seen">
				<h2>What was seen?</h2>
				<SymptomPicker choices={desk.choices} modes={desk.modes} places={desk.places} bind:picked />
				<label class="grid gap-0.5 text-sm text-soft"
					>In the customer's words<textarea class="field text-base text-ink" name="symptom" rows="2" maxlength="1000"
					></textarea></label
				>
				<div class="flex flex-wrap gap-3">
					<label class="grid gap-0.5 text-sm text-soft"
						>Said on<input
							class="field text-base text-ink"
							type="date"
							name="on"
							value={data.today}
							max={data.today}
						/></label
					>
					<label class="grid gap-0.5 text-sm text-soft"
						>Taken by<input
							class="field text-base text-ink"
							name="by"
							value={data.person ?? ''}
							maxlength="80"
						/></label
					>
				</div>
				{#if same}<label class="flex min-h-8 items-center gap-2"
						><input type="checkbox" class="size-4" name="again" /> It came again: file it beside the other</label
					>{/if}
			</section>
			<button class="button mr-auto" data-main disabled={busy}>File it and look for the cause</button>
		{/snippet}</BusyForm
	>
</main>
