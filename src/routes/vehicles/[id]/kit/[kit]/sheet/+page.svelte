<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import Lines from '$lib/components/kit/Lines.svelte';
	import QrSquare from '$lib/components/kit/QrSquare.svelte';
	import PaperRota from '$lib/components/rota/PaperRota.svelte';
	import { provideCurrency, shopFormats } from '$lib/components/ui/shop-formats';
	import { policySentences } from '$lib/core/views/cautions';
	import { wiresOf } from '$lib/core/views/wires';

	let { data } = $props();

	provideCurrency(() => data.sheet.currency);
	const { day, money, date } = shopFormats();

	const sheet = $derived(data.sheet);
	const wires = $derived(wiresOf(sheet));
	const where = $derived({ id: data.vehicle.id, kit: page.params.kit ?? '' });
	const pdf = $derived(resolve('/vehicles/[id]/kit/[kit]/[paper].pdf', { ...where, paper: 'sheet' }));
</script>

<svelte:head><title>{sheet.name} · Kit sheet · Rotalux</title></svelte:head>

<main class="paper mx-auto grid max-w-4xl gap-4 bg-white p-8 text-black lg:my-3">
	<div class="no-print flex gap-2">
		<button type="button" class="button" data-main onclick={() => window.print()}>Print</button>
		<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
		<a class="button" href={`${pdf}?paper=a4`} download>PDF, A4</a>
		<a class="button" href={`${pdf}?paper=letter`} download>PDF, Letter</a>
		<!-- eslint-enable svelte/no-navigation-without-resolve -->
		<a class="button" href={resolve('/vehicles/[id]/kit/[kit]', where)}>Back to the kit</a>
	</div>
	<header class="grid grid-cols-[1fr_20rem] gap-4 max-sm:grid-cols-1">
		<div>
			<h1 class="text-2xl!">{sheet.name}</h1>
			<p class="text-lg">{sheet.vehicleName}</p>
			<p>
				{sheet.code ? `Released as ${sheet.code} on ${day(sheet.releasedAt)}` : 'Draft: not released, may still change'}
			</p>
			{#if sheet.life.checked}<p>Checked by {sheet.life.checked.by} on {date(sheet.life.checked.on)}</p>{/if}
			{#each sheet.also as name (name)}<p>Also for {name}</p>{/each}
			<p class="mt-2 text-xl font-semibold">{money(sheet.kit.total)}</p>
			<p>{sheet.kit.spare} pieces spare</p>
			{#each policySentences(sheet.policy, sheet.order.exception) as sentence (sentence)}<p class="mt-2">
					{sentence}
				</p>{/each}
			{#if data.qr}<div class="mt-2 w-28"><QrSquare qr={data.qr} label={`Customer page of ${sheet.code}`} /></div>{/if}
			{#if data.tells.length > 0}<p class="mt-2">Is it this vehicle? {data.tells.join('. ')}.</p>{/if}
		</div>
		<PaperRota sockets={sheet.kit.sockets} label={sheet.vehicleName} />
	</header>
	<Lines title="Lamps" lines={sheet.kit.lamps} currency={sheet.currency} />
	{#if sheet.kit.parts.length > 0}<Lines title="Parts" lines={sheet.kit.parts} currency={sheet.currency} />{/if}
	{#if wires.length > 0}
		<section>
			<h2>Wires</h2>
			<ul class="list-disc pl-5">
				{#each wires as words (words)}<li>{words}</li>{/each}
			</ul>
		</section>
	{/if}
	{#if sheet.kit.open.length > 0}
		<section>
			<h2>Open sockets</h2>
			<ul>
				{#each sheet.kit.open as item (item.socket)}<li><strong>{item.name}</strong>: {item.why}</li>{/each}
			</ul>
		</section>
	{/if}
	<section>
		<h2>Cautions</h2>
		<ul class="list-disc pl-5">
			{#each data.sheet.cautions as caution (caution)}<li>{caution}</li>{/each}
		</ul>
	</section>
</main>
