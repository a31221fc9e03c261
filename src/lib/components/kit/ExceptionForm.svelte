<script lang="ts">
	import type { PolicyException } from '$lib/core/model';
	import BusyForm from '../ui/BusyForm.svelte';
	import { shopFormats } from '$lib/components/ui/shop-formats';

	const { date } = shopFormats();

	/** A signed exception from the shop's policy on LED in headlamps and fog lamps, for this kit alone. */
	let { exception }: { exception: PolicyException | null } = $props();
</script>

<h2>Exception from the policy</h2>
{#if exception}
	<p>“{exception.words}”, signed by {exception.by} on {date(exception.on)}. It stands on the kit in these words.</p>
	<BusyForm action="?/unexcept"
		>{#snippet children(busy)}<button class="button mt-1" disabled={busy}>Take it back</button>{/snippet}</BusyForm
	>
{:else}
	<details>
		<summary class="link cursor-pointer">Sign one for this kit</summary>
		<p class="my-1 text-sm text-soft">
			An LED the policy refuses is then checked by hand; choose it in Match. Local rules stay as they are: a licensed
			workshop or the inspection body decides.
		</p>
		<BusyForm action="?/except" class="grid gap-2"
			>{#snippet children(busy)}
				<label class="grid gap-0.5 text-sm text-soft"
					>Words on the kit
					<input
						name="words"
						class="field text-base text-ink"
						required
						maxlength="300"
						placeholder="off-road use only, at the customer's wish"
					/></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Signed by <input
						name="by"
						class="field text-base text-ink"
						required
						maxlength="200"
						autocomplete="name"
					/></label
				>
				<button class="button justify-center" disabled={busy}>Sign the exception</button>
			{/snippet}</BusyForm
		>
	</details>
{/if}
