<script lang="ts">
	import type { LineView } from '$lib/core/views';
	import SolveForm from './SolveForm.svelte';

	/** Says how many pieces of a part the customer already has; the kit then brings the rest only. */
	let { parts, vehicle, kit }: { parts: LineView[]; vehicle: string; kit: string } = $props();

	const named = $derived([...new Map(parts.map((line) => [line.accessory ?? '', line.name]))]);
</script>

{#if named.length > 0}
	<details class="mt-3">
		<summary class="link cursor-pointer">The customer already has a part</summary>
		<SolveForm action="?/own" class="mt-1 grid gap-2" {vehicle} {kit}
			>{#snippet children(busy)}
				<label class="grid gap-0.5 text-sm text-soft"
					>Part
					<select name="accessory" class="field text-base text-ink">
						{#each named as [id, name] (id)}<option value={id}>{name}</option>{/each}
					</select></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Pieces <input name="pieces" class="field w-24 text-base text-ink" inputmode="numeric" required /></label
				>
				<button class="button justify-center" disabled={busy}>They have them</button>
			{/snippet}</SolveForm
		>
	</details>
{/if}
