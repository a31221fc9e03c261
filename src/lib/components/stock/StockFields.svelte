<script lang="ts">
	import type { StockField } from '$lib/core/exchange';
	import ChipsField from '../ui/ChipsField.svelte';
	import UsualRange from '../ui/UsualRange.svelte';
	import { shopFormats } from '../ui/shop-formats';

	const { price } = shopFormats();

	interface Pack {
		sku: string;
		count: number;
		price: number;
		stock: number | null;
		cost?: number | null;
		shelf?: string | null;
	}

	interface PackColumn {
		name: keyof Pack;
		label: string;
		width: string;
		inputmode?: 'numeric' | 'decimal';
		text: (pack: Pack) => string | undefined;
	}

	const PACK_COLUMNS: readonly PackColumn[] = [
		{ name: 'sku', label: 'SKU', width: 'w-full', text: (pack) => pack.sku },
		{ name: 'count', label: 'Pieces', width: 'w-20', inputmode: 'numeric', text: (pack) => String(pack.count) },
		{ name: 'price', label: 'Price', width: 'w-28', inputmode: 'decimal', text: (pack) => price(pack.price) },
		{
			name: 'stock',
			label: 'Packs in stock',
			width: 'w-24',
			inputmode: 'numeric',
			text: (pack) => pack.stock?.toString()
		},
		{
			name: 'cost',
			label: 'Cost to the shop',
			width: 'w-28',
			inputmode: 'decimal',
			text: (pack) => (pack.cost == null ? undefined : price(pack.cost))
		},
		{ name: 'shelf', label: 'Shelf', width: 'w-24', text: (pack) => pack.shelf ?? undefined }
	];

	/** The fields of a product or accessory and its packs. An empty field means that it is not known. */
	let {
		form,
		values = {},
		packs = [],
		problems = [],
		currency
	}: {
		form: { title: string; fields: StockField[] }[];
		values?: Record<string, string>;
		packs?: Pack[];
		problems?: { path: string; message: string }[];
		currency: string;
	} = $props();

	let blank = $state(1);
	/** What was typed since the form was opened, by field. */
	let typed = $state<Record<string, string>>({});
	const uid = $props.id();
	const wrong = (path: string) => problems.find((problem) => problem.path === path)?.message;
	const rows = $derived([...packs.map((pack) => pack as Pack | null), ...Array<null>(blank).fill(null)]);
</script>

{#each form as group (group.title)}
	<fieldset class="panel grid gap-x-3 gap-y-2 p-3 sm:grid-cols-2 xl:grid-cols-3">
		<legend class="px-1 font-medium">{group.title}</legend>
		{#each group.fields as field (field.path)}
			{@const { path, label, unit, choices, hint } = field}
			{@const message = wrong(path)}
			{#if field.isList}
				<div class="grid content-start gap-0.5 text-sm text-soft">
					<ChipsField
						name={path}
						{label}
						value={values[path]}
						separator={field.kind === 'list' ? ' ' : ' | '}
						offers={field.offers}
						isFree={field.isFree}
						invalid={message !== undefined}
						describedby={message ? `${uid}-${path}` : undefined}
					/>
					{#if hint}<span>{hint}</span>{/if}
					{#if message}<span id={`${uid}-${path}`} class="font-medium text-refuse">{message}</span>{/if}
				</div>
			{:else}
				<label class="grid content-start gap-0.5 text-sm text-soft"
					>{label}{unit ? `, ${unit}` : ''}
					{#if choices.length > 0}
						<select
							name={path}
							class="field text-base text-ink"
							value={values[path] ?? ''}
							aria-invalid={message ? 'true' : undefined}
							aria-describedby={message ? `${uid}-${path}` : undefined}
						>
							<option value="">not given</option>
							{#each choices as choice (choice)}<option value={choice}>{choice.replaceAll('-', ' ')}</option>{/each}
						</select>
					{:else}
						<input
							name={path}
							class="field text-base text-ink"
							value={values[path]}
							inputmode={unit ? 'decimal' : undefined}
							oninput={({ currentTarget }) => (typed[path] = currentTarget.value)}
							aria-invalid={message ? 'true' : undefined}
							aria-describedby={message ? `${uid}-${path}` : undefined}
						/>
					{/if}
					{#if hint}<span>{hint}</span>{/if}
					{#if field.usual}<UsualRange usual={field.usual} typed={typed[path] ?? values[path] ?? ''} />{/if}
					{#if message}<span id={`${uid}-${path}`} class="font-medium text-refuse">{message}</span>{/if}
				</label>
			{/if}
		{/each}
	</fieldset>
{/each}
<fieldset class="panel min-w-0 p-3">
	<legend class="px-1 font-medium">Packs</legend>
	<div class="overflow-x-auto">
		<table class="grid-table dense">
			<thead
				><tr>
					{#each PACK_COLUMNS as { name, label } (name)}
						<th scope="col">{label}{name === 'price' ? `, ${currency}` : ''}</th>
					{/each}
				</tr></thead
			>
			<tbody>
				{#each rows as pack, i (i)}
					<tr>
						{#each PACK_COLUMNS as { name, label, width, inputmode, text } (name)}
							<td
								><input
									class={['field', width, inputmode && 'text-right']}
									name={`pack.${name}`}
									{inputmode}
									value={pack ? text(pack) : undefined}
									aria-label={`${label} of pack ${i + 1}`}
								/></td
							>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="mt-1 flex flex-wrap items-center gap-3 text-sm text-soft">
		<button type="button" class="button min-h-7! py-0!" onclick={() => (blank += 1)}>Another pack</button>
		A pack without SKU is left out. Empty stock means not counted.
	</p>
	{#each problems.filter((p) => p.path.startsWith('packs')) as problem, i (i)}<p class="font-medium text-refuse">
			{problem.message}
		</p>{/each}
</fieldset>
