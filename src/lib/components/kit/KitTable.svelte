<script lang="ts">
	import { resolve } from '$app/paths';
	import type { KitRowView } from '$lib/core/views';
	import { counted } from '$lib/core/quantity';
	import { shopFormats } from '../ui/shop-formats';

	const { moment, money } = shopFormats();

	/** Kits on record, the last touched first. */
	let { kits }: { kits: KitRowView[] } = $props();

	const inChain = $derived(kits.some(({ branch }) => branch !== null));
	const standsAs = ({ code, state }: KitRowView) =>
		code === null ? state : state === 'released' ? `released as ${code}` : `${code}; next revision ${state}`;
</script>

<table class="grid-table">
	<thead>
		<tr>
			<th scope="col">Kit</th><th scope="col">Vehicle</th>{#if inChain}<th scope="col">Branch</th>{/if}<th scope="col"
				>State</th
			><th scope="col" class="number">Open sockets</th>
			<th scope="col" class="number">Total</th><th scope="col">Changed</th>
		</tr>
	</thead>
	<tbody>
		{#each kits as kit (kit.id)}
			<tr>
				<td
					><a
						class="link font-medium"
						href={resolve('/vehicles/[id]/kit/[kit]', { id: kit.configuration, kit: kit.id })}>{kit.name}</a
					></td
				>
				<td>{kit.vehicle}</td>
				{#if inChain}<td>{kit.branch}</td>{/if}
				<td
					>{standsAs(kit)}{#if kit.impacts > 0}<span class="block text-sm text-refuse"
							>{counted(kit.impacts, 'thing')} changed under it</span
						>{/if}</td
				>
				<td class="number">{kit.open}</td>
				<td class="number">{money(kit.total)}</td>
				<td class="whitespace-nowrap text-soft">{moment(kit.updatedAt)}</td>
			</tr>
		{/each}
	</tbody>
</table>
