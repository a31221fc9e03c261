<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import { provideCurrency, shopFormats } from '$lib/components/ui/shop-formats';

	let { data } = $props();

	provideCurrency(() => data.currency);
	const { day, money } = shopFormats();

	const where = $derived({ id: data.vehicle.id, kit: data.kitId });
	const name = ({ code, revision }: { code: string | null; revision: number }) =>
		code ?? `revision ${revision}, under way`;
	const nothing = $derived(
		data.difference.lines.length +
			data.difference.places.length +
			data.difference.closed.length +
			data.difference.opened.length ===
			0
	);
	const pick = (from: number, to: number) =>
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it
		goto(`${resolve('/vehicles/[id]/kit/[kit]/compare', where)}?from=${from}&to=${to}`, { keepFocus: true });
</script>

<svelte:head><title>Revisions of {data.kitName} · Rotalux</title></svelte:head>

<main class="page page-list">
	<div class="flex flex-wrap items-center gap-3">
		<h2 class="mr-auto text-lg!">Revisions of {data.kitName}</h2>
		<label class="flex items-center gap-2"
			>From
			<select
				class="field"
				value={data.from.revision}
				onchange={(e) => pick(Number(e.currentTarget.value), data.to.revision)}
			>
				{#each data.numbers as n (n)}<option value={n}>{n}</option>{/each}
			</select></label
		>
		<label class="flex items-center gap-2"
			>to
			<select
				class="field"
				value={data.to.revision}
				onchange={(e) => pick(data.from.revision, Number(e.currentTarget.value))}
			>
				{#each data.numbers as n (n)}<option value={n}>{n}</option>{/each}
			</select></label
		>
		<a class="button" href={resolve('/vehicles/[id]/kit/[kit]', where)}>Back to the kit</a>
	</div>
	<div class="panel overflow-x-auto">
		<table class="grid-table">
			<caption class="sr-only">The two revisions</caption>
			<thead>
				<tr
					><th scope="col">Revision</th><th scope="col">Released</th><th scope="col">Checked by</th><th
						scope="col"
						class="number">Open sockets</th
					><th scope="col" class="number">Total</th></tr
				>
			</thead>
			<tbody>
				{#each [data.from, data.to] as side (side.revision)}
					<tr>
						<th scope="row">{name(side)}</th>
						<td>{day(side.releasedAt) || 'not yet'}</td>
						<td>{side.by ?? 'nobody yet'}</td>
						<td class="number">{side.open}</td>
						<td class="number">{money(side.total)}</td>
					</tr>
				{/each}
			</tbody>
			<tfoot>
				<tr
					><th scope="row" colspan="4">Difference</th><td class="number font-semibold"
						>{data.difference.price > 0 ? '+' : ''}{money(data.difference.price)}</td
					></tr
				>
			</tfoot>
		</table>
	</div>
	{#if nothing}<p>The same lamps, parts and packs in both.</p>{/if}
	{#if data.difference.places.length > 0}
		<section>
			<h2>Lamps by place</h2>
			<ul class="list-disc pl-5">
				{#each data.difference.places as words (words)}<li>{words}</li>{/each}
			</ul>
		</section>
	{/if}
	{#if data.difference.lines.length > 0}
		<section>
			<h2>Packs</h2>
			<div class="panel mt-1 overflow-x-auto">
				<table class="grid-table">
					<caption class="sr-only">Packs before and after</caption>
					<thead
						><tr
							><th scope="col">SKU</th><th scope="col">What</th><th scope="col" class="number">Before</th><th
								scope="col"
								class="number">After</th
							></tr
						></thead
					>
					<tbody>
						{#each data.difference.lines as line (line.sku)}
							<tr
								><td>{line.sku}</td><td>{line.name}</td><td class="number">{line.before}</td><td class="number"
									>{line.after}</td
								></tr
							>
						{/each}
					</tbody>
				</table>
			</div>
		</section>
	{/if}
	{#if data.difference.closed.length > 0}<p>Served now: {data.difference.closed.join(', ')}.</p>{/if}
	{#if data.difference.opened.length > 0}<p>Open now: {data.difference.opened.join(', ')}.</p>{/if}
</main>
