<script lang="ts">
	import BusyForm from '../ui/BusyForm.svelte';

	/** Tests that split the causes best, answered where they are asked; and those that were. */
	let {
		tests,
		answered
	}: {
		tests: { id: string; question: string; how: string; minutes: number; mode: string | null }[];
		answered: { id: string; question: string; yes: boolean; by?: string | undefined }[];
	} = $props();

	const [next, ...others] = $derived(tests);
</script>

{#snippet answers(id: string, main: boolean)}
	<BusyForm action="?/answer" class="mt-2 flex gap-2"
		>{#snippet children(busy)}
			<input type="hidden" name="test" value={id} />
			<button
				class="button min-h-11! grow justify-center"
				data-main={main || undefined}
				name="yes"
				value="yes"
				disabled={busy}>Yes</button
			>
			<button class="button min-h-11! grow justify-center" name="yes" value="no" disabled={busy}>No</button>
		{/snippet}</BusyForm
	>
{/snippet}

{#if next}
	<div class="rounded border border-sea p-2">
		<p class="text-sm text-soft">Next, about {next.minutes} min</p>
		<p class="font-medium">{next.question}</p>
		<p class="text-sm text-soft">{next.how}</p>
		{@render answers(next.id, true)}
	</div>
	{#if others.length > 0}
		<details class="mt-2">
			<summary class="min-h-6 cursor-pointer text-sm">Or another one: {others.length} more</summary>
			<ul class="mt-1 grid gap-2">
				{#each others as test (test.id)}
					<li class="rounded border border-line p-2">
						<p>{test.question} <span class="text-sm text-soft">about {test.minutes} min</span></p>
						<p class="text-sm text-soft">{test.how}</p>
						{@render answers(test.id, false)}
					</li>
				{/each}
			</ul>
		</details>
	{/if}
	<p class="mt-2 text-sm text-soft">
		Lights off before a hand goes in, lamps cold. Never fit a larger fuse. Keep clear of airbags.
	</p>
{:else}
	<p class="text-soft">No test would move the order any more. Settle it by the first cause, or by what you found.</p>
{/if}
{#if answered.length > 0}
	<ul class="mt-2 grid gap-1 text-sm" aria-label="Answered">
		{#each answered as one (one.id)}
			<li class="flex flex-wrap items-baseline gap-2">
				<span
					>{one.question} <span class="font-medium">{one.yes ? 'Yes' : 'No'}</span>{one.by ? `, ${one.by}` : ''}</span
				>
				<BusyForm action="?/unanswer"
					>{#snippet children(busy)}
						<input type="hidden" name="test" value={one.id} />
						<button class="link min-h-6" disabled={busy} aria-label={`Take the answer back: ${one.question}`}
							>take back</button
						>
					{/snippet}</BusyForm
				>
			</li>
		{/each}
	</ul>
{/if}
