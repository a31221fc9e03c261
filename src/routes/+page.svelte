<script lang="ts">
	import { pressed } from '$lib/client/shortcuts';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import CounterAnswers from '$lib/components/counter/CounterAnswers.svelte';
	import { counted } from '$lib/core/quantity';
	import VehicleCard from '$lib/components/vehicle/VehicleCard.svelte';

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

<main class="grid max-w-5xl gap-5 p-6">
	<h1>Counter</h1>
	<form role="search" method="get" class="grid gap-1.5">
		<label for="line" class="font-medium">Vehicle and function</label>
		<!-- svelte-ignore a11y_autofocus (the counter is one line; a customer waits) -->
		<input
			id="line"
			name="q"
			type="search"
			class="field min-h-12! text-lg"
			placeholder="skerry 2018 rear indicator"
			autocomplete="off"
			autofocus
			value={data.line}
			oninput={(event) => typed(event.currentTarget.value)}
			onkeydown={key}
		/>
		<p class="text-soft">
			A few letters of make or model, a year, and what the lamp does, or the word kit. Enter opens the first answer,
			arrow down goes through them.
		</p>
	</form>
	{#if data.line.trim() === ''}
		<ul class="flex flex-wrap gap-2" aria-label="Waiting for somebody">
			{#if data.waiting.unread > 0}<li>
					<a class="button" href={resolve('/complaints')}
						>{counted(data.waiting.unread, 'message')} from customers to read</a
					>
				</li>{/if}
			{#if data.waiting.open > 0}<li>
					<a class="button" href={resolve('/complaints')}>{counted(data.waiting.open, 'open complaint')}</a>
				</li>{/if}
			{#if data.waiting.due > 0}<li>
					<a class="button" href={resolve('/follow-ups')}>{counted(data.waiting.due, 'fitting')} to ask after</a>
				</li>{/if}
			<li><a class="button" href={resolve('/complaints/new')}>Something came back</a></li>
		</ul>
	{/if}
	<div aria-live="polite">
		{#if data.reply}
			<CounterAnswers reply={data.reply} could={data.could} />
		{:else if data.vehicles.length > 0}
			<h2 class="mb-2">Vehicles on record</h2>
			<ul class="grid gap-2 sm:grid-cols-2">
				{#each data.vehicles as vehicle (vehicle.id)}<li><VehicleCard {vehicle} /></li>{/each}
			</ul>
		{:else}
			<p>
				No vehicle is on record yet. <a class="link" href={resolve('/vehicles/import')}>Read a rotalux/1 file</a> to begin.
			</p>
		{/if}
	</div>
</main>
