<script lang="ts">
	import MessageSquareWarning from '@lucide/svelte/icons/message-square-warning';
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { navigating } from '$app/state';
	import { setVerdicts, Verdicts } from '$lib/client/verdicts.svelte';
	import { RecordDesk, setDesk } from '$lib/client/record-desk.svelte';
	import HistorySteps from '$lib/components/record/HistorySteps.svelte';
	import Stages from '$lib/components/vehicle/Stages.svelte';

	let { data, children } = $props();

	/** Somebody may be on the way to another page while a change is written: what that page has read is older than the change. */
	async function refresh(): Promise<void> {
		await navigating.complete;
		await invalidateAll();
	}

	setDesk(
		new RecordDesk({
			address: () => resolve('/vehicles/[id]/record', { id: data.vehicle.id }),
			revision: () => data.revision,
			closed: () => data.closed,
			fetch: (...request) => fetch(...request),
			refresh
		})
	);

	const verdicts = setVerdicts(
		new Verdicts({
			address: () => resolve('/vehicles/[id]/verdicts.json', { id: data.vehicle.id }),
			fetch: (...request) => fetch(...request)
		})
	);
	let shown = '';
	$effect(() => {
		if (shown !== data.vehicle.id) verdicts.forget();
		shown = data.vehicle.id;
		// Whatever was read anew may have moved them.
		void verdicts.look();
	});
</script>

<div class="flex min-h-screen flex-col lg:h-screen">
	<Stages
		vehicle={data.vehicle}
		undecided={verdicts.undecided(data.vehicle.sockets)}
		kits={data.kits}
		questions={data.questions}
	>
		<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved, with a query behind it -->
		<a
			class="button px-2!"
			href={`${resolve('/complaints/new')}?vehicle=${encodeURIComponent(data.vehicle.id)}`}
			aria-label="Complaint"
			title="File a complaint about this vehicle"><MessageSquareWarning class="size-4" aria-hidden="true" /></a
		>
		<!-- eslint-enable svelte/no-navigation-without-resolve -->
		<HistorySteps steps={data.steps} />
	</Stages>
	<div class="min-h-0 grow">{@render children()}</div>
</div>
