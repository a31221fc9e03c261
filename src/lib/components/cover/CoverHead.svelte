<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { OFFERS } from '$lib/core/cover/questions/offer';
	import { OFFER_WORDS, WEIGH_WORDS, withAsked } from './cover-words';

	/** The head of the Cover room: its pages, and what all of them are asked. `values` are what a filter can have. */
	let {
		asked,
		values,
		branch
	}: {
		asked: {
			from: string;
			ledOnly?: boolean;
			weigh: string;
			shelves?: string | undefined;
			make?: string | undefined;
			kind?: string | undefined;
			market?: string | undefined;
			years?: readonly [number | null, number | null] | undefined;
		};
		values: { makes: readonly string[]; kinds: readonly string[]; markets: readonly string[] };
		/** The branch where it is asked; null in a shop without branches. */
		branch: string | null;
	} = $props();

	const PAGES = [
		['/cover', 'Fleet'],
		['/cover/matrix', 'Categories'],
		['/cover/missing', 'Missing products'],
		['/cover/assortment', 'Assortment'],
		['/cover/places', 'Sockets'],
		['/cover/demand', 'Demand'],
		['/cover/kits', 'Kits in bulk']
	] as const;

	let form = $state<HTMLFormElement>();
	const kept = $derived(
		[...page.url.searchParams].filter(
			([name]) =>
				!['from', 'led', 'weigh', 'make', 'kind', 'market', 'since', 'until', 'shelves', 'page'].includes(name)
		)
	);
</script>

<!-- eslint-disable svelte/no-navigation-without-resolve -- addresses of this room, resolved before the question is added -->
<nav aria-label="Cover" class="flex flex-wrap gap-1">
	{#each PAGES as [path, name] (path)}
		<a
			class="rounded-md px-3 py-1.5 hover:bg-sea-wash aria-[current=page]:bg-sea-wash aria-[current=page]:font-semibold aria-[current=page]:text-sea"
			aria-current={page.url.pathname === resolve(path) ? 'page' : undefined}
			href={withAsked(page.url, resolve(path), {
				key: null,
				category: null,
				function: null,
				vehicle: null,
				stands: null
			})}>{name}</a
		>
	{/each}
</nav>
<!-- eslint-enable -->
<form
	bind:this={form}
	class="panel flex flex-wrap items-end gap-3 p-3"
	aria-label="What is counted"
	onchange={() => form?.requestSubmit()}
>
	{#each kept as [name, value], i (i)}<input type="hidden" {name} {value} />{/each}
	<label class="grid gap-0.5 text-sm"
		>Served from
		<select name="from" class="field">
			{#each OFFERS as from (from)}<option value={from} selected={from === asked.from}>{OFFER_WORDS[from]}</option
				>{/each}
		</select>
	</label>
	{#if branch}<label class="grid gap-0.5 text-sm"
			>Shelves
			<select name="shelves" class="field">
				<option value="here" selected={asked.shelves !== 'chain'}>of {branch}</option>
				<option value="chain" selected={asked.shelves === 'chain'}>of the whole chain</option>
			</select>
		</label>{/if}
	<label class="grid gap-0.5 text-sm"
		>Lamps
		<select name="led" class="field">
			<option value="only" selected={asked.ledOnly}>LED only</option>
			<option value="any" selected={!asked.ledOnly}>LED and filament</option>
		</select>
	</label>
	<label class="grid gap-0.5 text-sm"
		>Weighted by
		<select name="weigh" class="field">
			{#each Object.entries(WEIGH_WORDS) as [id, words] (id)}<option value={id} selected={id === asked.weigh}
					>{words}</option
				>{/each}
		</select>
	</label>
	{#each [['make', 'Make', values.makes], ['kind', 'Kind', values.kinds], ['market', 'Market', values.markets]] as const as [name, label, all] (name)}
		<label class="grid gap-0.5 text-sm"
			>{label}
			<select {name} class="field max-w-40">
				<option value="">all</option>
				{#each all as value (value)}<option {value} selected={value === asked[name]}>{value}</option>{/each}
			</select>
		</label>
	{/each}
	<label class="grid gap-0.5 text-sm"
		>Years from
		<input name="since" class="field w-20" inputmode="numeric" pattern="\d{'{4}'}" value={asked.years?.[0] ?? ''} />
	</label>
	<label class="grid gap-0.5 text-sm"
		>to
		<input name="until" class="field w-20" inputmode="numeric" pattern="\d{'{4}'}" value={asked.years?.[1] ?? ''} />
	</label>
	<button class="button">Apply</button>
</form>
