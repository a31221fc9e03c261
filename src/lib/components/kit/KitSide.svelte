<script lang="ts">
	import { Tabs } from 'bits-ui';
	import AlsoFor from './AlsoFor.svelte';
	import Demands from './Demands.svelte';
	import EveryShelf from './EveryShelf.svelte';
	import ExceptionForm from './ExceptionForm.svelte';
	import OpenSockets from './OpenSockets.svelte';
	import OrderForm from './OrderForm.svelte';
	import OwnParts from './OwnParts.svelte';
	import Papers from './Papers.svelte';
	import PlacePanel from './PlacePanel.svelte';
	import Release from './Release.svelte';
	import Revisions from './Revisions.svelte';
	import DemandPrices from './DemandPrices.svelte';
	import RunnersUp from './RunnersUp.svelte';
	import { KIT_TABS, type KitTab } from './tabs';
	import type { KitAnswers, KitPageData } from './page-data';

	/** Everything about a kit beside its lines, in the order of the work: what is asked, one place, what is open, what it costs, release, papers. */
	let {
		data,
		answers,
		vehicle,
		tab,
		ontab,
		onplace
	}: {
		data: KitPageData;
		/** What the last form of the page was answered. */
		answers: KitAnswers;
		vehicle: string;
		tab: KitTab;
		ontab: (tab: KitTab) => void;
		onplace: (socket: string) => void;
	} = $props();

	const editable = $derived(data.state !== 'released');
	const fixed = $derived(new Set<string>(Object.keys(data.order.choices)));
	const orderKey = $derived(JSON.stringify(data.order));
</script>

<Tabs.Root
	value={tab}
	onValueChange={(value) => ontab(value as KitTab)}
	class="panel flex min-h-0 grow flex-col overflow-hidden"
>
	<Tabs.List class="flex shrink-0 flex-wrap border-b border-line px-1" aria-label="About this kit">
		{#each KIT_TABS as { id, label } (id)}
			<Tabs.Trigger
				value={id}
				class="min-h-8 border-b-2 border-transparent px-2 font-medium text-soft hover:text-ink data-[state=active]:border-sea data-[state=active]:text-ink"
				>{label}{#if id === 'open' && data.kit.open.length > 0}&nbsp;<span class="number">{data.kit.open.length}</span
					>{/if}</Tabs.Trigger
			>
		{/each}
	</Tabs.List>
	<!-- What has the focus is not left behind the button that stays at the foot. -->
	<div class="min-h-0 grow scroll-pb-16 overflow-y-auto p-3">
		<Tabs.Content value="order">
			{#if editable}
				{#key orderKey}<OrderForm
						order={data.order}
						currency={data.currency}
						functions={data.functions}
						isChain={data.at !== null}
						{vehicle}
						kit={data.id}
					/>{/key}
				<Demands byHand={data.kit.byHand} order={data.order} names={data.names} {vehicle} kit={data.id} />
				<OwnParts parts={data.kit.parts} {vehicle} kit={data.id} />
				<div class="mt-3"><ExceptionForm exception={data.order.exception ?? null} /></div>
			{:else}
				<p>This revision is released and does not change. Start its next revision under Release.</p>
			{/if}
		</Tabs.Content>
		<Tabs.Content value="place">
			{#if data.place}
				{#key data.place.socket}<PlacePanel
						place={data.place}
						{vehicle}
						kit={data.id}
						currency={data.currency}
						{onplace}
					/>{/key}
			{:else}
				<p class="text-soft">
					{editable
						? 'Press a lamp in the lines, or Enter on a socket of the rota, to see what else may go there.'
						: 'A released kit does not change.'}
				</p>
			{/if}
		</Tabs.Content>
		<Tabs.Content value="open"
			>{#if editable && data.at !== null && !data.order.everyShelf && data.kit.open.length > 0}<EveryShelf
					at={data.at}
					{vehicle}
					kit={data.id}
				/>{/if}<OpenSockets open={data.kit.open} {vehicle} kit={data.id} {fixed} {editable} {onplace} /></Tabs.Content
		>
		<Tabs.Content value="weigh">
			<RunnersUp runnersUp={data.kit.runnersUp} total={data.kit.total} {editable} {vehicle} kit={data.id} />
			{#if editable}<DemandPrices prices={answers.prices} {vehicle} kit={data.id} />{/if}
		</Tabs.Content>
		<Tabs.Content value="release">
			<Release
				kitState={data.state}
				revision={data.revision}
				toSign={data.toSign}
				unproved={data.unproved}
				{vehicle}
				life={data.life}
				stale={data.stale.length > 0}
				person={data.person}
				empty={data.kit.lamps.length + data.kit.parts.length === 0}
			/>
			<AlsoFor others={answers.others} also={data.also} valid={data.life.also} {editable} />
			<Revisions
				revisions={data.revisions}
				shown={data.revision}
				{vehicle}
				kit={data.id}
				underWay={data.revision > data.revisions.length}
			/>
		</Tabs.Content>
		<Tabs.Content value="papers"
			><Papers {vehicle} kit={data.id} code={data.code} revision={data.revision} papers={data.papers} /></Tabs.Content
		>
	</div>
</Tabs.Root>
