<script lang="ts">
	import { invalidate } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { counted } from '$lib/core/quantity';
	import Message from '$lib/components/ui/Message.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';
	import { whole } from './cover-words';

	/** When the cover was worked out, what changed since, and the run that is under way, with the means to start and stop it. */
	let {
		standing,
		run
	}: {
		standing: {
			finishedAt: string | null;
			changed: { vehicles: number; products: number };
			vehicles: number;
			products: number;
		};
		run: { progress: { phase: string; done: number; of: number }; secondsLeft: number | null } | null;
	} = $props();

	const shop = shopFormats();
	const PHASES: Record<string, string> = {
		products: 'Reading products',
		vehicles: 'Reading vehicles',
		judging: 'Matching sockets',
		done: 'Done'
	};
	const EVERY_MS = 700;
	let now = $state.raw<typeof run | undefined>(undefined);
	/** Why a start or a stop was refused. */
	let refused = $state('');
	const shown = $derived(now === undefined ? run : now);
	const changed = $derived(standing.changed.vehicles + standing.changed.products);

	async function ask(method: 'POST' | 'DELETE') {
		const answer = await fetch(resolve('/cover/run.json'), { method, headers: { accept: 'application/json' } });
		refused = answer.ok ? '' : ((await answer.json()) as { message?: string }).message || 'That cannot be done now.';
		await look();
	}

	async function look() {
		const answer = await fetch(resolve('/cover/run.json'));
		if (!answer.ok) return;
		const before = shown;
		now = (await answer.json()) as typeof run;
		if (before && now === null) {
			await invalidate('cover:run');
			now = undefined;
		}
	}

	$effect(() => {
		if (!shown) return;
		const timer = setInterval(() => void look(), EVERY_MS);
		return () => clearInterval(timer);
	});
</script>

<div class="flex flex-wrap items-center gap-3 text-sm" aria-live="polite">
	{#if shown}
		<span>
			{PHASES[shown.progress.phase] ?? shown.progress.phase}: {whole(shown.progress.done)} of {whole(
				shown.progress.of
			)}{#if shown.secondsLeft !== null && shown.secondsLeft > 1}, about {whole(shown.secondsLeft)} s left{/if}
		</span>
		<progress class="w-40" aria-label="Progress" value={shown.progress.done} max={Math.max(1, shown.progress.of)}
		></progress>
		<button type="button" class="button" onclick={() => ask('DELETE')}>Stop</button>
		<span class="text-soft">What is done is kept.</span>
	{:else if standing.finishedAt === null}
		<button type="button" class="button" data-main onclick={() => ask('POST')}>Calculate cover</button>
		<span class="text-soft"
			>{counted(standing.vehicles, 'vehicle')} against {counted(standing.products, 'product')}; people go on working
			meanwhile.</span
		>
	{:else}
		<span class="text-soft">Calculated {shop.moment(standing.finishedAt)}.</span>
		{#if changed > 0}
			<span>
				Since then {counted(standing.changed.vehicles, 'vehicle')} and {counted(standing.changed.products, 'product')}
				changed.
			</span>
			<button type="button" class="button" data-main onclick={() => ask('POST')}>Bring it up to date</button>
		{/if}
	{/if}
</div>
{#if refused}<Message text={refused} />{/if}
