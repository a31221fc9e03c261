<script lang="ts">
	import { resolve } from '$app/paths';
	import type { VehicleView } from '$lib/core/views';
	import TinyRota from '../rota/TinyRota.svelte';

	/** A vehicle in a list: its rota in small, its name, and how to know it. */
	let { vehicle }: { vehicle: VehicleView } = $props();
</script>

<a
	data-answer
	href={resolve('/vehicles/[id]/walk/[[socket]]', { id: vehicle.id })}
	class="panel flex h-full items-center gap-3 p-3 hover:border-sea"
>
	<TinyRota sockets={vehicle.sockets} size={58} />
	<span>
		<span class="block font-medium">{vehicle.name}</span>
		<span class="block text-soft">{vehicle.sockets.length} sockets · {vehicle.kind} · {vehicle.market} rules</span>
		{#if vehicle.options.length > 0}<span class="block text-soft">{vehicle.options.join(' · ')}</span>{/if}
		{#if vehicle.tells[0]}<span class="block text-soft">{vehicle.tells[0]}</span>{/if}
	</span>
</a>
