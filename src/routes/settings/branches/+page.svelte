<script lang="ts">
	import { resolve } from '$app/paths';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { answerOf } from '$lib/components/ui/form-answer';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();
	const answer = $derived(answerOf(form));
</script>

<svelte:head><title>Branches · Rotalux</title></svelte:head>

<main class="page page-reading">
	<div class="flex flex-wrap items-center gap-3">
		<a class="link" href={resolve('/settings')}>Settings</a>
		<h1>Branches</h1>
	</div>
	<p>
		Each branch has its own shelves, and may have its own prices and its own policy. Vehicles, what was found out about
		them, complaints and proofs are the same for all. A kit belongs to the branch where it was begun.
	</p>
	{#if answer.message}<Message text={answer.message} />{/if}
	{#if answer.done}<p role="status">{answer.done}</p>{/if}
	{#each data.branches as branch (branch.id)}
		<section class="panel grid gap-3 p-4" aria-label={branch.name}>
			<div class="flex flex-wrap items-center gap-3">
				<h2 class="mr-auto">{branch.name}</h2>
				<span class="text-soft"
					>{branch.closed
						? 'closed'
						: branch.first
							? 'the first branch: its prices hold where another has none of its own'
							: ''}</span
				>
				{#if branch.here}<strong>you work here</strong>{:else if branch.works}
					<BusyForm action="?/stand"
						>{#snippet children(busy)}<input type="hidden" name="branch" value={branch.id} /><button
								class="button"
								disabled={busy}>Work at {branch.name}</button
							>{/snippet}</BusyForm
					>
				{/if}
			</div>
			{#if data.mayChange}
				<div class="flex flex-wrap items-end gap-2 border-t border-line pt-3">
					<BusyForm action="?/change" class="flex flex-wrap items-end gap-2"
						>{#snippet children(busy)}
							<input type="hidden" name="id" value={branch.id} />
							<label class="grid gap-0.5 text-sm text-soft"
								>Name <input
									name="name"
									class="field text-base text-ink"
									value={branch.name}
									required
									maxlength="60"
								/></label
							>
							<button class="button" disabled={busy} aria-label="Save the name of {branch.name}">Save</button>
						{/snippet}</BusyForm
					>
					{#if !branch.first}
						<BusyForm action="?/change"
							>{#snippet children(busy)}<input type="hidden" name="id" value={branch.id} /><button
									class="button"
									name="closed"
									value={branch.closed ? 'no' : 'yes'}
									disabled={busy}>{branch.closed ? `Open ${branch.name} again` : `Close ${branch.name}`}</button
								>{/snippet}</BusyForm
						>
						{#if !branch.closed}<span class="text-sm text-soft"
								>Closed, it keeps its kits and sales; what lies there counts for nothing.</span
							>{/if}
					{/if}
				</div>
			{/if}
		</section>
	{:else}
		<p class="panel p-4">
			This shop stands alone. With a second branch, the shop as it is today becomes the first one and keeps all it has.
		</p>
	{/each}
	{#if data.mayChange}
		{#key data.branches.length}
			<BusyForm action="?/open" class="panel flex flex-wrap items-end gap-2 p-4"
				>{#snippet children(busy)}
					<h2 class="w-full">{data.branches.length === 0 ? 'The second branch' : 'A new branch'}</h2>
					{#if data.branches.length === 0}<label class="grid gap-0.5 text-sm text-soft"
							>Name of the shop as it is today <input
								name="first"
								class="field text-base text-ink"
								required
								maxlength="60"
								value={form && 'first' in form ? form.first : ''}
							/></label
						>{/if}
					<label class="grid gap-0.5 text-sm text-soft"
						>Name of the new branch <input
							name="name"
							class="field text-base text-ink"
							required
							maxlength="60"
							value={form && 'name' in form ? form.name : ''}
						/></label
					>
					<button class="button" data-main disabled={busy}>Open it</button>
				{/snippet}</BusyForm
			>
		{/key}
	{/if}
</main>
