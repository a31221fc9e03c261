<script lang="ts">
	import { resolve } from '$app/paths';
	import { shopFormats } from '../ui/shop-formats';

	/** What changed while a person was away: by whom, and of what. */
	let {
		changes,
		total
	}: {
		changes: {
			id: number;
			at: string;
			by: string | null;
			what: string;
			vehicle: { id: string; name: string } | null;
			item: string | null;
		}[];
		total: number;
	} = $props();

	const { moment } = shopFormats();
</script>

<section class="panel" aria-labelledby="since">
	<h2 id="since" class="border-b border-line px-3 py-2">Since you were here</h2>
	<ul class="text-sm">
		{#each changes as one (one.id)}
			<li class="grid grid-cols-[7.2rem_minmax(0,1fr)] gap-x-2 border-b border-line px-3 py-1.5 last:border-0">
				<span class="text-soft">{moment(one.at)}</span>
				<span>
					{one.what}{#if one.by}, {one.by}{/if}
					{#if one.vehicle}<a class="link block" href={resolve('/vehicles/[id]/history', { id: one.vehicle.id })}
							>{one.vehicle.name}</a
						>{:else if one.item}<a class="link block" href={resolve('/stock/[item]', { item: one.item })}>{one.item}</a
						>{/if}
				</span>
			</li>
		{:else}
			<li class="px-3 py-2 text-soft">Nothing was changed.</li>
		{/each}
		{#if total > changes.length}<li class="px-3 py-1.5 text-soft">and {total - changes.length} more</li>{/if}
	</ul>
</section>
