<script lang="ts">
	import { MARKETS } from '$lib/core/lamps';
	import type { DateStyle, MeasureSystem } from '$lib/core/quantity';

	/** How the shop writes, and what it begins with. */
	let {
		setup,
		hasPrices = false
	}: {
		setup: { currency: string; market: string; measures: MeasureSystem; dates: DateStyle; headlamps: string };
		/** True once prices are on record: they are not converted, so the currency stays. */
		hasPrices?: boolean;
	} = $props();

	const CURRENCIES = ['EUR', 'USD', 'GBP', 'SEK', 'NOK', 'DKK', 'CHF', 'PLN', 'AUD', 'CAD', 'JPY'];
	const DATES = { iso: '2026-11-28', 'day-first': '28/11/2026', 'month-first': '11/28/2026', dots: '28.11.2026' };
	const HEADLAMPS = {
		'signals-only': 'Signals and cabin only: headlamps stay halogen',
		projectors: 'Projectors only: LED in projector headlamps',
		proved: 'Projector and reflector, where a beam check is on record'
	};
	const uid = $props.id();
</script>

<div class="grid gap-3 sm:grid-cols-2 xl:grid-cols-4">
	<label class="grid content-start gap-0.5 text-sm text-soft"
		>Currency of every price
		<input
			name="currency"
			class="field text-base text-ink uppercase"
			list={`${uid}-currencies`}
			value={setup.currency}
			readonly={hasPrices}
			maxlength="3"
			required
			autocomplete="off"
		/>
		<datalist id={`${uid}-currencies`}
			>{#each CURRENCIES as code (code)}<option value={code}></option>{/each}</datalist
		>
		{#if hasPrices}<span>Prices are on record in it.</span>{/if}
	</label>
	<label class="grid content-start gap-0.5 text-sm text-soft"
		>Market of most vehicles
		<select name="market" class="field text-base text-ink" value={setup.market}>
			{#each Object.entries(MARKETS) as [id, market] (id)}<option value={id}>{market.name}</option>{/each}
		</select>
	</label>
	<label class="grid content-start gap-0.5 text-sm text-soft"
		>Measured in
		<select name="measures" class="field text-base text-ink" value={setup.measures}>
			<option value="metric">lux, metres, mm, C</option><option value="us">foot-candles, feet, inches, F</option>
		</select>
	</label>
	<label class="grid content-start gap-0.5 text-sm text-soft"
		>Days are written
		<select name="dates" class="field text-base text-ink" value={setup.dates}>
			{#each Object.entries(DATES) as [id, example] (id)}<option value={id}>{example}</option>{/each}
		</select>
	</label>
	<label class="grid gap-0.5 text-sm text-soft sm:col-span-2 xl:col-span-4"
		>LED in headlamps
		<select name="headlamps" class="field text-base text-ink" value={setup.headlamps}>
			{#each Object.entries(HEADLAMPS) as [id, words] (id)}<option value={id}>{words}</option>{/each}
		</select>
		<span>The shop’s own policy; it stands on every kit. Rotalux does not say what is allowed: check local rules.</span>
	</label>
</div>
