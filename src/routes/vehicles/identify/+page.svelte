<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import DifferenceTable from '$lib/components/identify/DifferenceTable.svelte';
	import LookQuestion from '$lib/components/identify/LookQuestion.svelte';
	import VinReading from '$lib/components/identify/VinReading.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import VehicleCard from '$lib/components/vehicle/VehicleCard.svelte';

	let { data } = $props();

	const PAUSE_MS = 120;
	let pause: ReturnType<typeof setTimeout> | undefined;

	function address(line: string, answers: Record<string, string>): string {
		const query = new URLSearchParams({ ...(line ? { q: line } : {}), ...answers });
		return `${resolve('/vehicles/identify')}?${query}`;
	}
	// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved in address()
	const go = (to: string) => goto(to, { keepFocus: true, noScroll: true });

	function typed(line: string): void {
		clearTimeout(pause);
		pause = setTimeout(() => void go(address(line, {})), PAUSE_MS);
	}
	function answer(question: string, id: string): void {
		void go(address(data.line, { ...data.answers, [question]: id }));
	}
	function takeBack(question: string): void {
		const { [question]: _gone, ...rest } = data.answers;
		void go(address(data.line, rest));
	}

	const { possible, left } = $derived(data.at);
	const ids = $derived(possible.map((v) => `c=${encodeURIComponent(v.id)}`).join('&'));
	const enough = $derived(left > 1 && left <= 6);
</script>

<svelte:head><title>Identify · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve (address() resolves; the others are resolved with a query behind them) -->
<main class="page page-list">
	<div class="flex flex-wrap items-end gap-3">
		<h1 class="mr-auto">Identify</h1>
		<a class="button" href={resolve('/vehicles/new')}>Add a vehicle</a>
	</div>
	<form role="search" method="get" class="grid gap-1">
		<label for="line" class="font-medium">Make, model, generation, year, or a vehicle identification number</label>
		<!-- svelte-ignore a11y_autofocus (the page is one line) -->
		<input
			id="line"
			name="q"
			type="search"
			class="field min-h-12! text-lg"
			placeholder="skerry 2018"
			autocomplete="off"
			autofocus
			value={data.line}
			oninput={(event) => typed(event.currentTarget.value)}
		/>
	</form>
	{#if data.at.problem}<Message text={data.at.problem} />{/if}
	{#if data.at.vin}<VinReading vin={data.at.vin} />{/if}
	{#if data.at.slips.length > 0}<p class="text-soft">{data.at.slips.join(' · ')}</p>{/if}

	{#if data.line.trim() && !data.at.problem}
		<div class="grid gap-4 lg:grid-cols-[24rem_minmax(0,1fr)]">
			<section class="grid content-start gap-3" aria-label="What can be seen" aria-live="polite">
				{#if data.at.next}
					<LookQuestion question={data.at.next} {left} onanswer={answer} />
				{:else if left === 1}
					<p class="panel p-3 font-medium">This is the one: nothing else on record agrees with what was seen.</p>
				{:else if left > 1}
					<p class="panel p-3">
						Nothing that can be seen tells these {left} apart. Go on with all of them, or compare what they differ in.
					</p>
				{/if}
				{#if data.at.answered.length > 0}
					<div>
						<h2>Seen so far</h2>
						<ul>
							{#each data.at.answered as seen (seen.id)}
								<li class="flex items-center justify-between gap-2 border-b border-line py-1">
									<span>{seen.text} <strong>{seen.answer}</strong></span>
									<button type="button" class="chip" onclick={() => takeBack(seen.id)}>take back</button>
								</li>
							{/each}
						</ul>
					</div>
				{/if}
				{#if enough}
					<div class="flex flex-wrap gap-2">
						<a class="button" data-main href={`${resolve('/vehicles/possible')}?${ids}`}>What fits all {left}</a>
						<a class="button" href={`${resolve('/vehicles/compare')}?${ids}`}>Compare</a>
					</div>
				{/if}
			</section>
			<section aria-label="Vehicles that are possible">
				<h2>{left} of {data.at.found} possible</h2>
				{#if data.at.more}
					<p class="text-needs">
						More vehicles answer to this than the {data.at.found} looked at. Type more of the name, or a year.
					</p>
				{/if}
				{#if data.at.found === 0}
					<p class="text-soft">
						No vehicle on record answers to this. Check the words, or <a class="link" href={resolve('/vehicles/new')}
							>enter it as new</a
						>.
					</p>
				{/if}
				<ul class="mt-1 grid gap-2 sm:grid-cols-2">
					{#each possible as vehicle (vehicle.id)}<li><VehicleCard {vehicle} /></li>{/each}
				</ul>
				{#if data.at.differences.length > 0}
					<h2 class="mt-4">What they differ in · {data.at.differences.length}</h2>
					<DifferenceTable differences={data.at.differences} vehicles={possible} />
				{/if}
			</section>
		</div>
	{:else if !data.at.problem}
		<p class="text-soft">
			Typing errors are forgiven. A number of 17 characters is read as a vehicle identification number.
		</p>
	{/if}
</main>
<!-- eslint-enable svelte/no-navigation-without-resolve -->
