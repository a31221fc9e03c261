<script lang="ts">
	import Stages from '$lib/components/vehicle/Stages.svelte';

	let { data, children } = $props();
</script>

<div class="flex min-h-screen flex-col lg:h-screen">
	<Stages vehicle={data.vehicle} kits={data.kits.length} />
	<div class="min-h-0 grow">{@render children()}</div>
</div>
