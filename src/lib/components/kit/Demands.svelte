<script lang="ts">
	import type { KitOrder } from '$lib/core/model';
	import type { KitView } from '$lib/core/views';
	import SolveForm from './SolveForm.svelte';

	/** What a person fixed, forbade, or said the customer has: each with the way to take it back. */
	let {
		byHand,
		order,
		names,
		vehicle,
		kit
	}: {
		byHand: KitView['byHand'];
		order: KitOrder;
		/** Names of products and places by their ids. */
		names: Readonly<Record<string, string>>;
		vehicle: string;
		kit: string;
	} = $props();

	const named = (id: string) => names[id] ?? id;
	const rows = $derived([
		...byHand.map((c) => ({
			key: `hand ${c.socket}`,
			text: `${c.name}: ${c.product}, chosen by hand`,
			action: '?/free',
			fields: { socket: c.socket } as Record<string, string>,
			back: 'Let the kit choose again'
		})),
		...(order.forbidden ?? []).map((f) => ({
			key: `no ${f.product} ${f.socket ?? ''}`,
			text: `No ${named(f.product)}${f.socket ? ` in ${named(f.socket)}` : ' anywhere'}`,
			action: '?/forbid',
			fields: { product: f.product, socket: f.socket ?? '' } as Record<string, string>,
			back: 'Allow it again'
		})),
		...Object.entries(order.has?.lamps ?? {}).map(([socket, product]) => ({
			key: `has ${socket}`,
			text: `${named(socket)}: the customer has ${named(product)}`,
			action: '?/has',
			fields: { socket, product } as Record<string, string>,
			back: 'They do not'
		})),
		...Object.entries(order.has?.parts ?? {}).map(([accessory, pieces]) => ({
			key: `owns ${accessory}`,
			text: `The customer has ${pieces} of ${named(accessory)}`,
			action: '?/own',
			fields: { accessory, pieces: '0' } as Record<string, string>,
			back: 'They do not'
		}))
	]);
</script>

{#if rows.length > 0}
	<h2 class="mt-3">By hand · {rows.length}</h2>
	<ul>
		{#each rows as { key, text, action, fields, back } (key)}
			<li class="border-b border-line py-1.5 last:border-0">
				{text}
				<SolveForm {action} {vehicle} {kit}
					>{#snippet children(busy)}
						{#each Object.entries(fields) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
						<button class="link text-sm" disabled={busy}>{back}</button>
					{/snippet}</SolveForm
				>
			</li>
		{/each}
	</ul>
{/if}
