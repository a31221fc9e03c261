<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { browser } from '$app/environment';
	import { FittingDesk, type SentMark } from '$lib/client/fitting-desk.svelte';
	import Different from '$lib/components/fitup/Different.svelte';
	import FittingSteps from '$lib/components/fitup/FittingSteps.svelte';
	import Said from '$lib/components/fitup/Said.svelte';
	import { smallPicture } from '$lib/components/fitup/small-picture';
	import StepBody from '$lib/components/fitup/StepBody.svelte';

	let { data } = $props();

	const all = $derived([...data.plan.steps, ...data.plan.refit, ...data.plan.afterwards]);

	/** Marks that wait for a connection, on this device; a browser that keeps nothing still sends. */
	function keptHere(id: string) {
		const key = `fitting ${id}`;
		return {
			read: (): SentMark[] => {
				try {
					return browser ? (JSON.parse(localStorage.getItem(key) ?? '[]') as SentMark[]) : [];
				} catch {
					return [];
				}
			},
			write: (marks: readonly SentMark[]): void => {
				try {
					if (marks.length === 0) localStorage.removeItem(key);
					else localStorage.setItem(key, JSON.stringify(marks));
				} catch {
					// Full or forbidden: they stay in this page until they are sent.
				}
			}
		};
	}

	const desk = untrack(
		() =>
			new FittingDesk({
				address: resolve('/fittings/[fitting]/marks', { fitting: data.fitting.id }),
				steps: all.map(({ id }) => id),
				marks: data.marks,
				fetch: (...request) => fetch(...request),
				kept: keptHere(data.fitting.id),
				now: () => new Date().toISOString(),
				uid: () => crypto.getRandomValues(new Uint32Array(4)).join('-')
			})
	);
	const standing = $derived(desk.state);

	/** The step that is looked at; null stands for the next one that is open. */
	let looked = $state<string | null>(null);
	let panel = $state<'' | 'different' | 'steps'>('');
	const at = $derived(looked ?? standing.next);
	const index = $derived(all.findIndex(({ id }) => id === at));
	const step = $derived(all[index] ?? null);
	const here = $derived(step ? standing.steps.get(step.id) : null);

	const RETRY_MS = 4000;
	$effect(() => {
		const send = () => void desk.send();
		send();
		const again = setInterval(send, RETRY_MS);
		addEventListener('online', send);
		return () => {
			clearInterval(again);
			removeEventListener('online', send);
		};
	});

	/** The screen stays on while a fitting runs: hands are dirty. */
	$effect(() => {
		if (!standing.isRunning || !('wakeLock' in navigator)) return;
		let lock: WakeLockSentinel | null = null;
		const hold = () => {
			if (document.visibilityState === 'visible')
				navigator.wakeLock.request('screen').then(
					(held) => (lock = held),
					() => null
				);
		};
		hold();
		document.addEventListener('visibilitychange', hold);
		return () => {
			document.removeEventListener('visibilitychange', hold);
			void lock?.release();
		};
	});

	function go(to: number): void {
		looked = all[Math.max(0, Math.min(all.length - 1, to))]?.id ?? null;
		panel = '';
	}

	function tick(): void {
		if (!step) return;
		if (!standing.isRunning && standing.done === 0) desk.mark('go-on', step.id);
		desk.mark('done', step.id);
		looked = null;
		panel = '';
	}

	async function photograph(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
		const [file] = event.currentTarget.files ?? [];
		if (!file || !step) return;
		desk.mark('photo', step.id, { picture: await smallPicture(file) });
	}
</script>

<svelte:head><title>Fitting · {data.vehicle} · Rotalux</title></svelte:head>

