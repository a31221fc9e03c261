<script lang="ts">
	import { resolve } from '$app/paths';
	import type { DependenceView, QuestionView } from '$lib/core/views';
	import { sourceWord } from '$lib/core/vehicle';
	import { factOf, isNumeric, EVIDENCE_SOURCES } from '$lib/core/model';
	import BusyForm from '../ui/BusyForm.svelte';
	import Consequence from './Consequence.svelte';

	/** One open question: both values with who says so, what would follow from each, and the way to settle it. */
	let {
		question,
		depends,
		revision
	}: {
		question: QuestionView & { vehicle: { id: string; name: string } };
		depends: DependenceView;
		revision: number;
	} = $props();

	let choice = $state('');
	const numeric = $derived(isNumeric(factOf(question.subject.kind, question.fact)));
	const id = $derived(question.vehicle.id);
	const where = $derived(
		question.subject.kind === 'socket'
			? resolve('/vehicles/[id]/walk/[[socket]]', { id, socket: question.subject.id })
			: resolve('/vehicles/[id]/channels/[[channel]]', {
					id,
					channel: question.subject.kind === 'channel' ? question.subject.id : undefined
				})
	);
</script>

<!-- eslint-disable svelte/no-navigation-without-resolve (resolved above) -->
<h2 class="text-lg">{question.name}: {question.label.toLowerCase()}</h2>
<p class="text-soft">{question.vehicle.name} · <a class="link" href={where}>open the record</a></p>
<!-- eslint-enable svelte/no-navigation-without-resolve -->
<BusyForm action="?/settle" class="mt-3 grid gap-3"
	>{#snippet children(busy)}
		<input type="hidden" name="vehicle" value={id} />
		<input type="hidden" name="kind" value={question.subject.kind} />
		<input type="hidden" name="subject" value={question.subject.id} />
		<input type="hidden" name="fact" value={question.fact} />
		<input type="hidden" name="base" value={revision} />
		<input type="hidden" name="numeric" value={numeric ? 'yes' : ''} />
		<fieldset class="grid gap-3 md:grid-cols-2">
			<legend class="sr-only">The value that holds</legend>
			{#each question.values as value, i (i)}
				<label class="panel grid content-start gap-1 bg-raised! p-3 has-checked:border-sea!">
					<span class="flex items-center gap-2">
						<input type="radio" name="choice" value={JSON.stringify(value.value)} bind:group={choice} />
						<strong class="text-lg">{value.text}</strong>
						{#if i === 0}<span class="text-sm text-soft">in force now</span>{/if}
					</span>
					{#each value.sources as source, s (s)}
						<span class="text-soft">{source.text}{source.note ? `: ${source.note}` : ''}</span>
					{/each}
					{#if depends.consequences[i]}<Consequence consequence={depends.consequences[i]} inForce={i === 0} />{/if}
				</label>
			{/each}
		</fieldset>
		<div class="flex flex-wrap items-end gap-2">
			<label class="flex min-h-9 items-center gap-2"
				><input type="radio" name="choice" value="own" bind:group={choice} />Neither; it is</label
			>
			<input name="own" class="field w-36" aria-label="Another value" oninput={() => (choice = 'own')} />
			<label class="grid gap-0.5 text-sm text-soft"
				>found by
				<select name="source" class="field text-base text-ink">
					{#each EVIDENCE_SOURCES as source (source)}<option value={source}>{sourceWord(source)}</option>{/each}
				</select></label
			>
		</div>
		<label class="grid gap-0.5 text-sm text-soft"
			>Why, for those who ask later <input name="note" class="field text-base text-ink" /></label
		>
		<button class="button justify-self-start" data-main disabled={busy || choice === ''}>Settle it</button>
	{/snippet}</BusyForm
>
<h3 class="mt-4 font-semibold">Kits that stand on it</h3>
{#if depends.kits.length === 0}
	<p class="text-soft">None.</p>
{:else}
	<ul>
		{#each depends.kits as kit (kit.id)}
			<li>
				<a class="link" href={resolve('/vehicles/[id]/kit/[kit]', { id, kit: kit.id })}>{kit.name}</a>
				<span class="text-soft">({kit.state}): {kit.products.join(', ')}</span>
			</li>
		{/each}
	</ul>
{/if}
