<script lang="ts">
	import BusyForm from '../ui/BusyForm.svelte';

	/** Other vehicles of the model the kit does for as it is; tried when somebody asks. */
	let {
		others,
		also,
		valid,
		editable
	}: {
		/** What was tried, with the reasons against each; null before anybody asked. */
		others: { configuration: string; name: string; reasons: string[] }[] | null;
		/** Names it is said to be valid for. */
		also: string[];
		/** Their ids. */
		valid: readonly string[];
		editable: boolean;
	} = $props();
</script>

<h2 class="mt-3">Valid also for</h2>
{#if also.length === 0}<p class="text-sm text-soft">This vehicle only, so far.</p>{/if}
<ul>
	{#each also as name (name)}<li>{name}</li>{/each}
</ul>
{#if editable && others === null}
	<BusyForm action="?/others"
		>{#snippet children(busy)}<button class="button mt-1" disabled={busy}>Try the other vehicles of this model</button
			>{/snippet}</BusyForm
	>
{:else if editable && others?.length === 0}
	<p class="text-sm text-soft">There is no other vehicle of this model on record.</p>
{:else if editable && others}
	<BusyForm action="?/also" class="grid gap-1"
		>{#snippet children(busy)}
			{#each others as other (other.configuration)}
				<label class="flex min-h-6 items-start gap-2">
					<input
						type="checkbox"
						class="mt-1 size-4"
						name="also"
						value={other.configuration}
						checked={valid.includes(other.configuration)}
						disabled={other.reasons.length > 0}
					/>
					<span
						>{other.name}
						{#if other.reasons.length > 0}<span class="block text-sm text-soft"
								>no: {other.reasons[0]}{other.reasons.length > 1 ? `, and ${other.reasons.length - 1} more` : ''}</span
							>{/if}</span
					>
				</label>
			{/each}
			<button class="button justify-center" disabled={busy}>Keep these</button>
		{/snippet}</BusyForm
	>
{/if}
