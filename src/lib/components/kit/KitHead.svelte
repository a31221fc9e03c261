<script lang="ts">
	import { staleWords } from '$lib/core/views/stale-words';
	import { counted } from '$lib/core/quantity';
	import BusyForm from '../ui/BusyForm.svelte';
	import { shopFormats } from '../ui/shop-formats';

	const { money } = shopFormats();

	/** The head of a kit: its name, where it stands on its way to release, and what it comes to. */
	let {
		data
	}: {
		data: {
			name: string;
			branch: string | null;
			state: 'draft' | 'checked' | 'released';
			code: string | null;
			revision: number;
			revisions: { revision: number }[];
			stale: string[];
			life: { checked: { by: string; on: string } | null };
			kit: { lamps: { sockets: string[] }[]; spare: number; total: number; margin: number | null };
			currency: string;
		};
	} = $props();

	const served = $derived(data.kit.lamps.reduce((sum, line) => sum + line.sockets.length, 0));
	const stands = $derived.by(() => {
		const { state, code, revision, revisions, life } = data;
		if (state === 'released')
			return `${code}, ${revision === revisions.length ? 'released' : 'superseded by a later revision'}`;
		const of = revisions.length > 0 ? ` of revision ${revision}` : '';
		return state === 'checked' ? `checked${of} by ${life.checked?.by}` : `draft${of}`;
	});
</script>

<section class="panel flex flex-wrap items-center gap-x-4 gap-y-2 px-3 py-2" aria-label="Kit">
	<BusyForm action="?/rename" quiet class="flex items-center gap-2"
		>{#snippet children(busy)}
			<input
				name="name"
				class="field w-36 font-semibold"
				aria-label="Name of the kit"
				value={data.name}
				required
				maxlength="200"
			/>
			<input type="hidden" name="was" value={data.name} />
			<button class="button" disabled={busy}>Rename</button>
		{/snippet}</BusyForm
	>
	{#if data.branch}<span class="chip flex items-center">{data.branch}</span>{/if}
	<span class="chip flex items-center" data-testid="state">{stands}</span>
	<span>{counted(served, 'socket')} served, {counted(data.kit.spare, 'piece')} spare</span>
	<span class="ml-auto text-right">
		<strong class="text-xl">{money(data.kit.total)}</strong>
		<span class="block text-sm text-soft"
			>{data.kit.margin === null ? 'margin not known' : `margin ${money(data.kit.margin)}`}</span
		>
	</span>
</section>
{#if data.stale.length > 0 && data.state !== 'released'}
	<p class="panel px-3 py-2" role="status">
		{staleWords(data.stale)} The lines are as they were then; solve it again.
	</p>
{/if}
