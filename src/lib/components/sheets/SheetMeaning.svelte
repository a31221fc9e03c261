<script lang="ts">
	import { type Evidence, EVIDENCE_SOURCES, type Product } from '$lib/core/model';
	import { sourceWord } from '$lib/core/vehicle';

	/** How a spreadsheet is meant: whose headings it has, and where its values come from. */
	let {
		suppliers,
		supplier = '',
		source = null,
		kind = null,
		isSingle = true
	}: {
		suppliers: string[];
		supplier?: string;
		source?: Evidence['source'] | null;
		kind?: Product['kind'] | null;
		isSingle?: boolean;
	} = $props();

	const uid = $props.id();
</script>

<div class="flex flex-wrap gap-3">
	<label class="grid gap-0.5 text-sm text-soft"
		>Supplier, to remember its headings
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
	<label class="grid gap-0.5 text-sm text-soft"
		>Lamps that do not say what they are
		<select name="kind" class="field text-base text-ink" value={kind ?? ''}>
			<option value="">are a problem of their row</option>
			<option value="led">are LED lamps</option>
			<option value="halogen">are filament lamps</option>
		</select>
	</label>
	<label class="flex items-center gap-2 self-end pb-1.5 text-sm"
		><input type="checkbox" name="single" value="yes" checked={isSingle} class="size-4" />LEDs for one filament do one
		thing, unless the list says otherwise</label
	>
</div>
