<script lang="ts">
	import { tick } from 'svelte';
	import { resolve } from '$app/paths';
	import { isPressed } from '$lib/client/shortcuts';
	import SymptomPicker from '$lib/components/complaints/SymptomPicker.svelte';
	import type { PickedSighting } from '$lib/components/complaints/picked';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import { answerOf } from '$lib/components/ui/form-answer';
	import Message from '$lib/components/ui/Message.svelte';
	import { counted } from '$lib/core/quantity';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	let { data, form } = $props();

	const answer = $derived(answerOf(form));
	const last = $derived(form && 'last' in form && form.last ? form.last : null);
	/** The question that keys answer, and the one whose trouble is being written down. */
	let at = $state(0);
	let open = $state<string | null>(null);
	let picked = $state<PickedSighting[]>([]);
	const keyOf = (one: { fitting: string; months: number }) => `${one.fitting} ${one.months}`;

	async function key(event: KeyboardEvent): Promise<void> {
		if (open !== null || (event.target as HTMLElement).matches('input, select, textarea')) return;
		const row = data.due[at];
		if (!row) return;
		const press = (name: string) =>
			document.querySelector<HTMLButtonElement>(`[data-row="${at}"] [data-answer="${name}"]`)?.click();
		if (isPressed('ask-fine', event)) press('fine');
		else if (isPressed('ask-nobody', event)) press('no-answer');
		else if (isPressed('ask-wrong', event)) open = keyOf(row);
		else if (isPressed('list-down', event)) at = Math.min(at + 1, data.due.length - 1);
		else if (isPressed('list-up', event)) at = Math.max(0, at - 1);
		else return;
		event.preventDefault();
		await tick();
		document.querySelector<HTMLElement>(`[data-row="${at}"]`)?.scrollIntoView({ block: 'nearest' });
	}
</script>

<svelte:window onkeydown={key} />
<svelte:head><title>Ask after · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-baseline gap-3">
		<a class="link" href={resolve('/complaints')}>Complaints</a>
		<h1>Ask after: {data.total} due</h1>
	</div>
	<p class="text-soft">
		{data.months.length > 0 ? `Asked after ${data.months.join(', ')} months` : 'This shop asks after nothing'}; set
		under
		<a class="link" href={resolve('/settings')}>Settings</a>. Keys: <kbd>f</kbd> still fine, <kbd>n</kbd> nobody
		reached,
		<kbd>w</kbd> something is wrong.
	</p>
	{#if answer.message}<Message text={answer.message} />{/if}
	{#if answer.done}
		<div class="flex flex-wrap items-center gap-2" role="status">
			<span>{answer.done}</span>
			{#if last}
				<BusyForm action="?/back"
					>{#snippet children(busy)}
						<input type="hidden" name="fitting" value={last.fitting} /><input
							type="hidden"
							name="months"
							value={last.months}
						/>
						<button class="button" disabled={busy}>Take it back</button>
					{/snippet}</BusyForm
				>
			{/if}
		</div>
	{/if}
	{#if data.due.length === 0}
		<p>Nobody is to be asked today. A finished fitting comes up here when its months are over.</p>
	{/if}
	<ul class="grid gap-2">
		{#each data.due as row, i (keyOf(row))}
			<li class="panel grid gap-2 p-3 data-[at=true]:border-sea" data-row={i} data-at={i === at}>
				<div class="grid items-center gap-2 md:grid-cols-[minmax(0,1fr)_auto_auto]">
					<div>
						<p class="font-medium">{row.vehicle}</p>
						<p class="text-sm text-soft">
							<a class="link" href={resolve('/fittings/[fitting]', { fitting: row.fitting })}>{row.kit}</a>
							{row.code ? ` · ${row.code}` : ''} · {counted(row.months, 'month')} after fitting, due {date(row.due)}
						</p>
					</div>
					<BusyForm action="?/answer" class="flex gap-2"
						>{#snippet children(busy)}
							<input type="hidden" name="fitting" value={row.fitting} /><input
								type="hidden"
								name="months"
								value={row.months}
							/>
							<button class="button min-h-11!" data-answer="fine" data-main name="answer" value="fine" disabled={busy}
								>Still fine</button
							>
							<button class="button min-h-11!" data-answer="no-answer" name="answer" value="no-answer" disabled={busy}
								>Nobody reached</button
							>
						{/snippet}</BusyForm
					>
					<button
						type="button"
						class="button min-h-11!"
						aria-expanded={open === keyOf(row)}
						onclick={() => {
							picked = [];
							open = open === keyOf(row) ? null : keyOf(row);
						}}>Something is wrong</button
					>
				</div>
				{#if open === keyOf(row)}
					<BusyForm action="?/wrong" class="grid gap-2"
						>{#snippet children(busy)}
							<input type="hidden" name="fitting" value={row.fitting} /><input
								type="hidden"
								name="months"
								value={row.months}
							/>
							<SymptomPicker choices={data.choices} modes={[]} places={[]} bind:picked />
							<label class="grid gap-0.5 text-sm text-soft"
								>In words<input class="field text-base text-ink" name="words" maxlength="1000" /></label
							>
							<button class="button mr-auto" data-main disabled={busy}>File it as a complaint</button>
						{/snippet}</BusyForm
					>
				{/if}
			</li>
		{/each}
	</ul>
</main>
