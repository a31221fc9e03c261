<script lang="ts">
	import type { Assumption, SetValues } from '$lib/core/quantity';
	import BusyForm from '../ui/BusyForm.svelte';
	import { shopFormats } from '../ui/shop-formats';

	const { date } = shopFormats();

	/** Assumptions of one area: the default, what the shop has set, and why it trusts it. An empty field goes back to the default. */
	let {
		title,
		list,
		set,
		was,
		open = false
	}: {
		title: string;
		list: Assumption[];
		set: SetValues;
		/** Sign of what was set when the page was read. */
		was: string;
		open?: boolean;
	} = $props();

	const own = $derived(list.filter(({ id }) => set[id]).length);
</script>

<details class="panel" {open}>
	<summary class="cursor-pointer px-4 py-2 font-medium"
		>{title} <span class="font-normal text-soft">{own === 0 ? 'defaults' : `${own} set by the shop`}</span></summary
	>
	<BusyForm action="?/assumptions" class="grid gap-2 px-4 pb-4"
		>{#snippet children(busy)}
			<input type="hidden" name="was" value={was} />
			<table class="grid-table dense">
				<thead
					><tr
						><th scope="col">Assumption</th><th scope="col" class="number">Default</th><th scope="col"
							>The shop's own</th
						><th scope="col">Where it comes from</th></tr
					></thead
				>
				<tbody>
					{#each list as { id, label, unit, value, source } (id)}
						<tr>
							<td>{label}</td>
							<td class="number">{value} {unit}</td>
							<td
								><input
									class="field w-24 text-right"
									inputmode="decimal"
									name={`value:${id}`}
									value={set[id]?.value ?? ''}
									placeholder={String(value)}
									aria-label={`${label}, the shop's own value${unit ? ` in ${unit}` : ''}`}
								/></td
							>
							<td
								><input
									class="field w-full"
									name={`source:${id}`}
									value={set[id]?.source ?? ''}
									placeholder={source}
									aria-label={`${label}, where it comes from`}
								/>{#if set[id]?.by || set[id]?.on}<span class="text-sm text-soft"
										>{set[id]?.by ?? ''} {date(set[id]?.on)}</span
									>{/if}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			<p><button class="button" data-main disabled={busy}>Save</button></p>
		{/snippet}</BusyForm
	>
</details>
