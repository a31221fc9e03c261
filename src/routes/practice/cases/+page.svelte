<script lang="ts">
	import { resolve } from '$app/paths';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import { counted } from '$lib/core/quantity';

	let { data, form } = $props();

	const { day } = shopFormats();
	/** Wrong answers that can be written, the first of them asked for. */
	const WRONG = [1, 2, 3];
	const said = $derived(
		form && 'gathered' in form && form.gathered !== undefined
			? form.gathered === 0
				? 'Nothing new was settled since.'
				: `${counted(form.gathered, 'case')} taken in.`
			: form && 'written' in form
				? 'Your case is asked from now on.'
				: form && 'left' in form
					? 'It is not asked any more.'
					: ''
	);
</script>

<svelte:head><title>Cases of this shop · Practice · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-end gap-3">
		<div class="mr-auto">
			<p><a class="link" href={resolve('/practice')}>Practice</a></p>
			<h1>Cases of this shop</h1>
			<p class="text-soft">
				What went wrong here once is asked in practice. Names of people, codes and what was written in free words are
				left out. What is settled from now on comes by itself with the next exercise.
			</p>
		</div>
		<BusyForm action="?/gather">
			{#snippet children(busy)}
				<button class="button" data-main disabled={busy}>Take in what was settled</button>
			{/snippet}
		</BusyForm>
	</div>
	{#if form && 'refused' in form && form.refused}<Message text={form.refused} />{/if}
	<p role="status" class="min-h-6">{said}</p>
	<details class="panel p-3" open={data.cases.length === 0}>
		<summary class="font-medium">Write a case</summary>
		<BusyForm action="?/write" class="grid gap-3 lg:grid-cols-2">
			{#snippet children(busy)}
				<label class="grid gap-0.5 text-sm text-soft lg:col-span-2">
					The question
					<input class="field text-ink" name="task" required maxlength="300" />
				</label>
				<label class="grid gap-0.5 text-sm text-soft lg:col-span-2">
					What is known (may stay empty)
					<textarea class="field min-h-16 text-ink" name="given" maxlength="300"></textarea>
				</label>
				<label class="grid gap-0.5 text-sm text-soft">
					The right answer
					<input class="field text-ink" name="right" required maxlength="200" />
				</label>
				<label class="grid gap-0.5 text-sm text-soft">
					Why it is right
					<input class="field text-ink" name="why" required maxlength="500" />
				</label>
				{#each WRONG as n (n)}
					<label class="grid gap-0.5 text-sm text-soft">
						Wrong answer {n}{n > 1 ? ' (may stay empty)' : ''}
						<input class="field text-ink" name={`wrong-${n}`} required={n === 1} maxlength="200" />
					</label>
					<label class="grid gap-0.5 text-sm text-soft">
						Why it is wrong (may stay empty)
						<input class="field text-ink" name={`why-${n}`} maxlength="500" />
					</label>
				{/each}
				<p class="text-soft lg:col-span-2">Leave names of people out: a case is about the lamp.</p>
				<button class="button justify-self-start" disabled={busy}>Ask it from now on</button>
			{/snippet}
		</BusyForm>
	</details>
	<section class="panel p-3" aria-label="Cases that are asked">
		<table class="grid-table">
			<thead
				><tr
					><th scope="col">Question</th><th scope="col">Right answer</th><th scope="col">From</th><th scope="col"
						>Since</th
					><th scope="col"><span class="sr-only">Leave out</span></th></tr
				></thead
			>
			<tbody>
				{#each data.cases as { number, made, at } (number)}
					<tr>
						<th scope="row" class="whitespace-normal! text-ink!">
							{#if made.given.length === 0}{made.task}{:else}
								{made.given.map(({ label, value }) => `${label}: ${value}`).join(' · ')}
								<span class="block text-sm font-normal text-soft">{made.task}</span>
							{/if}
						</th>
						<td class="whitespace-normal!">{made.answers.find(({ isRight }) => isRight)?.words}</td>
						<td class="whitespace-normal!">{made.source}</td>
						<td class="whitespace-nowrap!">{day(at)}</td>
						<td>
							<BusyForm action="?/leave">
								{#snippet children(busy)}
									<input type="hidden" name="number" value={number} />
									<button class="button" disabled={busy} aria-label={`Leave out: ${made.given[0]?.value ?? made.task}`}
										>Leave out</button
									>
								{/snippet}
							</BusyForm>
						</td>
					</tr>
				{:else}
					<tr
						><td colspan="5" class="whitespace-normal! text-soft"
							>None yet. Settled complaints and settled questions of the record become cases; or write one above.</td
						></tr
					>
				{/each}
			</tbody>
		</table>
	</section>
</main>
