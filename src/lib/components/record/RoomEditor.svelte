<script lang="ts">
	import { getDesk } from '$lib/client/record-desk.svelte';
	import { categoryOrNull } from '$lib/core/lamps';
	import { ENTRIES, SOCKET_FACTS } from '$lib/core/model';
	import type { SocketRecordView } from '$lib/core/views';
	import DrawingPick from './DrawingPick.svelte';
	import { CAP_STROKES, RETENTION_STROKES } from './drawings';
	import { readFactInput } from './fact-input';
	import HolderDrawing from './HolderDrawing.svelte';
	import KeyDial from './KeyDial.svelte';
	import { HOLDER, LENGTHS, roomOf, type Room } from './room';
	import RoomDrawing from './RoomDrawing.svelte';
	import UsualRange from '../ui/UsualRange.svelte';
	import SourceSelect from './SourceSelect.svelte';

	/** The room a socket has, drawn as it is typed, and how its lamp is held, closed and turned. */
	let { socket }: { socket: SocketRecordView } = $props();

	const desk = getDesk();
	const recorded = $derived(roomOf(socket.facts));
	/** What is typed; begins anew when the record has changed. */
	let room: Room = $derived({ ...recorded });
	const category = $derived((socket.facts.find((f) => f.id === 'category')?.value as string | null) ?? null);
	const festoon = $derived(categoryOrNull(category ?? undefined)?.mount === 'festoon');
	const fields = $derived(festoon ? [HOLDER, LENGTHS[1]] : LENGTHS);
	const changed = $derived(Object.keys(room).filter((id) => (room[id] ?? '').trim() !== recorded[id]));

	function type(id: string, text: string): void {
		room = { ...room, [id]: text };
	}

	async function save(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const facts = Object.fromEntries(changed.map((id) => [id, readFactInput('socket', id, room[id] ?? '')]));
		if (changed.length > 0)
			await desk.send({ kind: 'claim', subject: { kind: 'socket', id: socket.id }, facts, source: desk.source });
	}
</script>

<form class="grid gap-3 p-2" onsubmit={save}>
	<h2>Clearance of {socket.name}{category ? `, ${category}` : ''}</h2>
	{#if festoon}<HolderDrawing {room} {category} />{:else}<RoomDrawing {room} {category} />{/if}
	<div class="grid grid-cols-2 gap-x-3 gap-y-2 md:grid-cols-3">
		{#each fields as [id, label, hint] (id)}
			<label class="grid gap-0.5 text-sm text-soft">
				{label}, mm
				<input
					class="field text-right text-base text-ink"
					inputmode="decimal"
					value={room[id]}
					oninput={(event) => type(id, event.currentTarget.value)}
				/>
				<span class="leading-tight">{hint}</span>
				{#if SOCKET_FACTS[id].usual}<UsualRange usual={SOCKET_FACTS[id].usual} typed={room[id] ?? ''} />{/if}
			</label>
		{/each}
	</div>
	{#if !festoon}
		<div class="flex flex-wrap gap-x-6 gap-y-2">
			<DrawingPick
				label="Held by"
				fact={SOCKET_FACTS.retention}
				strokes={RETENTION_STROKES}
				bind:value={() => room.retention ?? '', (v) => type('retention', v)}
			/>
			<DrawingPick
				label="Cap behind"
				fact={SOCKET_FACTS['cap.kind']}
				strokes={CAP_STROKES}
				bind:value={() => room['cap.kind'] ?? '', (v) => type('cap.kind', v)}
			/>
			<KeyDial bind:value={() => room.keyAngle ?? '', (v) => type('keyAngle', v)} />
			<label class="grid content-start gap-0.5 text-sm text-soft">
				Entry
				<select
					class="field text-base text-ink"
					value={room['envelope.entry']}
					onchange={(e) => type('envelope.entry', e.currentTarget.value)}
				>
					<option value="">not known</option>
					{#each ENTRIES as entry (entry)}<option>{entry}</option>{/each}
				</select>
			</label>
		</div>
	{/if}
	<div class="flex items-end gap-2">
		<SourceSelect bind:value={desk.source} />
		<button class="button" data-main disabled={changed.length === 0}>Save {changed.length} changed</button>
		<button type="button" class="button" disabled={changed.length === 0} onclick={() => (room = { ...recorded })}
			>As on record</button
		>
	</div>
</form>
