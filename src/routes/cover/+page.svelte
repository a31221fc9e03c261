<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import type { VehiclePart } from '$lib/core/cover';
	import { OFFERS } from '$lib/core/cover/questions/offer';
	import {
		FLEET_ORDER_WORDS,
		OFFER_WORDS,
		PART_WORDS,
		percent,
		STANDS_WORDS,
		whole,
		withAsked
	} from '$lib/components/cover/cover-words';
	import FleetWheels from '$lib/components/cover/FleetWheels.svelte';
	import ShareHistogram from '$lib/components/cover/ShareHistogram.svelte';
	import ShareTable from '$lib/components/cover/ShareTable.svelte';

	let { data } = $props();

	const overview = $derived(data.overview);
	const weighed = $derived(data.asked.weigh !== 'even');
	const parts = Object.keys(PART_WORDS) as VehiclePart[];
	const to = (changed: Record<string, string | number | null>, path = page.url.pathname) =>
		withAsked(page.url, path, changed);
	const ask = (changed: Record<string, string | number | null>) =>
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- this page, asked otherwise
		goto(to(changed), { keepFocus: true, noScroll: true });
</script>

<svelte:head><title>Cover · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve -- addresses of this room, resolved before the question is added -->
{#if overview && data.fleet}
	<section class="grid gap-3 lg:grid-cols-[minmax(0,31rem)_minmax(0,1fr)]" aria-label="Share served">
		<div class="panel">
			<table class="w-full text-sm">
				<caption class="px-3 pt-2 text-left font-semibold">
					{whole(overview.configurations)} vehicles, {whole(overview.sockets - overview.closed)} sockets with a lamp to change
				</caption>
				<thead class="text-left text-soft">
					<tr
						><th class="px-3 py-1 font-medium">served</th>{#each OFFERS as from (from)}<th
								class="number px-2 text-right font-medium">{OFFER_WORDS[from]}</th
							>{/each}</tr
					>
				</thead>
				<tbody>
					<tr class="border-t border-line text-base font-semibold">
						<th scope="row" class="px-3 py-1.5 text-left">sockets{weighed ? ', weighted' : ''}</th>
						{#each OFFERS as from (from)}
							{@const all = overview.offers[from].all}
							<td class="number px-2 text-right"
								><a class="link" href={to({ from, stands: 'served' }, resolve('/cover/places'))}
									>{percent(all.servedWeight, all.weight)}</a
								></td
							>
						{/each}
					</tr>
					{#each parts as part (part)}
						<tr class="border-t border-line">
							<th scope="row" class="px-3 py-1 text-left font-normal whitespace-nowrap">{PART_WORDS[part]}</th>
							{#each OFFERS as from (from)}
								{@const share = overview.offers[from].parts[part]}
								<td class="number px-2 text-right">{whole(share.served)} of {whole(share.vehicles)}</td>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		<div class="panel p-3">
			<h2>Vehicles by share of their sockets served {OFFER_WORDS[data.asked.from]}</h2>
			<ShareHistogram
				histogram={data.fleet.histogram}
				range={data.wish.share}
				onrange={([least, most]) => ask({ least: least > 0 ? least : null, mostShare: most < 1 ? most : null })}
			/>
		</div>
	</section>
	<section class="grid gap-2" aria-labelledby="fleet">
		<div class="flex flex-wrap items-center gap-x-4 gap-y-1">
			<h2 id="fleet">{whole(data.fleet.total)} vehicles</h2>
			<label class="flex items-center gap-2 text-sm"
				>Order
				<select class="field" onchange={({ currentTarget }) => ask({ order: currentTarget.value })}>
					{#each Object.entries(FLEET_ORDER_WORDS) as [id, words] (id)}<option
							value={id}
							selected={id === data.wish.order}>{words}</option
						>{/each}
				</select></label
			>
			<ul class="flex flex-wrap gap-x-4 gap-y-1 text-xs text-soft" aria-label="What a cell shows">
				{#each STANDS_WORDS as words, i (words)}
					<li class="flex items-center gap-1">
						<svg viewBox="0 0 14 20" class="h-4 w-3" aria-hidden="true"
							><rect
								x="1"
								y="1"
								width="12"
								height="18"
								fill="var(--ground)"
								stroke={i === 4 ? 'var(--refuse)' : 'var(--line)'}
								stroke-width={i === 4 ? 2.4 : 1.6}
								stroke-dasharray={i === 5 ? '2 3' : undefined}
							/>{#if [1, 0.66, 0.4, 0.16, 0, 0][i]}<rect
									x="2"
									y={1 + 18 * (1 - ([1, 0.66, 0.4, 0.16, 0, 0][i] ?? 0))}
									width="10"
									height={18 * ([1, 0.66, 0.4, 0.16, 0, 0][i] ?? 0)}
									fill={i === 3 ? 'var(--unknown)' : 'var(--sea)'}
								/>{/if}</svg
						>{words}
					</li>
				{/each}
			</ul>
			<a class="link ml-auto text-sm" href={to({}, resolve('/cover/[table].csv', { table: 'fleet' }))}>CSV</a>
			<a class="link text-sm" href={to({}, resolve('/cover/cover.xlsx'))}>XLSX</a>
		</div>
		<FleetWheels first={data.fleet.wheels} total={data.fleet.total} />
	</section>
	<section class="grid gap-3 md:grid-cols-2 xl:grid-cols-3" aria-label="By function, make, kind, market and year">
		<div>
			<ShareTable title="function" rows={overview.byFunction} parameter={(key) => ({ function: key })} {weighed} />
		</div>
		<div><ShareTable title="make" rows={overview.groups.make} parameter={(key) => ({ make: key })} {weighed} /></div>
		<div>
			<ShareTable
				title="model year"
				rows={overview.groups.year}
				parameter={(key) => ({ since: key, until: key })}
				{weighed}
			/>
		</div>
		<div><ShareTable title="kind" rows={overview.groups.kind} parameter={(key) => ({ kind: key })} {weighed} /></div>
		<div>
			<ShareTable title="market" rows={overview.groups.market} parameter={(key) => ({ market: key })} {weighed} />
		</div>
	</section>
{/if}
<!-- eslint-enable -->