<main class="mx-auto flex min-h-screen max-w-3xl flex-col p-3 text-lg">
	<header class="flex flex-wrap items-center gap-x-4 gap-y-1">
		<a class="button min-h-11!" href={resolve('/fittings')}>Fittings</a>
		<div class="mr-auto">
			<h1>{data.vehicle}</h1>
			<p class="text-base text-soft">
				{data.fitting.kitName}{data.fitting.code ? ` · ${data.fitting.code}` : ''}
			</p>
		</div>
		<p class="text-base" role="status">
			{#if desk.waiting > 0}
				<span class="text-needs">{desk.waiting} kept here, not sent yet</span>
			{:else}
				<span class="text-soft">everything is sent</span>
			{/if}
		</p>
		<button
			type="button"
			class="button min-h-11!"
			aria-expanded={panel === 'steps'}
			onclick={() => (panel = panel === 'steps' ? '' : 'steps')}>{standing.done} of {all.length} done</button
		>
		{#if !standing.isFinished}
			<button
				type="button"
				class="button min-h-11!"
				onclick={() => desk.mark(standing.isRunning ? 'pause' : 'go-on', step?.id ?? 'before')}
				>{standing.isRunning ? 'Pause' : standing.done > 0 ? 'Go on' : 'Begin'}</button
			>
		{/if}
	</header>
	<progress class="mt-2 w-full" max={all.length} value={standing.done}>{standing.done} of {all.length}</progress>
	{#if desk.trouble}<p class="text-refuse" role="alert">{desk.trouble}</p>{/if}

	{#if panel === 'steps'}
		<FittingSteps {all} {standing} onpick={(id) => ((looked = id), (panel = ''))} />
	{:else if standing.isFinished}
		<section class="panel mt-3 grid gap-3 p-4">
			<h2>Finished</h2>
			<p>What was found is on record. Times that nobody had taken before stand with the way in.</p>
			<FittingSteps {all} {standing} onpick={(id) => ((looked = id), (panel = ''))} />
			<div class="flex flex-wrap gap-2">
				<a
					class="button"
					href={resolve('/vehicles/[id]/fitup/[[kit]]', { id: data.fitting.configurationId, kit: data.fitting.kitId })}
					>To the fit-up</a
				>
				<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
				<a
					class="button"
					data-main
					href={`${resolve('/vehicles/[id]/prove/modes', { id: data.fitting.configurationId })}?kit=${data.fitting.kitId}`}
					>Prove it: every mode, light, aim</a
				>
				<a class="button" href={`${resolve('/complaints/new')}?fitting=${data.fitting.id}`}>Something came back</a>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
				<a class="button" href={resolve('/questions')}>Questions</a>
			</div>
		</section>
	{:else if step}
		<section class="mt-3 grid grow content-start gap-3 pb-40" aria-label={`Step ${index + 1} of ${all.length}`}>
			<p class="flex flex-wrap items-baseline gap-x-3 text-base text-soft">
				<span>Step {index + 1} of {all.length}</span>
				{#if step.side === 'left' || step.side === 'right'}<span class="font-medium text-ink">{step.side}</span>{/if}
				{#each step.places as place (place.id)}<span>{place.number}: {place.name}</span>{/each}
				<span class="ml-auto tabular-nums">{step.time}</span>
			</p>
			<h2 class="text-2xl! leading-tight">{step.title}</h2>
			{#if panel === 'different'}
				<div class="panel p-3">
					{#key step.id}
						<Different
							{step}
							context={data.context}
							onsay={(text, command) => {
								desk.mark(command ? 'different' : 'note', step.id, { text, ...(command ? { command } : {}) });
								panel = '';
							}}
						/>
					{/key}
				</div>
			{/if}
			<StepBody {step} />
			{#if here}<Said said={here.said} />{/if}
		</section>
		<nav class="fixed inset-x-0 bottom-0 border-t border-line bg-panel p-3" aria-label="This step">
			<div class="mx-auto grid max-w-3xl gap-2">
				<div class="flex gap-2">
					<button
						type="button"
						class="button min-h-12! grow justify-center"
						aria-expanded={panel === 'different'}
						onclick={() => (panel = panel === 'different' ? '' : 'different')}>Note, or it was different</button
					>
					<label class="button min-h-12! grow cursor-pointer justify-center"
						>Photo<input
							class="sr-only"
							type="file"
							accept="image/*"
							capture="environment"
							onchange={photograph}
						/></label
					>
				</div>
				<div class="flex gap-2">
					<button type="button" class="button min-h-16! px-5" disabled={index <= 0} onclick={() => go(index - 1)}
						>Back</button
					>
					{#if here?.done}
						<button type="button" class="button min-h-16! px-4" onclick={() => desk.mark('undo', step.id)}
							>Not done after all</button
						>
						<button
							type="button"
							class="button min-h-16! grow justify-center text-xl"
							data-main
							onclick={() => (looked = null)}>To the next open step</button
						>
					{:else}
						<button type="button" class="button min-h-16! grow justify-center text-xl" data-main onclick={tick}
							>{step.kind === 'checkpoint' ? 'Looked at, all as it should be' : 'Done'}</button
						>
					{/if}
				</div>
			</div>
		</nav>
	{:else}
		<section class="panel mt-3 grid gap-3 p-4">
			<h2>Every step is done</h2>
			<p>Finish it, and the times that were taken go to the way in where nobody had timed it.</p>
			<button
				type="button"
				class="button min-h-16! justify-center text-xl"
				data-main
				onclick={() => desk.mark('finish', 'after')}>Finish the fitting</button
			>
		</section>
	{/if}
</main>
