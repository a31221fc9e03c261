<script lang="ts">
	interface Reading {
		name: string;
		simulated: boolean;
		faults: { code: string; channel: string; message: string; modes: string[] }[];
	}

	/** Reads the faults of the vehicle with the scan tool that is set up. */
	let { address, outputs }: { address: string; outputs: ReadonlyMap<string, string> } = $props();

	let reading = $state.raw<Reading | null>(null);
	let trouble = $state<string | null>(null);
	let busy = $state(false);

	async function read(): Promise<void> {
		busy = true;
		trouble = null;
		try {
			const response = await fetch(address);
			const answer = await response.json();
			if (response.ok) reading = answer as Reading;
			else trouble = String(answer.message);
		} catch {
			trouble = 'The scan tool did not answer. Try again.';
		}
		busy = false;
	}
</script>

<button type="button" class="button" onclick={read} disabled={busy}
	>{busy ? 'Reading…' : 'Read with the scan tool'}</button
>
{#if trouble}<p class="mt-1 text-refuse" role="alert">{trouble}</p>{/if}
{#if reading}
	<div role="status" class="mt-1 text-sm">
		<p class="font-medium">{reading.name}{reading.simulated ? ': made up from this model, not from a vehicle' : ''}</p>
		{#each reading.faults as fault (fault.channel)}
			<p>
				{fault.code}
				{outputs.get(fault.channel) ?? fault.channel}: {fault.message}
				<span class="text-soft">({fault.modes.join(', ').toLowerCase()})</span>
			</p>
		{:else}<p>No fault on record.</p>{/each}
	</div>
{/if}
