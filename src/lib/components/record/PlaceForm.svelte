<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { FUNCTION_IDS, lampFunction, type FunctionId } from '$lib/core/lamps';
	import type { SocketRecordView } from '$lib/core/views';

	/** Where a socket sits and what it serves. */
	let { socket, onremoved }: { socket: SocketRecordView; onremoved: () => void } = $props();

	const desk = getDesk();
	const ZONES = ['front', 'side', 'rear', 'roof', 'cabin', 'cluster', 'engine', 'luggage'];
	const SIDES = ['left', 'right', 'centre'];

	async function save(event: SubmitEvent & { currentTarget: HTMLFormElement }): Promise<void> {
		event.preventDefault();
		const form = new FormData(event.currentTarget);
		const names = String(form.get('names'))
			.split(',')
			.map((name) => name.trim())
			.filter(Boolean);
		await desk.send({
			kind: 'place',
			socket: socket.id,
			place: {
				zone: form.get('zone'),
				side: form.get('side'),
				index: Number(form.get('index')),
				functions: [form.get('first'), form.get('second'), ...socket.place.functions.slice(2)].filter(Boolean),
				...(names.length > 0 ? { names } : {})
			}
		});
	}

	async function remove(): Promise<void> {
		const outcome = await desk.send({ kind: 'remove', socket: socket.id });
		if (outcome.ok) onremoved();
	}
</script>

{#snippet functionSelect(name: string, label: string, value: FunctionId | undefined)}
	<label class="grid gap-0.5 text-sm text-soft"
		>{label}
		<select {name} class="field text-base text-ink" {value}>
			{#if name === 'second'}<option value="">none</option>{/if}
			{#each FUNCTION_IDS as id (id)}<option value={id}>{lampFunction(id).label}</option>{/each}
		</select>
	</label>
{/snippet}

<form class="grid gap-2" onsubmit={save}>
	<div class="grid grid-cols-2 gap-2">
		{@render functionSelect('first', 'Serves', socket.place.functions[0])}
		{@render functionSelect('second', 'and', socket.place.functions[1])}
		<label class="grid gap-0.5 text-sm text-soft"
			>Zone <select name="zone" class="field text-base text-ink" value={socket.place.zone}>
				{#each ZONES as zone (zone)}<option>{zone}</option>{/each}
			</select></label
		>
		<label class="grid gap-0.5 text-sm text-soft"
			>Side <select name="side" class="field text-base text-ink" value={socket.place.side}>
				{#each SIDES as side (side)}<option>{side}</option>{/each}
			</select></label
		>
		<label class="grid gap-0.5 text-sm text-soft"
			>Number <input
				name="index"
				type="number"
				min="1"
				max="99"
				class="field text-base text-ink"
				value={socket.place.index}
			/></label
		>
		<label class="grid gap-0.5 text-sm text-soft"
			>Also called <input name="names" class="field text-base text-ink" value={socket.place.names.join(', ')} /></label
		>
	</div>
	<div class="flex gap-2">
		<button class="button">Save the place</button>
		<button type="button" class="button" onclick={remove}>Take the socket out</button>
	</div>
</form>
