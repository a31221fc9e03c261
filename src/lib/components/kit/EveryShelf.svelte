<script lang="ts">
	import SolveForm from './SolveForm.svelte';

	/** Where sockets are open at a branch of a chain: solves the kit again with what lies at any branch. */
	let { at, vehicle, kit }: { at: string; vehicle: string; kit: string } = $props();
</script>

<SolveForm
	action="?/reach"
	class="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line pb-2"
	{vehicle}
	{kit}
	>{#snippet children(busy)}
		<span>Only packs on the shelf of {at} were counted.</span>
		<button class="button" disabled={busy}>{busy ? 'Working…' : 'Count every branch, solve again'}</button>
	{/snippet}</SolveForm
>
