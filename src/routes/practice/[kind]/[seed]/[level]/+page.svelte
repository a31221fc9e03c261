<script lang="ts">
	import { tick } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { isPressed } from '$lib/client/shortcuts';
	import AnswerFields from '$lib/components/practice/AnswerFields.svelte';
	import LookList from '$lib/components/practice/LookList.svelte';
	import OpenInShop from '$lib/components/practice/OpenInShop.svelte';
	import QuestionDrawing from '$lib/components/practice/QuestionDrawing.svelte';
	import ScorePanel from '$lib/components/practice/ScorePanel.svelte';
	import TodayClock from '$lib/components/practice/TodayClock.svelte';
	import { TOUR_LENGTH, tourAddress, tourStep } from '$lib/components/practice/tour-address';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';

	let { data, form } = $props();

	const id = $derived(`${data.key.kind}/${data.key.seed}`);
	const score = $derived(form && 'score' in form ? form.score : null);
	const step = $derived(tourStep(page.url.searchParams));
	/** What is chosen; begins anew with every exercise. */
	let chosen = $derived<string>(id && '');
	let reason = $derived<string>(id && '');
	let began = $derived(id ? Date.now() : 0);
	let seconds = $state(0);
	let button = $state<HTMLButtonElement>();
	const { question } = $derived(data);
	const why = $derived(question.reason);
	const isReady = $derived(chosen !== '' && (why === null || reason !== ''));

	/** Sends what was typed, without a button. */
	async function send(): Promise<void> {
		seconds = Math.round((Date.now() - began) / 1000);
		await tick();
		button?.form?.requestSubmit();
	}

	function key(event: KeyboardEvent): void {
		if (event.target instanceof HTMLInputElement && event.target.type !== 'radio') return;
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		if (score && isPressed('exercise-next', event)) document.querySelector<HTMLElement>('[data-next]')?.click();
	}
</script>

<svelte:head><title>{data.skill} · Practice · Rotalux</title></svelte:head>
<svelte:window onkeydown={key} />

<main class="page items-start lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
	<div class="flex flex-wrap items-baseline gap-x-3 lg:col-span-2">
		<a class="link" href={resolve('/practice')}>Practice</a>
		<h1 class="first-letter:uppercase">{data.skill}</h1>
		{#if step !== null}<p class="font-medium">{step + 1} of {TOUR_LENGTH}</p>{/if}
		<p class="mr-auto text-soft">
			{data.key.kind === 'house-case'
				? 'it happened in this shop; names are left out'
				: `level ${data.key.level} · a vehicle that does not exist`} · about {data.minutes} min
		</p>
		{#if step === null}<TodayClock seconds={data.today.seconds} />{/if}
	</div>
	<section class="panel grid content-start gap-3 p-3" aria-label="What is asked">
		<h2>{question.task}</h2>
		{#if question.drawing}<QuestionDrawing drawing={question.drawing} wheel={data.wheel} />{/if}
		{#if question.given.length > 0}
			<table class="grid-table">
				<tbody>
					{#each question.given as { label, value }, i (i)}
						<tr><th scope="row" class="whitespace-normal!">{label}</th><td>{value}</td></tr>
					{/each}
				</tbody>
			</table>
		{/if}
		{#if question.looks.length > 0}<LookList
				looks={question.looks}
				seen={data.seen}
				query={page.url.searchParams}
				isOver={score !== null}
			/>{/if}
	</section>
	<div class="grid content-start gap-3">
		{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
		<BusyForm action="?/answer" class="panel grid gap-3 p-3">
			{#snippet children(busy)}
				<AnswerFields form={question.answer} bind:chosen disabled={score !== null} {send} />
				{#if why}
					<fieldset class="grid gap-1" disabled={score !== null}>
						<legend class="mb-1 font-medium">{why.question}</legend>
						<div class="flex flex-wrap gap-1">
							{#each why.choices as { id: choice, words } (choice)}
								<label class="flex min-h-9 items-center gap-2 rounded px-2 hover:bg-sea-wash">
									<input type="radio" name="reason" value={choice} bind:group={reason} />
									{words}
								</label>
							{/each}
						</div>
					</fieldset>
				{/if}
				<input type="hidden" name="chosen" value={chosen} />
				{#each data.seen as { id: look } (look)}<input type="hidden" name="looked" value={look} />{/each}
				<input type="hidden" name="seconds" value={seconds} />
				{#if score === null}
					<button
						bind:this={button}
						class="button justify-self-start"
						hidden={question.answer.by === 'line'}
						data-main
						disabled={busy || !isReady}
						onclick={() => (seconds = Math.round((Date.now() - began) / 1000))}>Answer</button
					>
				{/if}
			{/snippet}
		</BusyForm>
		{#if score}
			<ScorePanel {score} />
			{#if data.room}{#key id}<OpenInShop room={data.room} />{/key}{/if}
			{#if step === null}
				<form method="post" action={`${resolve('/practice')}?/next`}>
					<button class="button" data-main data-next>Next exercise</button>
				</form>
			{:else}
				<!-- eslint-disable svelte/no-navigation-without-resolve (tourAddress resolves) -->
				<p>
					<a class="button" data-main data-next href={tourAddress(step + 1)}
						>{step + 1 < TOUR_LENGTH ? 'Next question' : 'Go on practising'}</a
					>
				</p>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
			{/if}
		{/if}
	</div>
</main>
