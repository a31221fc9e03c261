<script lang="ts">
	import { Tabs } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { resolve } from '$app/paths';
	import { elsewhereWords, type MatchCandidateView, type NeighbourView } from '$lib/core/views';
	import ScoreBars from '../charts/ScoreBars.svelte';
	import VerdictTag from '../ui/VerdictTag.svelte';
	import ColourPanel from './ColourPanel.svelte';
	import Compare from './Compare.svelte';
	import FearedBeamPanel from './FearedBeamPanel.svelte';
	import FitPanel from './FitPanel.svelte';
	import HeatPanel from './HeatPanel.svelte';
	import Reasons from './Reasons.svelte';
	import { MATCH_TABS, type MatchTab } from './tabs';

	/** All that is known of one candidate: reasons, fit, colour, heat, score; and the comparison of several. */
	let {
		candidate,
		compared,
		neighbours,
		currency,
		tab,
		saved,
		ontab,
		onleave,
		children
	}: {
		candidate: MatchCandidateView;
		compared: MatchCandidateView[];
		neighbours: NeighbourView[];
		currency: string;
		tab: MatchTab;
		/** What was kept of the heat assumptions, to be said. */
		saved: string | null;
		ontab: (tab: MatchTab) => void;
		onleave: (product: string) => void;
		children?: Snippet;
	} = $props();

	const { detail } = $derived(candidate);
	const inShort = $derived(
		candidate.verdict === 'parts'
			? candidate.needs.join(', ')
			: candidate.verdict === 'fits'
				? ''
				: (candidate.firstReason ?? '')
	);
</script>

<div class="mb-1 flex items-start gap-2">
	<div class="mr-auto">
		<h2>{candidate.maker} {candidate.name} <span class="text-sm font-normal text-soft">{candidate.product}</span></h2>
		<p class="leading-snug">
			<VerdictTag verdict={candidate.verdict} />{#if inShort}<span class="text-soft">: {inShort}</span>{/if}
		</p>
		{#if candidate.elsewhere.length > 0}<p class="text-sm">
				None here; {elsewhereWords(candidate.elsewhere)}.
				<a class="link" href={resolve('/stock/[item]', { item: candidate.product })}>Bring some here</a>
			</p>{/if}
	</div>
	<div class="flex shrink-0 flex-col items-end gap-1 @2xl:flex-row-reverse">{@render children?.()}</div>
</div>
<Tabs.Root value={tab} onValueChange={(value) => ontab(value as MatchTab)}>
	<Tabs.List class="mb-2 flex flex-wrap gap-1 border-b border-line" aria-label="About this candidate">
		{#each MATCH_TABS as { id, label } (id)}
			<Tabs.Trigger
				value={id}
				disabled={id === 'compare' && compared.length < 2}
				class="min-h-8 border-b-2 border-transparent px-2 font-medium text-soft hover:text-ink disabled:opacity-50 data-[state=active]:border-sea data-[state=active]:text-ink"
				>{label}{#if id === 'compare'}&nbsp;<span class="number">{compared.length}</span>{/if}</Tabs.Trigger
			>
		{/each}
	</Tabs.List>
	<!-- What is behind another tab is not drawn: it would be drawn again with every socket. -->
	<Tabs.Content value={tab}>
		{#if tab === 'reasons'}
			<Reasons {candidate} />
		{:else if tab === 'fit'}
			<FitPanel {detail} {currency} />
		{:else if tab === 'colour'}
			{#key candidate.product}<ColourPanel light={detail.light} {neighbours} lightShare={candidate.lightShare} />{/key}
		{:else if tab === 'beam'}
			{#if detail.beam}<FearedBeamPanel beam={detail.beam} />{:else}<p>
					Nothing to fear for a cut-off here: this place throws no beam with one, its optic is not known, or this is a
					filament lamp.
				</p>{/if}
		{:else if tab === 'heat'}
			{#if detail.heat}
				{#key candidate.product}<HeatPanel heat={detail.heat} name={candidate.name} {saved} />{/key}
			{:else}
				<p>
					{candidate.kind === 'halogen'
						? 'A filament lamp of the stock power heats the lamp as it always did.'
						: 'The power is not given, so nothing can be said of its heat: measure current and voltage on the bench.'}
				</p>
			{/if}
		{:else if tab === 'score'}
			<ScoreBars parts={detail.score} total={candidate.score} />
		{:else if compared.length > 1}
			<Compare candidates={compared} {currency} {onleave} />
		{/if}
	</Tabs.Content>
</Tabs.Root>
