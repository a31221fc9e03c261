<script lang="ts">
	import { outputNames } from '$lib/core/vehicle';
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { isTyping, pressed } from '$lib/client/shortcuts';
	import { proveDeskHere } from '$lib/client/prove-desk.svelte';
	import { ModeTestDesk } from '$lib/components/prove/mode-test.svelte';
	import ControlLamp from '$lib/components/prove/ControlLamp.svelte';
	import Otherwise from '$lib/components/prove/Otherwise.svelte';
	import ScanButton from '$lib/components/circuit/ScanButton.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { TEST_ROUNDS, type ProofOf, type TestRound } from '$lib/core/model';
	import { circuitOfTest, expectedLines } from '$lib/core/proof';
	import { modeLineView } from '$lib/core/views';

	let { data } = $props();

	const desk = proveDeskHere();
	const id = $derived(data.vehicle.id);
	const prove = $derived(data.prove);
	const fitted = $derived({ lamps: prove.fitted, parts: prove.parts } as Pick<ProofOf<'mode-test'>, 'lamps' | 'parts'>);
	const circuit = $derived.by(() => {
		const products = new Map(prove.products.map((one) => [one.id as string, one]));
		const accessories = new Map(prove.accessories.map((one) => [one.id as string, one]));
		return circuitOfTest(prove.configuration, fitted, {
			product: (one) => products.get(one),
			accessory: (one) => accessories.get(one)
		});
	});
	const expected = $derived(circuit ? expectedLines(circuit) : []);

	const sameLamps = (one: ProofOf<'mode-test'>) => JSON.stringify(one.lamps) === JSON.stringify(prove.fitted);
	const test = untrack(
		() =>
			new ModeTestDesk({
				expected: () => expected,
				fitted: () => fitted,
				begun: () => {
					const newest = prove.proofs.find((one): one is ProofOf<'mode-test'> => one.kind === 'mode-test');
					const isOpen =
						newest &&
						!TEST_ROUNDS.every(
							(round) => newest.lines.filter((line) => line.round === round).length >= expected.length
						);
					return newest && isOpen && sameLamps(newest) ? newest : null;
				},
				keep: (proof, finished) => desk.keep(proof, finished),
				newId: () => desk.newId(),
				now: () => Date.now(),
				stamp: () => new Date().toISOString()
			})
	);

	let isOtherwise = $state(false);
	const ROUND_WORDS: Record<TestRound, string> = { 'at-once': 'At once', 'after-ten-minutes': 'After ten minutes' };
	const standing = $derived(test.standing);
	const at = $derived(test.at);
	const line = $derived(expected.find(({ mode }) => mode === at?.mode) ?? null);
	const view = $derived(circuit && line ? modeLineView(circuit, line) : null);
	const warms = $derived(test.warmsFor);
	let early = $state(false);
	const waits = $derived(at?.round === 'after-ten-minutes' && (warms ?? 0) > 0 && !early);
	const outputs = $derived(outputNames(prove.configuration));
	/** The one side an output serves, to tell two messages of the same words apart; nothing where it serves both. */
	function sideOf(feeds: { socket: string }[]): string {
		const sides = new Set(
			feeds.map(({ socket }) => prove.configuration.sockets.find((one) => one.id === socket)?.side)
		);
		const [only] = sides;
		return sides.size === 1 && only && only !== 'centre' ? `, ${only}` : '';
	}
	const channels = $derived(
		(circuit?.configuration.channels ?? []).flatMap(({ id: channel, monitor, message, feeds }) =>
			monitor && monitor.kind !== 'none'
				? [{ id: channel as string, message: `${message ?? 'a message'}${sideOf(feeds)}` }]
				: []
		)
	);

	$effect(() => {
		const timer = setInterval(() => test.tick(), 1000);
		return () => clearInterval(timer);
	});

	async function asExpected(): Promise<void> {
		if (line) await test.answer(line, null);
	}

	function key(event: KeyboardEvent): void {
		if (isTyping(event.target) || waits || !line || isOtherwise) return;
		const what = pressed(event, ['test-expected', 'test-otherwise', 'test-tap']);
		if (!what) return;
		event.preventDefault();
		if (what === 'test-expected') void asExpected();
		else if (what === 'test-otherwise') isOtherwise = true;
		else test.tap();
	}

	const clock = (ms: number) =>
		`${Math.floor(ms / 60_000)}:${String(Math.floor((ms % 60_000) / 1000)).padStart(2, '0')}`;
	const answered = (mode: string, round: TestRound) =>
		standing.lines.find((one) => one.expected.mode === mode)?.answers[round] ?? null;
</script>

<svelte:window onkeydown={key} />
<svelte:head><title>Mode test · {data.vehicle.name} · Rotalux</title></svelte:head>

