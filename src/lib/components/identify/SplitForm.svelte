<script lang="ts">
	import BusyForm from '../ui/BusyForm.svelte';

	/** Splits a configuration in two: from a model year on, or by an option that can be seen. */
	let { years }: { years: [number, number] | null } = $props();

	let by = $state<'year' | 'option'>('year');
</script>

<BusyForm action="?/split" class="panel grid content-start gap-3 p-4"
	>{#snippet children(busy)}
		<h2>Split in two</h2>
		<div class="flex gap-4">
			<label class="flex min-h-6 items-center gap-2"
				><input type="radio" name="by" value="year" bind:group={by} />from a year on</label
			>
			<label class="flex min-h-6 items-center gap-2"
				><input type="radio" name="by" value="option" bind:group={by} />by an option</label
			>
		</div>
		{#if by === 'year'}
			<label class="grid gap-0.5 text-sm text-soft"
				>First model year of the new one{years ? `, ${years[0] + 1} to ${years[1]}` : ''}
				<input name="from" class="field w-32 text-base text-ink" inputmode="numeric" required /></label
			>
		{:else}
			<div class="grid grid-cols-3 gap-2">
				<label class="grid gap-0.5 text-sm text-soft"
					>Option <input
						name="option"
						class="field min-w-0 text-base text-ink"
						placeholder="headlamp"
						required
					/></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Here it is <input
						name="stays"
						class="field min-w-0 text-base text-ink"
						placeholder="projector"
						required
					/></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>On the new one <input
						name="becomes"
						class="field min-w-0 text-base text-ink"
						placeholder="reflector"
						required
					/></label
				>
			</div>
		{/if}
		<button class="button justify-self-start" disabled={busy}>Split</button>
		<p class="text-sm text-soft">Both keep every socket and its evidence; then change what differs on the new one.</p>
	{/snippet}</BusyForm
>
