<script lang="ts">
	import type { VinView } from '$lib/core/views';

	/** What a vehicle identification number says, and who says so. */
	let { vin }: { vin: VinView } = $props();
</script>

<section class="panel p-3" aria-label="Vehicle identification number">
	<p>
		<strong>{vin.vin}</strong>
		{#if vin.says}says: {vin.says}{vin.year
				? `, model year ${vin.year}`
				: ''}{:else if vin.trouble}{vin.trouble}{:else}is not known to the decoder{vin.year
				? `; its tenth character means model year ${vin.year}`
				: ''}.{/if}
	</p>
	<p class="text-soft">
		{vin.checkDigit === 'right'
			? 'The check digit is right.'
			: 'The check digit is not right. Markets that do not use it put anything there; else a character was misread.'}
		{vin.simulated
			? `${vin.service}: simulated, its makers are made up. A real service can be set in its place.`
			: `Decoded by ${vin.service}.`}
	</p>
</section>