<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[minmax(0,1fr)_27rem]">
	<section class="panel flex min-h-0 flex-col gap-3 p-4" aria-label="The mode that is tried">
		{#if !circuit}
			<p>
				A lamp or a part of this kit is no longer on record, so nobody can say what to expect. Work the kit out again
				first.
			</p>
		{:else if waits && warms !== null}
			<h2 class="text-xl!">Let it warm up</h2>
			<p class="text-5xl font-semibold tabular-nums" role="timer" aria-label="Minutes left">{clock(warms)}</p>
			<p>
				Engine running, low beams and whatever is fitted on. Cold lamps and cold drivers hide trouble: messages and
				flicker often come after some minutes. Keep an eye on load resistors; they are far too hot to touch.
			</p>
			<button type="button" class="button mr-auto min-h-11!" onclick={() => (early = true)}
				>Try it now all the same</button
			>
		{:else if view && line && at}
			<p class="text-soft">
				{ROUND_WORDS[at.round]} · {standing.done[at.round] + (answered(at.mode, at.round) ? 0 : 1)} of {standing.lines
					.length}
			</p>
			<h2 class="text-2xl!">{view.todo}</h2>
			{#if isOtherwise}
				{#key `${at.mode} ${at.round}`}
					<Otherwise
						lamps={data.vehicle.sockets
							.filter((one) => line.lit.includes(one.id) || line.notKnown.includes(one.id) || at.mode === 'off')
							.map((one) => ({ id: one.id, name: one.name }))}
						{channels}
						flashes={view.flashes}
						onback={() => (isOtherwise = false)}
						onsay={async (said) => {
							isOtherwise = false;
							await test.answer(line, said);
						}}
					/>
				{/key}
			{:else}
				<div class="grid min-h-0 grow content-start gap-3 overflow-y-auto">
					<section>
						<h3 class="text-soft">
							{at.mode === 'off'
								? view.lamps.length === 0
									? 'Everything is dark, nothing glows'
									: 'These may glow faintly'
								: 'Should light'}
						</h3>
						<ul class="grid gap-x-6 sm:grid-cols-2">
							{#each view.lamps as lamp (lamp.socket)}
								<li class="flex items-center gap-2 border-b border-line py-1">
									<span
										class="inline-block size-4 shrink-0 rounded-full border border-soft"
										style:background={lamp.colour}
										aria-hidden="true"
									></span>
									<span class="font-medium">{lamp.name}</span>
									<span class="ml-auto text-right text-sm text-soft">{lamp.words}</span>
								</li>
							{/each}
						</ul>
					</section>
					<section>
						<h3 class="text-soft">The dash</h3>
						{#each view.messages as message (message)}<p class="font-medium">says “{message}”</p>{:else}<p
								class="font-medium"
							>
								stays quiet
							</p>{/each}
					</section>
					{#if view.open.length > 0}
						<p class="text-needs">Nobody can say beforehand {view.open.join('; ')}: that is what this test is for.</p>
					{/if}
					{#if view.flashes}
						<section class="flex flex-wrap items-center gap-3">
							<button type="button" class="button min-h-16! px-8 text-lg" onclick={() => test.tap()}
								>Tap with every flash</button
							>
							<p aria-live="polite">
								{#if test.tapped}
									<span class="text-xl font-semibold tabular-nums">{Math.round(test.tapped.perMinute)}</span> a minute,
									give or take {Math.max(1, Math.round(test.tapped.spread))}
									<button type="button" class="link" onclick={() => test.clearTaps()}>again</button>
								{:else}<span class="text-soft">{test.taps > 0 ? `${test.taps} taps` : view.rate}</span>{/if}
							</p>
						</section>
					{/if}
				</div>
				<div class="flex flex-wrap gap-2">
					<button
						type="button"
						class="button min-h-16! grow justify-center text-xl"
						data-main
						disabled={desk.busy}
						onclick={asExpected}>As expected</button
					>
					<button type="button" class="button min-h-16! px-6" onclick={() => (isOtherwise = true)}
						>Something else</button
					>
				</div>
				<p class="text-sm text-soft max-sm:hidden">Keys: A as expected, O something else, T tap along.</p>
			{/if}
		{:else}
			<h2 class="text-xl!">Every mode was tried, cold and warm</h2>
			<p>
				{standing.otherwise.length === 0 ? 'All as expected.' : `${standing.otherwise.length} modes went otherwise.`} Finish
				it, and what it teaches of thresholds goes on record, with this test as its evidence.
			</p>
			<div class="flex flex-wrap gap-2">
				<button
					type="button"
					class="button min-h-12! text-lg"
					data-main
					disabled={desk.busy}
					onclick={() => test.finish()}>Finish the test</button
				>
				<button type="button" class="button min-h-12!" onclick={() => test.again()}>Make another one</button>
			</div>
		{/if}
	</section>
	<ScrollPanel label="All modes" class="min-h-0 p-3">
		<div class="flex items-baseline justify-between gap-2">
			<h2>Modes</h2>
			<a class="link" href={resolve('/vehicles/[id]/prove/modes/paper.pdf', { id })} download>Paper form</a>
		</div>
		<table class="grid-table dense">
			<thead><tr><th scope="col">Mode</th><th scope="col">At once</th><th scope="col">After ten</th></tr></thead>
			<tbody>
				{#each standing.lines as { expected: one } (one.mode)}
					<tr>
						<th scope="row" class="text-ink!">{one.label}</th>
						{#each TEST_ROUNDS as round (round)}
							{@const answer = answered(one.mode, round)}
							<td>
								<button
									type="button"
									class="chip min-h-8! px-2! whitespace-nowrap"
									aria-pressed={at?.mode === one.mode && at.round === round}
									aria-label={`${one.label}, ${ROUND_WORDS[round].toLowerCase()}`}
									onclick={() => {
										isOtherwise = false;
										test.look({ mode: one.mode, round });
									}}
									>{answer === null ? 'open' : answer.isAsExpected ? 'as expected' : 'otherwise'}{answer?.flashPerMinute
										? `, ${answer.flashPerMinute}`
										: ''}</button
								>
							</td>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
		{#if standing.done['at-once'] > 0}
			<button type="button" class="button mt-3" disabled={desk.busy} onclick={() => test.finish()}
				>Finish with what there is</button
			>
		{/if}
		<ControlLamp
			{channels}
			control={test.control}
			busy={desk.busy}
			onsay={(channel, complained) => test.controlled(channel, complained)}
		/>
		<section class="mt-3">
			<ScanButton {outputs} address={`${resolve('/vehicles/[id]/circuit/scan', { id })}?fit=chosen`} />
		</section>
	</ScrollPanel>
</main>
