<script lang="ts">
	import { resolve } from '$app/paths';
	import { counted } from '$lib/core/quantity';
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
	<TinyRota sockets={vehicle.sockets} size={72} />
	<span>
		<span class="block font-medium">{vehicle.title}</span>
		<span class="block">{vehicle.marks.join(' · ')}</span>
		<span class="block text-sm text-soft"
			>{counted(vehicle.sockets.length, 'socket')} · {vehicle.kind} · {vehicle.market} rules</span
		>
		{#if vehicle.tells[0]}<span class="block text-sm text-soft">{vehicle.tells[0]}</span>{/if}
	</span>
</a>
