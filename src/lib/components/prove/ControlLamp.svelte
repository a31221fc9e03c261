<script lang="ts">
	import type { ProofOf } from '$lib/core/model';

	/** The control of a mode test: a plain lamp out of a monitored output, and whether the dash says so. */
	let {
		channels,
		control,
		busy,
		onsay
	}: {
		/** Outputs whose message may come. */
		channels: { id: string; message: string }[];
		control: ProofOf<'mode-test'>['control'];
		busy: boolean;
		onsay: (channel: string, complained: boolean) => void;
	} = $props();

	let chosen = $state('');
	const at = $derived(chosen || control?.channel || channels[0]?.id || '');
	const message = $derived(channels.find(({ id }) => id === at)?.message ?? '');
	const isSaid = (complained: boolean) => control?.channel === at && control.complained === complained;
</script>

<section class="mt-4 grid gap-1">
	<h2>Is the monitor alive at all?</h2>
	{#if channels.length === 0}
		<p class="text-sm text-soft">No output of this vehicle is monitored, as far as it is on record.</p>
	{:else}
		<p class="text-sm text-soft">
			Take a plain lamp out of a monitored output and switch it on: its message should come. If none does, a quiet dash
			proves nothing. Clean the contacts first: a message can also be an old fault.
		</p>
		<label class="grid gap-0.5 text-sm text-soft"
			>Output
			<select class="field text-base text-ink" value={at} onchange={(event) => (chosen = event.currentTarget.value)}>
				{#each channels as channel (channel.id)}<option value={channel.id}>{channel.message}</option>{/each}
			</select></label
		>
		<div class="flex flex-wrap gap-2" role="group" aria-label={`With a plain lamp out: ${message}`}>
			<button
				type="button"
				class="chip min-h-9! px-3!"
				aria-pressed={isSaid(true)}
				disabled={busy}
				onclick={() => onsay(at, true)}>it came</button
			>
			<button
				type="button"
				class="chip min-h-9! px-3!"
				aria-pressed={isSaid(false)}
				disabled={busy}
				onclick={() => onsay(at, false)}>nothing came</button
			>
		</div>
		{#if control && !control.complained}<p class="text-needs">
				The monitor said nothing of a lamp that was out: a quiet dash proves nothing here.
			</p>{/if}
	{/if}
</section>
