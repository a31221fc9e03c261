<script lang="ts">
	import { counted } from '$lib/core/quantity';
	import BusyForm from '../ui/BusyForm.svelte';
	import ScrollPanel from '../ui/ScrollPanel.svelte';

	/** What of a kit does not lie at its branch, from where it is fetched, and one press that writes it to the shelf here. */
	let {
		toBring,
		at
	}: {
		toBring: {
			fetched: { sku: string; name: string; packs: number; from: { name: string } }[];
			missing: { sku: string; name: string; packs: number }[];
			sign: string;
		};
		/** Name of the branch of the kit. */
		at: string;
	} = $props();

	const packsOf = (lines: readonly { packs: number }[]) => lines.reduce((sum, { packs }) => sum + packs, 0);
	const sources = $derived(
		[...new Set(toBring.fetched.map(({ from }) => from.name))].map((name) => {
			const lines = toBring.fetched.filter(({ from }) => from.name === name);
			return { name, lines, packs: packsOf(lines) };
		})
	);
</script>

{#if toBring.fetched.length + toBring.missing.length > 0}
	<section class="panel grid gap-2 px-3 py-2" aria-label="From other branches">
		<h2>Not free on the shelf of {at}</h2>
		{#each sources as { name: source, lines, packs } (source)}
			<details>
				<summary class="min-h-6 cursor-pointer">From {source}: {counted(packs, 'pack')}</summary>
				<ScrollPanel label={`From ${source}`} class="mt-1 max-h-40">
					<ul class="px-2 py-1 text-sm">
						{#each lines as { sku, name, packs: some } (sku)}
							<li><span class="number">{some}</span> × {name} <span class="text-soft">{sku}</span></li>
						{/each}
					</ul>
				</ScrollPanel>
			</details>
		{/each}
		{#each toBring.missing as { sku, name, packs } (sku)}
			<p class="text-unknown">{counted(packs, 'pack')} of {name} ({sku}): free at no branch.</p>
		{/each}
		{#if toBring.fetched.length > 0}
			<BusyForm action="?/bring" class="flex flex-wrap items-center gap-x-3 gap-y-1"
				>{#snippet children(busy)}
					<input type="hidden" name="sign" value={toBring.sign} />
					<button class="button" disabled={busy}>Bring all of it here</button>
					<span class="text-sm text-soft"
						>Writes all shelves at once; the packs themselves are carried by somebody.</span
					>
				{/snippet}</BusyForm
			>
		{/if}
	</section>
{/if}
