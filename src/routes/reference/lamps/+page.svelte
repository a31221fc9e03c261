<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { progressivelyDrawn } from '$lib/client/progressively-drawn.svelte';
	import { ScreenScale } from '$lib/client/screen-scale.svelte';
	import CardScale from '$lib/components/lamps/CardScale.svelte';
	import LampOutline from '$lib/components/lamps/LampOutline.svelte';
	import SeenForm from '$lib/components/lamps/SeenForm.svelte';
	import { lampsLike, type Seen } from '$lib/core/lamps';
	import { counted } from '$lib/core/quantity';
	import { seenIn, seenQuery, walkIn } from '$lib/core/views/lamp-seen';

	const SHOWN = 24;
	/** What is in sight is drawn at once, so that a keystroke is answered; the rest follows. */
	const AT_ONCE = 6;
	const scale = new ScreenScale();
	/** What was seen stands in the address, so that back and a link bring the same. */
	let seen = $derived<Seen>(seenIn(page.url.searchParams));
	/** The walk somebody came from, which a category is taken back to. */
	const walk = $derived(walkIn(page.url.searchParams));
	const found = $derived(lampsLike(seen));
	const drawn = progressivelyDrawn(() => found, AT_ONCE);
	const isAsked = $derived(Object.values(seen).some((value) => value !== undefined));

	function look(next: Seen): void {
		seen = next;
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it
		void goto(`${resolve('/reference/lamps')}${seenQuery(next, walk)}`, {
			replaceState: true,
			keepFocus: true,
			noScroll: true
		});
	}
</script>

<svelte:head><title>Which lamp is this? · Rotalux</title></svelte:head>

<main class="page lg:grid-cols-[23rem_minmax(0,1fr)]">
	<div class="grid content-start gap-3">
		<div>
			<p><a class="link" href={resolve('/reference')}>Lamp categories</a></p>
			<h1>Which lamp is this?</h1>
			<p class="text-sm text-soft">
				Say what you see; what you do not say rules nothing out. Let a hot lamp cool first.
			</p>
		</div>
		<section class="panel p-3" aria-label="What is seen"><SeenForm {seen} onseen={look} /></section>
		<CardScale {scale} />
		<p>
			<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it -->
			<a class="button" href={`${resolve('/reference/lamps/outlines.pdf')}${seenQuery(seen)}`} data-sveltekit-reload
				>Print these in true size</a
			>
		</p>
	</div>
	<section aria-label="Lamps that may be meant">
		<p class="mb-2 text-soft" role="status">
			{isAsked
				? `${counted(found.length, 'category', 'categories')} may be meant`
				: `${found.length} categories`}{found.length > SHOWN ? `; the first ${SHOWN} are drawn: say more` : ''}.
		</p>
		<ul class="grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
			{#each found.slice(0, Math.min(SHOWN, drawn())) as { category, notKnown } (`${category.system} ${category.category}`)}
				<li class="panel flex flex-col gap-1 overflow-hidden p-2">
					<div class="flex items-baseline justify-between gap-2">
						<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query behind it -->
						<a class="link font-medium" href={`${resolve('/reference')}?q=${encodeURIComponent(category.category)}`}
							>{category.category}</a
						>
						<span class="text-sm text-soft">{category.caps.join(', ')}</span>
					</div>
					{#if walk}
						{@const line = `${walk.line} ${category.category}`.trim()}
						<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved, with a query behind it -->
						<a
							class="button justify-center"
							href={`${resolve('/vehicles/[id]/walk/[[socket]]', { id: walk.vehicle })}?line=${encodeURIComponent(line)}`}
							>Write {category.category} into the walk</a
						>
						<!-- eslint-enable svelte/no-navigation-without-resolve -->
					{/if}
					<div class="overflow-x-auto"><LampOutline {category} perMm={scale.perMm} /></div>
					<p class="text-sm text-soft">
						{[
							category.length ? `${category.length} mm long` : '',
							category.diameter ? `${category.diameter} mm across` : '',
							category.glass,
							category.watts ? `${category.watts} W` : ''
						]
							.filter(Boolean)
							.join(' · ')}
						{#if notKnown.length > 0}<span class="block text-unknown"
								>{notKnown.includes('length') ? 'length' : 'width'} not in the table: compare by hand</span
							>{/if}
					</p>
				</li>
			{:else}
				<li class="panel p-3">
					No category looks like this. A measure may be off: leave one out, or look through <a
						class="link"
						href={resolve('/reference')}>all lamp categories</a
					>.
				</li>
			{/each}
		</ul>
	</section>
</main>
