<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { counted } from '$lib/core/quantity';
	import TryOutForm from '$lib/components/cover/TryOutForm.svelte';
	import { OFFER_WORDS, percent, whole, withAsked } from '$lib/components/cover/cover-words';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	let { data, form } = $props();

	const shop = shopFormats();
	const weighed = $derived(data.asked.weigh !== 'even');
	const list = $derived(data.missing);
	let chosen = $state<string | null>(null);
	const shown = $derived(list?.missing.find(({ key }) => key === chosen) ?? list?.missing[0] ?? null);
	const never = $derived(list?.never.reduce((sum, { sockets }) => sum + sockets, 0) ?? 0);
	const to = (key: string) =>
		withAsked(page.url, resolve('/cover/places'), { key, stands: 'open', function: null, category: null });

	/** A specification as the fields of a try-out. */
	const start = $derived.by((): Record<string, string> => {
		const s = shown?.specification;
		if (!s) return {};
		const text = (value: unknown) => (value === undefined || value === null ? '' : String(value));
		return {
			category: text(s.fits[0]),
			colour: text(s.colour?.kind),
			tone: text(s.colour?.cct ?? s.colour?.peak),
			modes: text(s.modes?.[0]),
			wiring: text(s.wiring),
			lumens: text(s.flux?.claimed),
			minor: text(s.flux?.minor),
			watts: text(s.power?.at13v5),
			frontLength: text(s.size?.frontLength),
			frontDiameter: text(s.size?.frontDiameter),
			rearLength: text(s.size?.rearLength),
			rearDiameter: text(s.size?.rearDiameter),
			length: text(s.size?.length),
			voltsFrom: text(s.volts?.[0]),
			voltsTo: text(s.volts?.[1]),
			limit: text(s.limit),
			cooling: text(s.cooling)
		};
	});
</script>

<svelte:head><title>Missing products · Cover · Rotalux</title></svelte:head>

