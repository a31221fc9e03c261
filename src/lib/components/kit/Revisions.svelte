<script lang="ts">
	import { resolve } from '$app/paths';
	import BusyForm from '../ui/BusyForm.svelte';
	import { shopFormats } from '../ui/shop-formats';

	const { day } = shopFormats();

	/** Every revision that was released, and what is under way beside them. */
	let {
		revisions,
		shown,
		vehicle,
		kit,
		underWay
	}: {
		revisions: { revision: number; code: string; releasedAt: string }[];
		/** The revision that is shown. */
		shown: number;
		vehicle: string;
		kit: string;
		/** True while the next revision is a draft. */
		underWay: boolean;
	} = $props();

	const where = $derived({ id: vehicle, kit });
	const pageOf = (revision: number) =>
		`${resolve('/vehicles/[id]/kit/[kit]', where)}?revision=${revision}&side=release`;
	const stands = (revision: number) => (revision === revisions.length ? 'valid' : 'superseded');
</script>

{#if revisions.length > 0}
	<h2 class="mt-3">Revisions</h2>
	<ul>
		{#each revisions as { revision, code, releasedAt } (code)}
			<li class="border-b border-line py-1 last:border-0">
				<!-- eslint-disable svelte/no-navigation-without-resolve (resolved, with a query behind it) -->
				<a
					class="link font-medium"
					href={pageOf(revision)}
					aria-current={!underWay && revision === shown ? 'true' : undefined}>{code}</a
				>
				<!-- eslint-enable svelte/no-navigation-without-resolve -->
				<span class="text-soft">{day(releasedAt)}, {stands(revision)}</span>
				<a class="link ml-2 text-sm" href={resolve('/k/[code]', { code })}>customer page</a>
				<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved before the question is added -->
				<a class="link ml-2 text-sm" href={`${resolve('/sales/new')}?code=${code}`}>quote it</a>
			</li>
		{/each}
	</ul>
	<div class="mt-2 flex flex-wrap gap-2">
		{#if revisions.length + (underWay ? 1 : 0) > 1}
			<a class="button" href={resolve('/vehicles/[id]/kit/[kit]/compare', where)}>Compare revisions</a>
		{/if}
		{#if underWay}
			<BusyForm action="?/drop"
				>{#snippet children(busy)}<button class="button" disabled={busy}>Drop the revision under way</button
					>{/snippet}</BusyForm
			>
		{/if}
	</div>
{/if}
