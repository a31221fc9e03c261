<script lang="ts">
	import { resolve } from '$app/paths';
	import { getDesk } from '$lib/client/record-desk.svelte';
	import DifferenceTable from '$lib/components/identify/DifferenceTable.svelte';
	import IdentityFields from '$lib/components/identify/IdentityFields.svelte';
	import SplitForm from '$lib/components/identify/SplitForm.svelte';
	import UnitForms from '$lib/components/identify/UnitForms.svelte';
	import DeskMessages from '$lib/components/record/DeskMessages.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import type { Difference } from '$lib/core/identify';
	import { readIdentity } from '$lib/core/record';

	let { data, form } = $props();

	const desk = getDesk();
	const id = $derived(data.vehicle.id);
	const unlike = $derived((form && 'differences' in form ? (form.differences as Difference[]) : null) ?? []);
	let trouble = $state<string | null>(null);
	let other = $state('');

	async function save(event: SubmitEvent & { currentTarget: HTMLFormElement }): Promise<void> {
		event.preventDefault();
		const typed = new FormData(event.currentTarget);
		const identity = readIdentity((field) => String(typed.get(field) ?? ''));
		trouble = identity.ok ? null : identity.error;
		if (identity.ok) await desk.send({ kind: 'identity', identity: identity.value });
	}

	const compare = $derived(
		`${resolve('/vehicles/compare')}?c=${encodeURIComponent(id)}&c=${encodeURIComponent(other)}`
	);
</script>

<svelte:head><title>Identify · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="page page-list">
	{#if form && 'message' in form}
		<Message text={form.message ?? ''} kept="Nothing was changed." />
		{#if unlike.length > 0}
			<DifferenceTable
				differences={unlike}
				vehicles={[data.vehicle, data.others.find((o) => o.id === other) ?? data.vehicle]}
			/>
		{/if}
	{:else if form && 'done' in form}
		<p role="status" class="panel p-3">{form.done}</p>
	{/if}
	{#if trouble}<Message text={trouble} kept="What you typed is kept." />{/if}
	<DeskMessages />
	<form class="panel grid gap-3 p-4" onsubmit={save} aria-label="Identity">
		<h2>What vehicle this is</h2>
		{#key data.revision}<IdentityFields identity={data.identity} />{/key}
		<button class="button justify-self-start" data-main>Save</button>
	</form>
	<div class="grid gap-3 lg:grid-cols-2">
		<SplitForm years={data.identity.years ?? null} />
		<section class="panel grid content-start gap-3 p-4" aria-label="Compare and merge">
			<h2>Compare, merge</h2>
			<label class="grid gap-0.5 text-sm text-soft"
				>With
				<select class="field text-base text-ink" bind:value={other}>
					<option value="" disabled>another vehicle of this make</option>
					{#each data.others as candidate (candidate.id)}<option value={candidate.id}>{candidate.name}</option>{/each}
				</select></label
			>
			<div class="flex flex-wrap gap-2">
				<!-- eslint-disable-next-line svelte/no-navigation-without-resolve (resolved above, with a query behind it) -->
				<a class="button" href={other ? compare : undefined} aria-disabled={!other}>Side by side</a>
				<BusyForm action="?/merge"
					>{#snippet children(busy)}
						<input type="hidden" name="other" value={other} />
						<button class="button whitespace-normal!" disabled={busy || !other}
							>Merge into this one, if proved alike</button
						>
					{/snippet}</BusyForm
				>
			</div>
			<p class="text-sm text-soft">
				Two records become one only where every socket, fact, output and the flasher say the same. Kits of the other go
				with it.
			</p>
		</section>
	</div>
	<details class="panel p-4">
		<summary class="min-h-6 cursor-pointer font-semibold">Copy to another vehicle</summary>
		<p class="my-2 text-soft">
			All sockets and outputs are copied; everything counts as assumed there until somebody looks.
		</p>
		<BusyForm action="?/copy" class="grid gap-3"
			>{#snippet children(busy)}
				<IdentityFields identity={data.identity} />
				<button class="button justify-self-start" disabled={busy}>Copy under this identity</button>
			{/snippet}</BusyForm
		>
	</details>
	<UnitForms units={data.units} sockets={data.sockets} vehicle={id} />
</main>