<!-- eslint-disable svelte/no-navigation-without-resolve -- addresses of this room, resolved before the question is added -->
{#if list}
	<div class="no-print flex flex-wrap items-center gap-4">
		<h2>
			{counted(list.open.sockets, 'socket')} on {counted(list.open.vehicles, 'vehicle')} open
		</h2>
		<a
			class="link ml-auto text-sm no-print"
			href={withAsked(page.url, resolve('/cover/[table].csv', { table: 'missing' }), {})}>CSV</a
		>
		<button type="button" class="button no-print" onclick={() => print()}>Print the sheet</button>
	</div>
	<div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,24rem)]">
		<section class="panel overflow-x-auto p-3 no-print" aria-labelledby="missing">
			<h2 id="missing">Not {OFFER_WORDS[data.asked.from]}: the lamps that would close the most</h2>
			{#if list.missing.length === 0}
				<p class="mt-1 text-soft">No lamp would close any of the open sockets: see below why.</p>
			{:else}
				<table class="mt-1 w-full text-sm">
					<thead class="text-left text-soft"
						><tr
							><th class="py-1 font-medium">specification</th><th class="number px-2 text-right font-medium">sockets</th
							><th class="number px-2 text-right font-medium">vehicles</th><th
								class="number px-2 text-right font-medium">completes</th
							>{#if weighed}<th class="number px-2 text-right font-medium">weight</th>{/if}<th
								class="number pl-2 text-right font-medium">price</th
							></tr
						></thead
					>
					<tbody>
						{#each list.missing as one (one.key)}
							<tr class="border-t border-line" class:bg-sea-wash={one === shown}>
								<td class="py-1"
									><button
										type="button"
										class="link text-left"
										aria-pressed={one === shown}
										onclick={() => (chosen = one.key)}>{one.short}</button
									></td
								>
								<td class="number px-2 text-right"><a class="link" href={to(one.key)}>{whole(one.sockets)}</a></td>
								<td class="number px-2 text-right">{whole(one.vehicles)}</td>
								<td class="number px-2 text-right">{whole(one.completes)}</td>
								{#if weighed}<td class="number px-2 text-right">{whole(one.weight)}</td>{/if}
								<td class="number pl-2 text-right">{one.price ? shop.money(one.price.median) : 'not known'}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
		</section>
		{#if shown}
			<section class="panel grid gap-2 p-3" aria-label="The specification">
				<h2>Wanted: {shown.short}</h2>
				<dl class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1 text-sm">
					{#each shown.lines as [label, text] (label)}
						<dt class="text-soft">{label}</dt>
						<dd>{text}</dd>
					{/each}
				</dl>
				<p class="text-sm">
					Closes {counted(shown.sockets, 'socket')} on {counted(shown.vehicles, 'vehicle')}, completes {counted(
						shown.completes,
						'kit'
					)}. {shown.power.withoutLoads > 0
						? `${percent(shown.power.withoutLoads, shown.weight)} of it without a resistor or another part.`
						: 'Every one of them needs an extra part with it.'}
				</p>
				{#if shown.catalogue}
					<p class="text-sm">
						In a catalogue already: <a class="link" href={resolve('/stock/[item]', { item: shown.catalogue.id })}
							>{shown.catalogue.name}</a
						>
						closes {shown.catalogue.sockets} of them.
					</p>
				{/if}
				{#if shown.price}
					<p class="text-sm text-soft">
						Lamps like it cost {shop.money(shown.price.low)} to {shop.money(shown.price.high)}, {shop.money(
							shown.price.median
						)} in the middle ({counted(shown.price.from, 'lamp')} of the same {shown.price.of}).
					</p>
				{/if}
				{#if shown.boxes.length > 1}
					<details>
						<summary class="link text-sm">Larger bodies that go into fewer</summary>
						<table class="mt-1 text-sm">
							<thead class="text-left text-soft"
								><tr
									><th class="pr-4 font-medium">mm long</th><th class="pr-4 font-medium">mm across</th><th
										class="font-medium">goes into</th
									></tr
								></thead
							>
							<tbody>
								{#each shown.boxes as box (`${box.length} ${box.diameter}`)}
									<tr class="number"><td>{box.length}</td><td>{box.diameter}</td><td>{whole(box.weight)}</td></tr>
								{/each}
							</tbody>
						</table>
					</details>
				{/if}
				<p class="text-xs text-soft">
					Estimates by Rotalux from measured sockets; a sample tried by hand decides. Local rules apply.
				</p>
			</section>
		{/if}
	</div>
	<section class="panel grid gap-2 p-3 no-print" aria-labelledby="try">
		<h2 id="try">Try an offer before you buy it</h2>
		{#key shown?.key}
			<TryOutForm
				{start}
				typed={form?.typed ?? null}
				refused={form && 'refused' in form ? (form.refused ?? null) : null}
				tried={form && 'tried' in form ? (form.tried ?? null) : null}
				categories={data.categories}
			/>
		{/key}
	</section>
	{#if never > 0}
		<section class="panel overflow-x-auto p-3 no-print" aria-labelledby="never">
			<h2 id="never">No lamp of any maker would close {counted(never, 'socket')}</h2>
			<p class="text-sm text-soft">
				Missing facts are worth finding out: <a class="link" href={resolve('/questions')}>Questions</a> says which decide
				the most.
			</p>
			<table class="mt-1 w-full text-sm">
				<thead class="text-left text-soft"
					><tr
						><th class="py-1 font-medium">why</th><th class="font-medium">kind</th><th
							class="number text-right font-medium">sockets</th
						></tr
					></thead
				>
				<tbody>
					{#each list.never as one (one.key)}
						<tr class="border-t border-line align-top">
							<td class="py-1 pr-4"
								>{#each one.why as finding (finding.code)}<span class="block">{finding.why}</span>{:else}Sources
									disagree about a fact.{/each}</td
							>
							<td class="pr-4 whitespace-nowrap">{one.isUnknown ? 'missing fact' : 'policy or lamp'}</td>
							<td class="number text-right"><a class="link" href={to(one.key)}>{whole(one.sockets)}</a></td>
						</tr>
					{/each}
				</tbody>
			</table>
		</section>
	{/if}
{/if}
<!-- eslint-enable -->
