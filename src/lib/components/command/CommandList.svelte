<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { Command as Bar } from 'bits-ui';
	import { commandsAt, GROUPS, rank, type Deed, type Group } from '$lib/client/commands';
	import { keepRecent, readRecents } from '$lib/client/recents';
	import type { FoundThing } from '$lib/core/views';
	import { foundHref } from './found-links';

	/** The line of the command bar and what answers to it; it begins empty each time it is opened. */
	let { ondone, ondeed }: { ondone: () => void; ondeed: (deed: Deed) => void } = $props();

	interface Offer {
		key: string;
		group: Group;
		words: string;
		detail: string;
		href: string | null;
		deed: Deed | null;
	}

	const PAUSE_MS = 60;
	const MOST_OF_A_GROUP = 8;

	let line = $state('');
	let found = $state.raw<FoundThing[]>([]);
	let asked = 0;
	let pause: ReturnType<typeof setTimeout> | undefined;

	const place = $derived({ vehicle: page.params.id, socket: page.params.socket, kit: page.params.kit });
	const recent = $derived(line.trim() === '' ? readRecents(localStorage) : []);

	const offers = $derived.by((): Offer[] => [
		...recent.map(({ words, href }): Offer => ({
			key: `recent ${href}`,
			group: 'Recent',
			words,
			detail: '',
			href,
			deed: null
		})),
		...found.map((one): Offer => ({
			key: `${one.kind} ${one.vehicle ?? ''} ${one.id}`,
			group: 'Found',
			words: one.words,
			detail: one.detail,
			href: foundHref(one),
			deed: null
		})),
		...rank(commandsAt(place), line).map(({ id, group, words, href, deed }): Offer => ({
			key: id,
			group,
			words,
			detail: '',
			href: href?.(place) ?? null,
			deed: deed ?? null
		}))
	]);
	const groups = $derived(
		GROUPS.map((group) => ({
			group,
			list: offers.filter((offer) => offer.group === group).slice(0, line.trim() === '' ? MOST_OF_A_GROUP : undefined)
		})).filter(({ list }) => list.length > 0)
	);

	/** Asks the record; an answer that comes after a later question is dropped. */
	function typed(): void {
		clearTimeout(pause);
		const mine = ++asked;
		if (line.trim() === '') {
			found = [];
			return;
		}
		pause = setTimeout(async () => {
			const vehicle = place.vehicle === undefined ? '' : `&vehicle=${encodeURIComponent(place.vehicle)}`;
			const answer = await fetch(`${resolve('/find.json')}?q=${encodeURIComponent(line)}${vehicle}`).catch(() => null);
			if (mine === asked && answer?.ok) found = await answer.json();
		}, PAUSE_MS);
	}

	function take({ href, deed, words }: Offer): void {
		ondone();
		if (href !== null) {
			keepRecent(localStorage, { words, href });
			// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved where the command or the found thing is made
			void goto(href);
		} else if (deed !== null) ondeed(deed);
	}
</script>

<Bar.Root shouldFilter={false} label="Command bar" loop>
	<Bar.Input
		class="w-full border-b border-line bg-panel px-4 py-3 text-lg outline-none"
		placeholder="A vehicle, a socket, a lamp, a kit, a page …"
		aria-label="What to open or do"
		bind:value={line}
		oninput={typed}
	/>
	<Bar.List class="max-h-[60vh] overflow-y-auto p-1.5">
		<Bar.Viewport>
			<Bar.Empty class="px-3 py-3 text-soft">Nothing on record and no page answers to “{line}”.</Bar.Empty>
			{#each groups as { group, list } (group)}
				<Bar.Group value={group}>
					<Bar.GroupHeading class="px-3 pt-2 pb-0.5 text-sm text-soft">{group}</Bar.GroupHeading>
					<Bar.GroupItems>
						{#each list as offer (offer.key)}
							<Bar.Item
								value={offer.key}
								class="flex min-h-8 cursor-pointer items-center justify-between gap-3 rounded px-3 py-1 data-selected:bg-sea-wash"
								onSelect={() => take(offer)}
							>
								<span>{offer.words}</span><span class="text-sm text-soft">{offer.detail}</span>
							</Bar.Item>
						{/each}
					</Bar.GroupItems>
				</Bar.Group>
			{/each}
		</Bar.Viewport>
	</Bar.List>
</Bar.Root>
