<script lang="ts">
	import { type Evidence, EVIDENCE_SOURCES } from '$lib/core/model';
	import { sourceWord } from '$lib/core/vehicle';

	/** How a spreadsheet is meant: whose headings it has, and where its values come from. */
	let {
		suppliers,
		supplier = '',
		source = null
	}: { suppliers: string[]; supplier?: string; source?: Evidence['source'] | null } = $props();

	const uid = $props.id();
</script>

<div class="flex flex-wrap gap-3">
	<label class="grid gap-0.5 text-sm text-soft"
		>For a spreadsheet: whose headings, to remember them
		<input
			name="supplier"
			class="field text-base text-ink"
			list={`${uid}-suppliers`}
			value={supplier}
			autocomplete="off"
		/>
		<datalist id={`${uid}-suppliers`}>
			{#each suppliers as name (name)}<option value={name}></option>{/each}
		</datalist>
	</label>
	<label class="grid gap-0.5 text-sm text-soft"
		>Its values count as
		<select name="source" class="field text-base text-ink" value={source ?? ''}>
			<option value="">the record itself</option>
			{#each EVIDENCE_SOURCES as word (word)}<option value={word}>{sourceWord(word)}, as evidence</option>{/each}
		</select>
	</label>
</div>
