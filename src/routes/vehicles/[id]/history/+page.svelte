<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import DeskMessages from '$lib/components/record/DeskMessages.svelte';
	import WalkPages from '$lib/components/record/WalkPages.svelte';
	import TinyRota from '$lib/components/rota/TinyRota.svelte';
	import ScrollPanel from '$lib/components/ui/ScrollPanel.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { moment, date } = shopFormats();

	let { data } = $props();

	const id = $derived(data.vehicle.id);
	const here = $derived(resolve('/vehicles/[id]/history', { id }));
</script>

<svelte:head><title>History · {data.vehicle.name} · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve (resolved above, with a query behind it) -->
<main class="grid h-full grid-cols-[minmax(0,1fr)] gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_27rem]">
	<div class="panel flex min-h-0 flex-col p-2">
		<div class="flex flex-wrap items-center justify-between gap-2">
			<WalkPages {id} />
			<label class="flex items-center gap-2 text-sm text-soft"
				>The record as it stood on
				<input
					type="date"
					class="field text-ink"
					value={data.day ?? ''}
					onchange={(event) => goto(`${here}?day=${event.currentTarget.value}`, { keepFocus: true })}
				/></label
			>
		</div>
		<DeskMessages />
		<ScrollPanel label="Events" class="mt-2 min-h-[22rem] grow border-0!">
			{#if data.events.length === 0}
				<p class="p-3 text-soft">Nothing has happened to this record since histories are kept.</p>
			{:else}
				<table class="grid-table">
					<thead><tr><th>When (UTC)</th><th>Who</th><th>What</th><th>Record then</th></tr></thead>
					<tbody>
						{#each data.events as event (event.id)}
							<tr
								aria-current={event.id === data.then?.event.id ? 'true' : undefined}
								class="aria-[current=true]:bg-sea-wash"
							>
								<td class="whitespace-nowrap">{moment(event.at)}</td>
								<td class="whitespace-nowrap">{event.by ?? 'no name given'}</td>
								<td>{event.what}</td>
								<td
									><a class="link" href={`${here}?at=${event.id}`} aria-label={`Record after: ${event.what}`}>show</a
									></td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
		</ScrollPanel>
	</div>
	<ScrollPanel label="The record then" class="min-h-0 p-3">
		{#if data.then}
			<div class="flex items-center gap-3">
				<TinyRota sockets={data.then.sockets} size={90} />
				<div>
					<h2>{data.then.name}</h2>
					<p class="text-soft">as it stood after {moment(data.then.event.at)}: {data.then.rows.length} sockets</p>
				</div>
			</div>
			<ul class="mt-2">
				{#each data.then.rows as row (row.id)}
					<li class="flex justify-between gap-2 border-b border-line py-0.5">
						<span>{row.name}</span><span class="text-soft">{row.text}</span>
					</li>
				{/each}
			</ul>
		{:else if data.day}
			<p class="text-soft">On {date(data.day)} this record did not exist yet.</p>
		{:else}
			<p class="text-soft">Choose an event or a day: the record is shown as it stood then, to read.</p>
		{/if}
	</ScrollPanel>
</main>
<!-- eslint-enable svelte/no-navigation-without-resolve -->
