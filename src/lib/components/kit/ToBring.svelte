<script lang="ts">
	import { counted } from '$lib/core/quantity';
	import BusyForm from '../ui/BusyForm.svelte';

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

	const sources = $derived([...new Set(toBring.fetched.map(({ from }) => from.name))]);
</script>

{#if toBring.fetched.length + toBring.missing.length > 0}
	<section class="panel grid gap-2 px-3 py-2" aria-label="From other branches">
		<h2>Not on the shelf of {at}</h2>
		<ul class="grid gap-0.5">
			{#each sources as source (source)}
				<li>
					<span class="font-medium">From {source}:</span>
					{toBring.fetched
						.filter(({ from }) => from.name === source)
						.map(({ packs, name, sku }) => `${counted(packs, 'pack')} of ${name} (${sku})`)
						.join(', ')}
				</li>
			{/each}
			{#each toBring.missing as { sku, name, packs } (sku)}
				<li class="text-unknown">
					{counted(packs, 'pack')} of {name} ({sku}) {packs === 1 ? 'lies' : 'lie'} at no branch, or not free
				</li>
			{/each}
		</ul>
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
