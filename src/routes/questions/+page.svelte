<script lang="ts">
	import { resolve } from '$app/paths';
	import QuestionDesk from '$lib/components/questions/QuestionDesk.svelte';
	import Pages from '$lib/components/ui/Pages.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';

	let { data, form } = $props();

	type Question = (typeof data.questions)[number];
	const key = (q: Question) => [q.vehicle.id, q.subject.kind, q.subject.id, q.fact];
	const address = (q: Question) =>
		`${resolve('/questions')}?${key(q)
			.map((part) => `q=${encodeURIComponent(part)}`)
			.join('&')}${data.from > 0 ? `&page=${1 + data.from / data.each}` : ''}`;
	const chosenKey = $derived(data.chosen ? key(data.chosen).join('\n') : null);
</script>

<svelte:head><title>Questions · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve (address() resolves, with a query behind it) -->
<main class="grid h-screen grid-rows-[auto_minmax(0,1fr)] gap-3 p-3 max-lg:h-auto">
	<div class="px-1">
		<h1>Questions</h1>
		<p class="text-soft">
			Where two sources disagree, the stronger one is in force until somebody decides. What is settled keeps both.
		</p>
		{#if form && 'message' in form}<Message text={form.message ?? ''} kept="Nothing was changed." />{/if}
		{#if form && 'done' in form}<p role="status">{form.done}</p>{/if}
	</div>
	<div class="grid min-h-0 gap-3 lg:grid-cols-[25rem_minmax(0,1fr)]">
		<ScrollPanel label="Open questions" class="min-h-0 p-1">
			{#if data.questions.length === 0}
				<p class="p-3">No question is open. One opens by itself when two sources say different things.</p>
			{/if}
			<ul>
				{#each data.questions as question (key(question).join('\n'))}
					<li>
						<a
							href={address(question)}
							data-sveltekit-noscroll
							aria-current={key(question).join('\n') === chosenKey ? 'true' : undefined}
							class="block rounded px-2 py-1.5 hover:bg-sea-wash aria-[current=true]:bg-sea-wash"
						>
							<span class="block font-medium">{question.name}: {question.label.toLowerCase()}</span>
							<span class="block">{question.values.map((v) => v.text).join(' or ')}?</span>
							<span class="block text-sm text-soft">{question.vehicle.name}</span>
						</a>
					</li>
				{/each}
			</ul>
			<Pages from={data.from} each={data.each} total={data.total} />
		</ScrollPanel>
		<ScrollPanel label="The question" class="min-h-0 p-4">
			{#if data.chosen && data.depends}
				{#key chosenKey}
					<QuestionDesk question={data.chosen} depends={data.depends} revision={data.revision} />
				{/key}
			{:else}
				<p class="text-soft">Choose a question to see both values, what depends on them, and to settle it.</p>
				{#await data.next}
					<p class="mt-5 text-soft">Looking for what to find out next …</p>
				{:then next}
					{#if next && next.length > 0}
						<h2 class="mt-5">What to find out next</h2>
						<p class="text-soft">
							Open facts that a sale waits for, the most decided a minute first. Each is answered in Walk.
						</p>
						{#each next as vehicle (vehicle.id)}
							<h3 class="mt-3 font-medium">
								<a class="link" href={resolve('/vehicles/[id]/walk/[[socket]]', { id: vehicle.id })}>{vehicle.name}</a>
							</h3>
							<ul>
								{#each vehicle.facts as fact (fact.key)}
									<li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1">
										<span>{fact.subject.kind === 'vehicle' ? '' : `${fact.name}: `}{fact.label}</span>
										<span class="ml-auto text-sm text-soft tabular-nums"
											>decides {fact.sockets.length} · {fact.minutes} min</span
										>
										<span class="w-full text-sm text-soft">{fact.how}</span>
									</li>
								{/each}
							</ul>
						{/each}
					{/if}
				{/await}
			{/if}
		</ScrollPanel>
	</div>
</main>
<!-- eslint-enable svelte/no-navigation-without-resolve -->
