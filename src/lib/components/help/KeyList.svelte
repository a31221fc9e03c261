<script lang="ts">
	import { keyText, PLACES, SHORTCUTS, type Shortcut } from '$lib/client/shortcuts';

	/** Keys by where they work: those of some places, or all. */
	let { places = PLACES }: { places?: readonly Shortcut['where'][] } = $props();

	const all: readonly Shortcut[] = Object.values(SHORTCUTS);
	const groups = $derived(places.map((where) => ({ where, list: all.filter((shortcut) => shortcut.where === where) })));
</script>

{#each groups as { where, list } (where)}
	<section class="mb-3">
		<h4 class="mb-1 font-medium first-letter:capitalize">{where}</h4>
		<dl class="grid grid-cols-[6rem_1fr] gap-x-3 gap-y-0.5 text-sm">
			{#each list as { keys, does } (does)}
				<dt>
					{#each keys as way (way)}<kbd class="mr-1 inline-block rounded border border-line bg-raised px-1.5 font-sans"
							>{keyText(way)}</kbd
						>{/each}
				</dt>
				<dd>{does}</dd>
			{/each}
		</dl>
	</section>
{/each}
