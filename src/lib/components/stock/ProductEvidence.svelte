<script lang="ts">
	import type { RecordedFact } from '$lib/core/views';
	import { type Evidence, EVIDENCE_SOURCES } from '$lib/core/model';
	import { sourceWord } from '$lib/core/vehicle';
	import BusyForm from '../ui/BusyForm.svelte';

	/** Where the facts of a product come from, and a new reading: the strongest, newest source gives the value in force. */
	let { facts, choices }: { facts: RecordedFact[]; choices: { id: string; label: string; unit: string }[] } = $props();

	const usual: Evidence['source'] = 'in-hand';
	const spoken = $derived(facts.filter((fact) => fact.sayings.length > 0));
	const silent = $derived(facts.filter((fact) => fact.sayings.length === 0));
</script>

<section class="panel grid gap-2 p-3" aria-label="Evidence">
	<h2>Evidence</h2>
	{#if spoken.length > 0}
		<table class="grid-table dense">
			<thead><tr><th scope="col">Fact</th><th scope="col">In force</th><th scope="col">Said of it</th></tr></thead>
			<tbody>
				{#each spoken as fact (fact.id)}
					<tr>
						<td class="font-medium">{fact.label}</td>
						<td class="whitespace-nowrap">{fact.text}</td>
						<td
							>{#each fact.sayings as saying, i (i)}<span
									class={['block text-sm', saying.overruled && 'text-soft line-through']}
									>{saying.value}: {saying.source}{saying.note ? ` (${saying.note})` : ''}</span
								>{/each}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if silent.length > 0}
		<p class="text-sm text-soft">
			By the maker's word alone: {silent.map((fact) => fact.label).join(', ')}.
		</p>
	{/if}
	<BusyForm action="?/evidence" class="flex flex-wrap items-end gap-2 border-t border-line pt-2"
		>{#snippet children(busy)}
			<label class="grid gap-0.5 text-sm text-soft"
				>Fact
				<select name="fact" class="field text-base text-ink">
					{#each choices as { id, label, unit } (id)}<option value={id}>{label}{unit ? `, ${unit}` : ''}</option>{/each}
				</select></label
			>
			<label class="grid gap-0.5 text-sm text-soft"
				>Value <input name="value" class="field w-24 text-base text-ink" required /></label
			>
			<label class="grid gap-0.5 text-sm text-soft"
				>Source
				<select name="source" class="field text-base text-ink" value={usual}>
					{#each EVIDENCE_SOURCES as source (source)}<option value={source}>{sourceWord(source)}</option>{/each}
				</select></label
			>
			<label class="grid grow gap-0.5 text-sm text-soft"
				>Note <input name="note" class="field text-base text-ink" /></label
			>
			<button class="button" disabled={busy}>Take it in</button>
		{/snippet}</BusyForm
	>
</section>
