<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import type { RecordedFact } from '$lib/core/views';
	import type { SubjectKind } from '$lib/core/model';
	import { readFactInput } from './fact-input';
	import UsualRange from '../ui/UsualRange.svelte';
	import SourceSelect from './SourceSelect.svelte';
	import ConfirmationMark from './ConfirmationMark.svelte';

	/** One fact with its source; opened, it takes a new value and shows everything said of it. */
	let { kind, subject, fact }: { kind: SubjectKind; subject: string; fact: RecordedFact } = $props();

	const desk = getDesk();
	const uid = $props.id();
	let open = $state(false);
	let typed = $state('');
	let note = $state('');

	function begin(): void {
		open = !open;
		typed = fact.value === null ? '' : fact.choices ? fact.text : String(fact.value);
		note = '';
	}

	/** The form of a fact low in its panel is not to be searched for. */
	const intoView = (form: HTMLFormElement) => form.scrollIntoView?.({ block: 'nearest' });

	async function save(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const facts = { [fact.id]: readFactInput(kind, fact.id, typed) };
		const command = { kind: 'claim', subject: { kind, id: subject }, facts, source: desk.source };
		const outcome = await desk.send(note ? { ...command, note } : command);
		if (outcome.ok) open = false;
	}
</script>

<div class="border-b border-line">
	<button
		type="button"
		class="grid min-h-7 w-full grid-cols-[8.5rem_1fr_auto] items-baseline gap-x-2 rounded px-1 py-0.5 text-left hover:bg-sea-wash"
		aria-expanded={open}
		onclick={begin}
	>
		<span class="text-soft">{fact.label}</span>
		<span class={fact.value === null ? 'text-soft' : ''}>
			{fact.text}{#if fact.source}<span class="text-sm text-soft">&nbsp;· {fact.source}</span>{/if}
		</span>
		<ConfirmationMark confirmation={fact.confirmation} />
	</button>
	{#if open}
		<form class="grid gap-2 rounded bg-raised p-2" onsubmit={save} {@attach intoView}>
			<div class="flex flex-wrap items-end gap-2">
				<label class="grid gap-0.5 text-sm text-soft">
					{fact.label}{fact.unit ? `, ${fact.unit}` : ''}
					<!-- svelte-ignore a11y_autofocus (the field of the fact that was just opened) -->
					<input class="field w-36 text-base text-ink" bind:value={typed} list={`${uid}-choices`} autofocus />
				</label>
				<SourceSelect bind:value={desk.source} />
				<button class="button" data-main>Save</button>
				<button type="button" class="button" onclick={() => (open = false)}>Cancel</button>
			</div>
			<label class="grid gap-0.5 text-sm text-soft">
				Note, if there is something to say
				<input class="field text-base text-ink" bind:value={note} />
			</label>
			<datalist id={`${uid}-choices`}>
				{#each fact.choices ?? [] as choice (choice)}<option value={choice}></option>{/each}
			</datalist>
			{#if fact.choices}<p class="text-sm text-soft">One of: {fact.choices.join(', ')}. Empty means not known.</p>{/if}
			{#if fact.usual}<p class="text-sm text-soft"><UsualRange usual={fact.usual} {typed} /></p>{/if}
			{#if fact.findOut}<p class="text-sm text-soft">
					To find out, about {fact.findOut.minutes} min: {fact.findOut.how}
					{#if fact.gates.length > 0}Looked at for {fact.gates.join(', ')}.{/if}
				</p>{/if}
			{#if fact.sayings.length > 0}
				<ul class="text-sm">
					{#each fact.sayings as saying, i (i)}
						<li class={saying.overruled ? 'text-soft line-through decoration-1' : ''}>
							{saying.value}: {saying.source}{saying.note ? ` (${saying.note})` : ''}
							{#if saying.overruled}<span class="inline-block no-underline">· {saying.overruled}</span>{/if}
						</li>
					{/each}
				</ul>
			{/if}
		</form>
	{/if}
</div>
