<script lang="ts">
	import { pressed } from '$lib/client/shortcuts';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import CounterAnswers from '$lib/components/counter/CounterAnswers.svelte';
	import { counted } from '$lib/core/quantity';
	import { longDay } from '$lib/core/quantity';
	import TinyRota from '$lib/components/rota/TinyRota.svelte';
	import GoOn from '$lib/components/start/GoOn.svelte';
	import { tourAddress } from '$lib/components/practice/tour-address';
	import SinceList from '$lib/components/today/SinceList.svelte';
	import WaitingList from '$lib/components/today/WaitingList.svelte';

	let { data } = $props();

	const PAUSE_MS = 90;
	let pause: ReturnType<typeof setTimeout> | undefined;
	/** What is typed and not asked yet, and the answer under way. */
	let unasked: string | null = null;
	let asking = Promise.resolve();

	/** The line is part of the address, so that back, reload and a shared link bring the same answer. */
	function ask(): Promise<void> {
		clearTimeout(pause);
		if (unasked !== null) {
			const query = unasked.trim() === '' ? '' : `?q=${encodeURIComponent(unasked)}`;
			unasked = null;
			// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it
			asking = goto(`${resolve('/')}${query}`, { keepFocus: true, noScroll: true, replaceState: true });
		}
		return asking;
	}

	function typed(line: string): void {
		unasked = line;
		clearTimeout(pause);
		pause = setTimeout(ask, PAUSE_MS);
	}

	/** Down goes to the first answer, Enter opens it; both wait for the answer to what stands in the line now. */
	async function key(event: KeyboardEvent): Promise<void> {
		const way = pressed(event, ['list-down', 'list-open']);
		if (!way) return;
		event.preventDefault();
		await ask();
		const place = document.querySelector<HTMLElement>('[data-answer="place"]');
		const kit = document.querySelector<HTMLElement>('[data-answer="kit"]');
		const first = place ?? kit ?? document.querySelector<HTMLElement>('[data-answer]');
		if (way === 'list-open') first?.click();
		else first?.focus();
	}
</script>

<svelte:head><title>Counter · Rotalux</title></svelte:head>

<main class="page lg:grid-cols-[minmax(0,1fr)_22rem]">
	<div class="lg:col-span-2 flex flex-wrap items-baseline gap-x-3">
		<h1>Counter</h1>
		<p class="text-soft">{longDay(new Date(), data.timeZone)}</p>
		{#if data.demo}
			<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- tourAddress resolves -->
			<a class="link" href={tourAddress(0)}>New to the trade? Three questions in three minutes</a>
		{/if}
		<p class="ml-auto text-sm text-soft max-sm:hidden">
			<kbd class="rounded border border-line bg-raised px-1.5 font-sans">Ctrl K</kbd> anything ·
			<kbd class="rounded border border-line bg-raised px-1.5 font-sans">?</kbd> help and keys
		</p>
	</div>
	<div class="grid content-start gap-4">
		<form role="search" method="get" class="grid gap-1">
			<label for="line" class="sr-only">Vehicle and function</label>
			<!-- svelte-ignore a11y_autofocus (the counter is one line; a customer waits) -->
			<input
				id="line"
				name="q"
				type="search"
				class="field min-h-12! text-lg"
				placeholder="A vehicle and a lamp: skerry 2018 rear indicator"
				autocomplete="off"
				autofocus
				value={data.line}
				oninput={(event) => typed(event.currentTarget.value)}
				onkeydown={key}
				aria-describedby="line-help"
			/>
			<p id="line-help" class="text-sm text-soft">
				A few letters of make or model, a year, and what the lamp does, or the word kit. Enter opens the first answer,
				arrow down goes through them.
			</p>
		</form>
		<div aria-live="polite">
			{#if data.reply}<CounterAnswers reply={data.reply} could={data.could} />{/if}
		</div>
		{#if data.start}<GoOn start={data.start} />{/if}
		{#if data.today}<WaitingList waiting={data.today.waiting} />{/if}
	</div>
	{#if data.today}
		{@const { counts, recent, changed } = data.today}
		<div class="grid content-start gap-4">
			<ul class="flex flex-wrap gap-2" aria-label="Waiting for somebody">
				{#if counts.unread > 0}<li>
						<a class="button" href={resolve('/complaints')}
							>{counted(counts.unread, 'message')} from customers to read</a
						>
					</li>{/if}
				{#if counts.open > 0}<li>
						<a class="button" href={resolve('/complaints')}>{counted(counts.open, 'open complaint')}</a>
					</li>{/if}
				{#if counts.due > 0}<li>
						<a class="button" href={resolve('/follow-ups')}>{counted(counts.due, 'fitting')} to ask after</a>
					</li>{/if}
				<li><a class="button" href={resolve('/complaints/new')}>Something came back</a></li>
			</ul>
			{#if recent.length > 0}
				<section class="panel" aria-labelledby="recent">
					<h2 id="recent" class="border-b border-line px-3 py-2">Worked on last</h2>
					<ul>
						{#each recent as vehicle (vehicle.id)}
							<li class="border-b border-line last:border-0">
								<a
									href={resolve('/vehicles/[id]/walk/[[socket]]', { id: vehicle.id })}
									class="flex items-center gap-3 px-3 py-1.5 hover:bg-sea-wash"
								>
									<TinyRota sockets={vehicle.sockets} size={34} />
									<span
										><span class="block font-medium">{vehicle.title}</span><span class="block text-sm text-soft"
											>{vehicle.marks.slice(0, 3).join(' · ')}</span
										></span
									>
								</a>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
			<SinceList changes={changed.changes} total={changed.total} />
		</div>
	{/if}
</main>
