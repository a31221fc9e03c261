<script lang="ts">
	import AssumptionTable from '$lib/components/settings/AssumptionTable.svelte';
	import BusyForm from '$lib/components/ui/BusyForm.svelte';
	import Message from '$lib/components/ui/Message.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import SettingsSection from '$lib/components/settings/SettingsSection.svelte';
	import ThemeChoice from '$lib/components/settings/ThemeChoice.svelte';
	import { SECTIONS, titleOf } from '$lib/components/settings/sections';
	import { MARKETS } from '$lib/core/lamps';
	import { bytesText, DATE_STYLES, writtenDay } from '$lib/core/quantity';
	import { resolve } from '$app/paths';
	import { POLICY_WORDS } from '$lib/core/views/cautions';

	const { moment } = shopFormats();

	let { data, form } = $props();

	const groups = $derived([
		{ name: 'headlamps', title: 'LED in headlamps', now: data.policy.headlamps },
		{ name: 'fog', title: 'LED in front fog lamps', now: data.policy.fog ?? data.policy.headlamps }
	]);
</script>

<svelte:head><title>Settings · Rotalux</title></svelte:head>

<main class="page lg:grid-cols-[12rem_minmax(0,52rem)]">
	<div class="self-start lg:sticky lg:top-4">
		<h1 class="mb-2">Settings</h1>
		<nav aria-label="Groups of settings" class="flex gap-1 max-lg:flex-wrap lg:flex-col">
			{#each SECTIONS as { id, title } (id)}<a class="rounded px-2 py-1 hover:bg-sea-wash" href={`#${id}`}>{title}</a
				>{/each}
		</nav>
	</div>
	<div class="grid gap-4">
		{#if form && 'message' in form && form.message}<Message text={form.message} />{/if}
		<SettingsSection id="you" title={titleOf('you')} said="Your name stands in the history of every record you change.">
			<BusyForm action="?/person" class="flex flex-wrap items-end gap-3"
				>{#snippet children(busy)}
					<label class="grid gap-0.5 text-sm text-soft"
						>Who works at this browser, for the history of records
						<input
							name="person"
							class="field w-72 text-base text-ink"
							value={data.person ?? undefined}
							maxlength="80"
						/></label
					>
					<button class="button" disabled={busy}>Remember the name</button>
					{#if form && 'person' in form}<p role="status">
							{form.person ? `Changes are now by ${form.person}.` : 'Changes now carry no name.'}
						</p>{/if}
				{/snippet}</BusyForm
			>
		</SettingsSection>
		<SettingsSection id="look" title={titleOf('look')}><ThemeChoice /></SettingsSection>
		<SettingsSection
			id="units"
			title={titleOf('units')}
			said="Everything is kept in metric units and by the calendar, whatever it is shown in."
		>
			<BusyForm action="?/measures" class="flex flex-wrap items-end gap-4"
				>{#snippet children(busy)}
					<fieldset class="flex flex-wrap items-center gap-4">
						<legend class="text-sm text-soft">Measured in</legend>
						{#each [{ value: 'metric', words: 'lux, metres, mm, C' }, { value: 'us', words: 'foot-candles, feet, inches, F' }] as { value, words } (value)}
							<label class="flex min-h-9 items-center gap-2"
								><input
									type="radio"
									name="measures"
									{value}
									checked={value === data.measured}
									class="size-4 accent-(--sea)"
								/>{words}</label
							>
						{/each}
					</fieldset>
					<label class="grid gap-0.5 text-sm text-soft"
						>Days are written
						<select name="dates" class="field text-base text-ink" value={data.setup.dates}>
							{#each DATE_STYLES as style (style)}<option value={style}>{writtenDay('2026-11-28', style)}</option
								>{/each}
						</select></label
					>
					<label class="grid gap-0.5 text-sm text-soft"
						>Market of a new vehicle
						<select name="market" class="field text-base text-ink" value={data.setup.market}>
							{#each Object.entries(MARKETS) as [id, market] (id)}<option value={id}>{market.name}</option>{/each}
						</select></label
					>
					<button class="button" disabled={busy}>Save the units</button>
					{#if form && 'measured' in form}<p role="status">
							Saved. What was measured before is shown in them too.
						</p>{/if}
				{/snippet}</BusyForm
			>
			<p class="text-sm text-soft">
				Prices are in {data.setup.currency}; they are never converted, so the currency is chosen before the first price
				list, in <a class="link" href={resolve('/start')}>the first hour</a>.
			</p>
		</SettingsSection>
		<SettingsSection
			id="policy"
			title={titleOf('policy')}
			said="Shops differ, so the policy is the shop's own; it stands on every kit. Rotalux does not say what is allowed: check local rules; a licensed workshop or the inspection decides."
		>
			{#if form && 'saved' in form}<p role="status">The policy is saved. Solve kits in draft again.</p>{/if}
			{#if data.branch}<p>
					{data.ownPolicy === null
						? `${data.branch} is the first branch: its policy holds at every branch that has none of its own.`
						: data.ownPolicy
							? `A policy of ${data.branch} alone.`
							: `${data.branch} goes by the policy of the first branch. What is saved here holds at ${data.branch} alone.`}
				</p>{/if}
			<BusyForm action="?/policy" class="grid gap-3"
				>{#snippet children(busy)}
					{#each groups as group (group.name)}
						<fieldset class="grid gap-0.5">
							<legend class="font-medium">{group.title}</legend>
							{#each Object.entries(POLICY_WORDS) as [value, words] (value)}
								<label class="flex min-h-8 items-center gap-2">
									<input
										type="radio"
										name={group.name}
										{value}
										checked={value === group.now}
										class="size-4 accent-(--sea)"
									/>{words}
								</label>
							{/each}
						</fieldset>
					{/each}
					<input type="hidden" name="was" value={data.saw.policy} />
					<p class="flex gap-2">
						<button class="button" data-main disabled={busy}>Save the policy</button>
						{#if data.ownPolicy}<button class="button" name="common" value="yes" disabled={busy}
								>Go by the policy of the first branch</button
							>{/if}
					</p>
				{/snippet}</BusyForm
			>
		</SettingsSection>
		<SettingsSection
			id="follow-up"
			title={titleOf('follow-up')}
			said="Months after a fitting at which the customer is asked whether all is well."
		>
			<BusyForm action="?/asking" class="flex flex-wrap items-center gap-4"
				>{#snippet children(busy)}
					<label class="flex flex-wrap items-center gap-3"
						><span class="text-soft">Ask after a fitting, months</span>
						<input class="field" name="months" value={data.askedAfter.join(', ')} inputmode="numeric" /></label
					>
					<button class="button" disabled={busy}>Save the months</button>
					{#if form && 'asking' in form}<p role="status">Saved. What is due is counted anew.</p>{/if}
				{/snippet}</BusyForm
			>
		</SettingsSection>
		<SettingsSection
			id="assumptions"
			title={titleOf('assumptions')}
			said="Numbers used where nobody has measured. Set your own, say where it comes from, and every verdict uses it. Weights go from 0 to 10; no weight lifts a worse verdict over a better one."
		>
			{#if form && 'assumed' in form && form.assumed}<p role="status">
					Saved. Every verdict is worked out with it now.
				</p>{/if}
			{#each data.areas as { title, list } (title)}<AssumptionTable
					{title}
					{list}
					set={data.set}
					was={data.saw.set}
				/>{/each}
		</SettingsSection>
		<SettingsSection id="data" title={titleOf('data')}>
			<p class="flex flex-wrap gap-4">
				<a class="link" href={resolve('/settings/branches')}>Branches</a>
				{#if data.mayPeople}
					<a class="link" href={resolve('/settings/people')}>People and their roles</a>
					<a class="link" href={resolve('/settings/programs')}>Programs that ask, or are told</a>
				{/if}
				<a class="link" href={resolve('/settings/account')}>Your account</a>
			</p>
			<p>
				{data.backup
					? `Last backup ${moment(data.backup.at)}, ${bytesText(data.backup.bytes)}; one is made every day and before every update.`
					: 'No backup yet; one is made every day and before every update.'}
				<span class="block text-sm text-soft"
					>Data are in {data.data}, backups in {data.folder}. Keep a copy on another disk.</span
				>
			</p>
			{#if data.mayKeep}
				<div class="flex flex-wrap gap-2">
					<BusyForm action="?/backup"
						>{#snippet children(busy)}<button class="button" disabled={busy}>{busy ? 'Saving…' : 'Back up now'}</button
							>{/snippet}</BusyForm
					>
					<BusyForm action="?/doctor"
						>{#snippet children(busy)}<button class="button" disabled={busy}
								>{busy ? 'Looking…' : 'Look the data over'}</button
							>{/snippet}</BusyForm
					>
				</div>
			{/if}
			{#if form && 'kept' in form}<p role="status">{form.kept}</p>{/if}
			{#if form && 'examined' in form && form.examined}
				<ul role="status">
					{#each form.examined.checks as check (check.name)}<li class={check.ok ? '' : 'text-refuse'}>
							{check.ok ? 'Good' : 'Look'}: {check.words}
						</li>{/each}
				</ul>
			{/if}
		</SettingsSection>
	</div>
</main>
