<script lang="ts">
	import ChipsField from '../ui/ChipsField.svelte';
	import BusyForm from '../ui/BusyForm.svelte';

	interface Unit {
		id: string;
		name: string;
		marks: string[];
		places: string[];
		vehicles: string[];
	}

	/** Lamp units that several vehicles share: which there are, one fitted here, or one begun from sockets of this vehicle. */
	let {
		units,
		sockets,
		vehicle
	}: { units: Unit[]; sockets: { id: string; name: string; unit: string | null }[]; vehicle: string } = $props();

	const ZONES = ['front', 'side', 'rear', 'roof', 'cabin'];
	const free = $derived(sockets.filter((socket) => socket.unit === null));
</script>

<section class="panel grid gap-3 p-4" aria-label="Shared lamp units">
	<h2>Shared lamp units</h2>
	<p class="text-soft">
		The same lamp in several models is kept once: a fact that is put right there is right in every vehicle that has it.
	</p>
	{#if units.length > 0}
		<table class="grid-table">
			<thead><tr><th>Unit</th><th>Marks</th><th>Sockets</th><th>In</th></tr></thead>
			<tbody>
				{#each units as unit (unit.id)}
					<tr class={unit.vehicles.includes(vehicle) ? 'bg-sea-wash' : ''}>
						<td>{unit.name}</td>
						<td>{unit.marks.join(', ')}</td>
						<td>{unit.places.join(', ')}</td>
						<td>{unit.vehicles.join(', ') || 'no vehicle'}{unit.vehicles.includes(vehicle) ? ' (this one)' : ''}</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<BusyForm action="?/fitUnit" class="flex flex-wrap items-end gap-2"
			>{#snippet children(busy)}
				<label class="grid gap-0.5 text-sm text-soft"
					>Fit <select name="unit" class="field text-base text-ink">
						{#each units as unit (unit.id)}<option value={unit.id}>{unit.name}</option>{/each}
					</select></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Zone <select name="zone" class="field text-base text-ink">
						{#each ZONES as zone (zone)}<option>{zone}</option>{/each}
					</select></label
				>
				<label class="grid gap-0.5 text-sm text-soft"
					>Sides <select name="sides" class="field text-base text-ink"
						><option value="both">left and right</option><option value="centre">centre</option></select
					></label
				>
				<button class="button" disabled={busy}>Fit it here</button>
			{/snippet}</BusyForm
		>
	{/if}
	<details>
		<summary class="min-h-6 cursor-pointer text-soft">Begin a shared unit from sockets of this vehicle</summary>
		<BusyForm action="?/makeUnit" class="mt-2 grid gap-2"
			>{#snippet children(busy)}
				<div class="grid grid-cols-2 gap-2">
					<label class="grid gap-0.5 text-sm text-soft"
						>Name <input name="name" class="field text-base text-ink" placeholder="Repeater, oval" required /></label
					>
					<ChipsField name="marks" label="What is moulded on it" separator=", " placeholder="E4 1234" />
				</div>
				<fieldset class="grid gap-x-4 sm:grid-cols-3">
					<legend class="text-sm text-soft">Sockets in it, of one side; the other side follows</legend>
					{#each free as socket (socket.id)}
						<label class="flex min-h-7 items-center gap-2"
							><input type="checkbox" name="socket" value={socket.id} />{socket.name}</label
						>
					{/each}
				</fieldset>
				<button class="button justify-self-start" disabled={busy}>Begin the unit</button>
			{/snippet}</BusyForm
		>
	</details>
</section>
